import type { JobView } from '@kesto/contract';
import { drawnName, kitLineText, ON_VAN_WORDS } from '@kesto/contract/wording';
import { jointMinutes, kitOf, kitRequestOf, type CircuitGraph, type KitLine } from '@kesto/core';
import Papa from 'papaparse';
import { useMemo } from 'react';
import { v7 as uuid } from 'uuid';
import { jobEntryWrite } from '@/data/jobs/writes';
import { useJointsOf } from '@/data/jobs/useJointsOf';
import { factsOfJob } from '@/data/stages/pendingStages';
import { useVanStock, useVanUseQuery } from '@/data/van/api';
import { useWrite } from '@/outbox';
import { useKeptForm } from '@/forms/keptForm';
import { useUnits } from '@/session/units';
import { saveFile } from '@/ui/files';

export interface KitRowView {
  readonly line: KitLine;
  readonly name: string;
  readonly amount: string;
  readonly packed: boolean;
}

interface Ticks {
  readonly packed: readonly string[];
}
const asItStands = (values: Ticks) => ({ values, errors: {} });

/** What a job needs to be taken along, ticked off as it is laid out. */
export function useKit(job: JobView, graph: CircuitGraph | null) {
  const units = useUnits();
  const { data: van } = useVanStock();
  const { data: use } = useVanUseQuery();
  const joints = useJointsOf(job.order.map(({ id }) => id));
  const { keep: write, busy, problem } = useWrite();
  const form = useKeptForm<Ticks>(`kit.${job.id}.${job.kit?.id ?? 'first'}`, { packed: job.kit?.packed ?? [] }, asItStands);
  const { packed } = form.watch();
  const request = useMemo(
    () =>
      van
        ? kitRequestOf({
            joints: joints.map(({ at, state, plan }) => ({ at, state, plan: plan?.plan ?? null })),
            facts: factsOfJob(job.stages),
            ...{ graph, van, used: use?.fillers ?? [] },
          })
        : null,
    [joints, job.stages, graph, van, use],
  );
  const lines = useMemo(() => (request ? kitOf(request) : []), [request]);
  const nameOf = (place: string) => (graph ? drawnName(graph, place) : place);
  const rows: readonly KitRowView[] = lines.map((line) => ({
    ...{ line, packed: packed.includes(line.id) },
    ...kitLineText(line, units, nameOf),
  }));
  const onVan = rows.filter((row) => !row.packed && row.line.onVan === 'enough').map(({ line }) => line.id);
  const missing = rows.filter((row) => !row.packed);
  return {
    ...{ rows, missing, busy, isLoading: !van || joints.length < job.order.length, problem: problem?.message ?? null },
    minutes: request ? jointMinutes(request.plans) : 0,
    planned: request?.plans.length ?? 0,
    notPlanned: joints.filter(({ state }) => state === 'not-planned').length,
    onVan,
    tickOnVan: () => form.setValue('packed', [...packed, ...onVan]),
    isKept: job.kit != null && job.kit.packed.join() === packed.join(),
    toggle: (id: string) => form.setValue('packed', packed.includes(id) ? packed.filter((one) => one !== id) : [...packed, id]),
    /** Nobody has ticked anything yet. */
    isUntouched: job.kit == null && packed.length === 0,
    /** Keeps what is ticked, or what is named; true once it is safe on the device. */
    async keep(laid: readonly string[] = packed): Promise<boolean> {
      const ids = lines.map(({ id }) => id);
      const values = { packed: ids.filter((id) => laid.includes(id)), missing: ids.filter((id) => !laid.includes(id)) };
      const isSafe = await write(jobEntryWrite(job.id, uuid(), { kind: 'kit-kept', values }));
      if (isSafe) form.forget();
      return isSafe;
    },
    saveCsv() {
      const table = rows.map((row) => ({
        ...{ thing: row.name, amount: row.amount, van: ON_VAN_WORDS[row.line.onVan], laid_out: row.packed ? 'yes' : 'no' },
      }));
      // What begins like a formula is quoted, so that no sheet runs it.
      const text = Papa.unparse(table, { escapeFormulae: true });
      saveFile(new Blob([text], { type: 'text/csv;charset=utf-8' }), `${job.unit.tag}-job-${job.number}-kit.csv`);
    },
  };
}
export type KitWork = ReturnType<typeof useKit>;
