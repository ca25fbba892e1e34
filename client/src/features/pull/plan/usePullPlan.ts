import type { JobView } from '@kesto/contract';
import { calcErrorText } from '@kesto/contract/wording';
import {
  lastPull,
  pumpingOf,
  rigHolds,
  workOutPullBegan,
  type CircuitGraph,
  type GaugePlace,
  type Quantity,
  type RiseLimit,
  type Told,
} from '@kesto/core';
import { pull as pullOf, pullReach } from '@kesto/core/pull';
import { useMemo, useState } from 'react';
import { sightOf } from '@/data/stages/sections';
import type { StageWork } from '@/data/stages/useStage';
import { useSchools } from '@/data/shop/useSchools';
import { useVanStock } from '@/data/van/api';
import { readFields, type Read } from '@/forms/fields';
import { useFigures } from '@/forms/useFigures';
import { useUnits } from '@/session/units';
import { useCurves } from './useCurves';

const FIGURES = {
  volume: { label: 'volume', kind: 'volume', hint: 'all that is pulled' },
  ambient: { label: 'around it', kind: 'temperature' },
  coldest: { label: 'coldest wall', kind: 'temperature', hint: 'as around it where empty *', optional: true },
  speed: { label: 'pump moves *', kind: 'pump-speed' },
  ultimate: { label: 'pump alone reaches *', kind: 'vacuum' },
  bore: { label: 'hose bore *', kind: 'length' },
  length: { label: 'hose length *', kind: 'distance' },
  limit: { label: 'may rise to', kind: 'vacuum', hint: '500 micron where empty *', optional: true },
} as const;
type Figured = Read<typeof FIGURES>;

const USUAL = { speed: '8 cfm', ultimate: '25 micron', bore: '9.5 mm', length: '1.5 m' } as const;
const LIMIT: Quantity = { value: 500, unit: 'micron' };
const AMBIENT: Quantity = { value: 20, unit: 'C' };
const EMPTY: CircuitGraph = { parts: [], links: [] };

/** Where hoses can hang: its ports, all of them at first. */
const portsOf = (graph: CircuitGraph | null): readonly string[] =>
  (graph?.parts ?? []).filter(({ kind }) => kind === 'port').map(({ id }) => id);

/** A pull that is planned: where the hoses hang, what the pump reaches, how long it takes at best. */
export function usePullPlan(job: JobView, graph: CircuitGraph | null, work: StageWork) {
  const units = useUnits();
  const { data: van } = useVanStock();
  const schools = useSchools(job.schools);
  const before = lastPull(work.facts)?.began.values;
  const all = portsOf(graph);
  const [picked, setPicked] = useState<readonly string[] | null>(null);
  const ports = picked ?? before?.ports ?? all;
  const [core, setCore] = useState<'in' | 'out'>('out');
  const [gaugeAt, setGaugeAt] = useState<GaugePlace>('system-far');
  const [pickedSchool, setSchool] = useState<RiseLimit | null>(null);
  const school = pickedSchool ?? (schools?.here.riseLimit as RiseLimit | undefined) ?? '500-in-10'; // cast: the school's own words
  const [esterOil, setEsterOil] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const volumeM3 = useMemo(
    () => (graph ? (sightOf(job, graph, { cuts: [], van })?.sections ?? []).reduce((sum, section) => sum + section.volumeM3, 0) : 0),
    [job, graph, van],
  );
  const usualVolume = volumeM3 > 0 ? `${Number((volumeM3 * 1000).toPrecision(3))} L` : '';
  const figures = useFigures(work.keptAs('plan'), FIGURES, { ...USUAL, volume: usualVolume });
  const texts = Object.fromEntries(figures.keys.map((key) => [key, figures.textOf(key)]));
  const { read } = readFields(FIGURES, texts, units);
  const gauge = van?.instruments?.find(({ kind }) => kind === 'vacuum-gauge');

  const toldOf = (typed: Partial<Figured>): Told<'pull-began'> | null => {
    const { volume, speed, ultimate, bore, length, ambient = AMBIENT, coldest, limit = LIMIT } = typed;
    if (!volume || !speed || !ultimate || !bore || !length || ports.length === 0) return null;
    return {
      ...{ ports: [...ports], volume, pump: { speed, ultimate }, hoses: ports.map(() => ({ bore, length, core })), ambient, limit },
      gauge: { name: gauge?.name ?? 'vacuum gauge', ...(gauge?.calibratedUntil ? { calibratedUntil: gauge.calibratedUntil } : {}) },
      ...{ gaugeAt, school, ...(coldest ? { coldest } : {}), ...(esterOil ? { esterOil } : {}) },
    };
  };
  const held = { graph: graph ?? EMPTY, facts: work.facts, refrigerant: job.circuit.refrigerant, altitudeM: job.site.altitudeM };
  const told = toldOf(read);
  const pumping = told ? pumpingOf(told, held.altitudeM) : null;
  const curves = useCurves(pumping?.ok ? pumping.value : null);
  const said = pullOf({ circuit: held.graph, ports: [...ports], refrigerant: held.refrigerant });

  async function keep(typed: Figured): Promise<boolean> {
    const now = toldOf(typed);
    const made = now && workOutPullBegan(now, held);
    if (!now || !made?.ok) {
      const [error] = made && !made.ok ? made.errors : [];
      setProblem(error && 'field' in error ? `${error.field} ${calcErrorText(error)}` : null);
      return false;
    }
    return work.note('pull-began', { ...now, ...made.value });
  }
  return {
    ...{ ports, all, core, gaugeAt, school, esterOil, figures, problem, setCore, setGaugeAt, setSchool, setEsterOil },
    togglePort: (id: string) => setPicked(ports.includes(id) ? ports.filter((one) => one !== id) : [...ports, id]),
    curves,
    reach: graph ? pullReach(graph, ports) : null,
    cautions: said.ok ? said.value.cautions : [],
    rigHolds: rigHolds(work.facts),
    submit: () => void figures.submit(keep),
  };
}
export type PullPlanWork = ReturnType<typeof usePullPlan>;
