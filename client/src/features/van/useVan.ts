import type { VanStock, VanUse } from '@kesto/contract';
import { calcErrorText } from '@kesto/contract/wording';
import {
  canonicalHash,
  cylinderGauge,
  fuelGauge,
  FILLERS,
  findFiller,
  readVan,
  usualRod,
  writeGaugePressure,
  rodLength,
  type AcetyleneSize,
  type CarriedWrap,
  type FluxClass,
  type Fuel,
  type GasCylinder,
  type Instrument,
  type RecoveryCylinder,
  type Rod,
  type UnitPreferences,
  type VanTip,
} from '@kesto/core';
import { useMemo, useState } from 'react';
import { DraftReader } from '@/forms/draftReader';
import { useKeptForm } from '@/forms/keptForm';
import { useUnits } from '@/session/units';
import { onExact, useWrite } from '@/outbox';
import { vanWrite } from '@/data/van/writes';

/** The van while it is counted: what is on it, and the cylinder's figures as they are typed. */
export interface VanDraft {
  readonly fillers: VanStock['fillers'];
  readonly instruments: readonly Instrument[];
  readonly recovery: readonly RecoveryCylinder[];
  readonly gases: readonly GasCylinder[];
  readonly flux: readonly { readonly class: FluxClass; readonly grams: number }[];
  readonly wraps: readonly CarriedWrap[];
  readonly fuel: Fuel;
  readonly tips: readonly VanTip[];
  readonly fuelSize: AcetyleneSize | '';
  readonly fuelGauge: string;
  readonly waterVolume: string;
  readonly pressure: string;
}

const draftOf = ({ torch, cylinder, ...van }: VanStock, units: UnitPreferences): VanDraft => {
  const { fillers, instruments = [], recovery = [], gases = [], flux = [], wraps = [] } = van;
  return {
    ...{ fillers, instruments, recovery, gases, flux, wraps },
    fuel: torch.fuel,
    tips: torch.tips ?? [],
    fuelSize: torch.fuelCylinder?.size ?? '',
    fuelGauge: torch.fuelCylinder ? writeGaugePressure(fuelGauge(torch.fuelCylinder), units) : '',
    waterVolume: `${cylinder.waterVolume.value} ${cylinder.waterVolume.unit}`,
    pressure: writeGaugePressure(cylinderGauge(cylinder), units),
  };
};

/** The draft's field an error is about. */
function fieldOf(field: string): string {
  if (field.startsWith('torch.tips')) return 'tips';
  return field === 'torch.fuelCylinder.gauge' ? 'fuelGauge' : field.replace('cylinder.', '');
}

/** The torch as it was counted: a fuel cylinder of which the gauge was read counts. */
function torchFrom({ fuel, tips, fuelSize, fuelGauge: text }: VanDraft, reader: DraftReader): VanStock['torch'] {
  const gauge = fuelSize === '' ? undefined : reader.pressure('fuelGauge', text);
  if (fuelSize !== '' && !gauge) reader.problems['fuelGauge'] ??= 'is needed';
  return { fuel, ...(tips.length > 0 ? { tips } : {}), ...(fuelSize !== '' && gauge ? { fuelCylinder: { size: fuelSize, gauge } } : {}) };
}

/** Reads the count, or says by field what cannot be read. */
function read(draft: VanDraft, units: UnitPreferences): { van: VanStock | null; problems: Readonly<Record<string, string>> } {
  const reader = new DraftReader(units);
  const waterVolume = reader.volume('waterVolume', draft.waterVolume, 'L');
  const pressure = reader.pressure('pressure', draft.pressure);
  if (!waterVolume) reader.problems['waterVolume'] ??= 'is needed: it is stamped on the cylinder’s shoulder';
  if (!pressure) reader.problems['pressure'] ??= 'is needed';
  const torch = torchFrom(draft, reader);
  if (!waterVolume || !pressure || Object.keys(reader.problems).length > 0) return { van: null, problems: reader.problems };
  const { fillers, instruments, recovery, gases, flux, wraps } = draft;
  const van = readVan({ fillers, instruments, recovery, gases, flux, wraps, torch, cylinder: { waterVolume, pressure } });
  if (van.ok) return { van: van.value, problems: {} };
  return { van: null, problems: Object.fromEntries(van.errors.map((e) => [fieldOf(e.field), calcErrorText(e)])) };
}

/** An empty lot is none. */
const withLot = ({ lot: _before, ...filler }: VanStock['fillers'][number], lot: string): VanStock['fillers'][number] =>
  lot === '' ? filler : { ...filler, lot };

/** Read as it is kept: a draft may hold what cannot be read yet. */
const asItStands = (values: VanDraft) => ({ values, errors: {} });

/** What a person does with the van's count. */
export function useVan(stored: VanStock, use: VanUse | undefined) {
  const units = useUnits();
  const usual = useMemo(() => draftOf(stored, units), [stored, units]);
  // A count that was left is taken up again; once another one is stored it is of no use.
  const { watch, getValues, setValue, forget } = useKeptForm<VanDraft>(`van.${canonicalHash(stored)}`, usual, asItStands);
  const draft = watch();
  const [touched, setTouched] = useState(() => JSON.stringify(getValues()) !== JSON.stringify(usual));
  const { keep, busy, problem } = useWrite();
  // What it was counted from: what is stored meanwhile, by whomever, is not overwritten by it.
  const [before, setBefore] = useState(stored);
  const { van, problems } = read(draft, units);
  const change = (part: Partial<VanDraft>) => {
    setTouched(true);
    for (const key of Object.keys(part) as (keyof VanDraft)[]) setValue(key, part[key] as VanDraft[typeof key]); // cast: the keys and values of this part
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
    /** Sticks that joints took of a row since it was counted; null where they took none. */
    usedOf: ({ designation, rod: of }: VanStock['fillers'][number]) => {
      const filler = findFiller(designation);
      const used = use?.fillers.find((row) => row.designation === designation);
      return filler && used
        ? { ...used, everCounted: (use?.since ?? null) !== null, sticks: rodLength(filler, of, used.lengthM).sticks }
        : null;
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
      // Whoever puts an instrument on has not counted the rods: what joints took since stays to be taken off.
      const recounted = JSON.stringify(van.fillers) !== JSON.stringify(stored.fillers);
      const countedAt = recounted ? new Date().toISOString() : stored.countedAt;
      const exact = onExact(before, read(draftOf(before, units), units).van, van) as VanStock; // cast: vans merged are a van
      const counted = { ...exact, ...(countedAt ? { countedAt } : {}) };
      if (!(await keep(vanWrite(counted, before)))) return;
      setBefore(counted);
      forget();
      setTouched(false);
    },
  };
}
