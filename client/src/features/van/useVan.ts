import type { VanStock } from '@kesto/contract';
import { calcErrorText } from '@kesto/contract/wording';
import {
  cylinderGauge,
  FILLERS,
  readVan,
  usualRod,
  writeGaugePressure,
  type Fuel,
  type Instrument,
  type RecoveryCylinder,
  type Rod,
  type UnitPreferences,
} from '@kesto/core';
import { useState } from 'react';
import { DraftReader } from '@/state/draftReader';
import { useUnits } from '@/state/units';
import { useWrite } from '@/outbox';
import { vanWrite } from './api';

/** The van while it is counted: what is on it, and the cylinder's figures as they are typed. */
export interface VanDraft {
  readonly fillers: VanStock['fillers'];
  readonly instruments: readonly Instrument[];
  readonly recovery: readonly RecoveryCylinder[];
  readonly fuel: Fuel;
  readonly waterVolume: string;
  readonly pressure: string;
}

const draftOf = ({ fillers, instruments = [], recovery = [], torch, cylinder }: VanStock, units: UnitPreferences): VanDraft => {
  return {
    fillers,
    instruments,
    recovery,
    fuel: torch.fuel,
    waterVolume: `${cylinder.waterVolume.value} ${cylinder.waterVolume.unit}`,
    pressure: writeGaugePressure(cylinderGauge(cylinder), units),
  };
};

/** Reads the count, or says by field what cannot be read. */
function read(draft: VanDraft, units: UnitPreferences): { van: VanStock | null; problems: Readonly<Record<string, string>> } {
  const reader = new DraftReader(units);
  const waterVolume = reader.volume('waterVolume', draft.waterVolume, 'L');
  const pressure = reader.pressure('pressure', draft.pressure);
  if (!waterVolume) reader.problems['waterVolume'] ??= 'is needed: it is stamped on the cylinder’s shoulder';
  if (!pressure) reader.problems['pressure'] ??= 'is needed';
  if (!waterVolume || !pressure) return { van: null, problems: reader.problems };
  const { instruments, recovery } = draft;
  const asked = { fillers: draft.fillers, instruments, recovery, torch: { fuel: draft.fuel }, cylinder: { waterVolume, pressure } };
  const van = readVan(asked);
  if (van.ok) return { van: van.value, problems: {} };
  return { van: null, problems: Object.fromEntries(van.errors.map((e) => [e.field.replace('cylinder.', ''), calcErrorText(e)])) };
}

/** An empty lot is none. */
const withLot = ({ lot: _before, ...filler }: VanStock['fillers'][number], lot: string): VanStock['fillers'][number] =>
  lot === '' ? filler : { ...filler, lot };

/** What a person does with the van's count. */
export function useVan(stored: VanStock) {
  const units = useUnits();
  const [draft, setDraft] = useState<VanDraft>(() => draftOf(stored, units));
  const [touched, setTouched] = useState(false);
  const { keep, busy, problem } = useWrite();
  const { van, problems } = read(draft, units);
  const change = (part: Partial<VanDraft>) => {
    setTouched(true);
    setDraft({ ...draft, ...part });
  };
  const row = (designation: string, part: Partial<VanStock['fillers'][number]>) =>
    change({ fillers: draft.fillers.map((f) => (f.designation === designation ? { ...f, ...part } : f)) });
  const here = draft.fillers.map((f) => f.designation);
  return {
    draft,
    problems,
    change,
    touched,
    busy,
    problem: problem?.message ?? null,
    canKeep: touched && van !== null && !busy,
    count: (designation: string, by: number) => {
      const now = draft.fillers.find((f) => f.designation === designation)?.count ?? 0;
      row(designation, { count: Math.max(0, now + by) });
    },
    setRod: (designation: string, rod: Rod) => row(designation, { rod }),
    setLot: (designation: string, lot: string) =>
      change({ fillers: draft.fillers.map((f) => (f.designation === designation ? withLot(f, lot) : f)) }),
    takeOff: (designation: string) => change({ fillers: draft.fillers.filter((f) => f.designation !== designation) }),
    add: (designation: string) => {
      const filler = FILLERS.find((f) => f.designation === designation);
      if (filler) change({ fillers: [...draft.fillers, { designation, rod: usualRod(filler), count: 1 }] });
    },
    /** What could be put on: everything but what is on it, and what may never be used. */
    others: FILLERS.filter((f) => !f.holdsCadmium && !here.includes(f.designation)),
    async keep() {
      if (!van) return;
      if (await keep(vanWrite(van))) setTouched(false);
    },
  };
}
