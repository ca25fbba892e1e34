import type { JobView } from '@kesto/contract';
import { calcErrorText } from '@kesto/contract/wording';
import { planOfHold, workOutHoldBegan, type CalcError, type CircuitGraph, type HoldPlan, type Quantity } from '@kesto/core';
import { useMemo, useState } from 'react';
import type { StageWork } from '@/data/stages/useStage';
import { useSchools } from '@/data/shop/useSchools';
import { useVanStock } from '@/data/van/api';
import { readFields, type Read } from '@/forms/fields';
import { useFigures, type Figures } from '@/forms/useFigures';
import { useUnits } from '@/session/units';
import { useChoices } from './useChoices';
import type { PickedGas } from './GasChoice';
import { compressorOf, gaugesOf, heldHere, offKOf, toldOf, type Typed } from './told';

export const FIGURES = {
  volume: { label: 'volume', kind: 'volume', hint: 'as 2.3 L' },
  ambient: { label: 'pipe now', kind: 'temperature', hint: 'as read on it' },
  hottest: { label: 'warmest it may get', kind: 'temperature', hint: '10 K above now where empty *', optional: true },
  pressure: { label: 'hold at', kind: 'pressure', hint: 'as planned where empty *', optional: true },
  minutes: { label: 'held for', kind: 'minutes', hint: 'as long as it needs where empty *', optional: true },
} as const;
type Figured = Read<typeof FIGURES>;

const EMPTY: CircuitGraph = { parts: [], links: [] };
const RIG_L = '0.3 L';
const ASSUMED: { readonly volume: Quantity; readonly ambient: Quantity } = {
  volume: { value: 0.3, unit: 'L' },
  ambient: { value: 20, unit: 'C' },
};
const litres = (volumeM3: number) => `${Number((volumeM3 * 1000).toPrecision(3))} L`;

/** Where the gas goes in: a port of the section, else any of its parts. */
const inletOf = (graph: CircuitGraph, parts: readonly string[]): string | undefined =>
  parts.find((id) => graph.parts.some((part) => part.id === id && part.kind === 'port')) ?? parts[0];

/** What is ticked of a list. */
function useTicks() {
  const [ticked, set] = useState<readonly string[]>([]);
  return {
    ticked,
    toggle: (one: string) => set(ticked.includes(one) ? ticked.filter((other) => other !== one) : [...ticked, one]),
    clear: () => set([]),
  };
}

/** What is wrong stands under its field; answered where none is its own. */
function complainOf([error]: readonly CalcError[], figures: Figures<typeof FIGURES>): string | null {
  const field = error && 'field' in error ? error.field : '';
  const own = figures.keys.find((key) => key === field);
  if (!error) return null;
  if (own === undefined) return `${field} ${calcErrorText(error)}`;
  figures.complain(own, calcErrorText(error));
  return null;
}

/** With what gas, and whether to a strength test first. */
function useTest() {
  const [gas, setGas] = useState<PickedGas>('nitrogen');
  const [isStrong, setStrong] = useState(false);
  const strengthOf = (plan: HoldPlan | null): Quantity | undefined =>
    isStrong && plan?.strength.may ? { value: Math.floor(plan.strength.gaugePa / 1000), unit: 'kPag' } : undefined;
  return { gas, setGas, setStrong, strengthOf };
}

/** A hold that is planned: what is held, what caps it, with which gauge, and what is looked to before it begins. */
export function useHoldPlan(job: JobView, graph: CircuitGraph | null, work: StageWork) {
  const units = useUnits();
  const { data: van } = useVanStock();
  const schools = useSchools(job.schools);
  const gauges = useMemo(() => gaugesOf(van), [van]);
  const { choices, choice, at, setAt } = useChoices(job, graph, van);
  const [gaugeAt, setGaugeAt] = useState(0);
  const test = useTest();
  const off = useTicks();
  const looked = useTicks();
  const [problem, setProblem] = useState<string | null>(null);
  const parts = choice.rig ? [] : choice.section.parts;
  const usualVolume = choice.rig ? RIG_L : choice.section.volumeM3 > 0 ? litres(choice.section.volumeM3) : '';
  const figures = useFigures(work.keptAs(`plan.${choice.rig ? 'rig' : parts.join('+')}`), FIGURES, { volume: usualVolume });
  const texts = Object.fromEntries(figures.keys.map((key) => [key, figures.textOf(key)]));
  const held = useMemo(() => heldHere(job, graph ?? EMPTY, work.facts), [job, graph, work.facts]);

  const typedFrom = (read: Partial<Figured>, pressure: Quantity, strength?: Quantity): Typed => ({
    ...{ gas: test.gas === 'other' ? 'nitrogen' : test.gas, strength },
    ...{ parts, rig: choice.rig, pressure, takenOff: off.ticked, hottest: read.hottest, minutes: read.minutes?.value },
    at: choice.rig ? undefined : inletOf(graph ?? EMPTY, parts),
    volume: read.volume ?? ASSUMED.volume,
    ambient: read.ambient ?? ASSUMED.ambient,
    gauge: gauges[gaugeAt] ?? gauges[0] ?? { name: 'gauge', resolution: { value: 1, unit: 'kPa' } },
    offK: offKOf(van),
    practice: schools?.here.testPressure ?? 'data-plate',
    compressorKind: compressorOf(work.facts),
  });
  const { read } = readFields(FIGURES, texts, units);
  const first = planOfHold(toldOf(typedFrom(read, read.pressure ?? { value: 1, unit: 'barg' })), held);
  const plan: HoldPlan | null = first.ok ? first.value : null;
  const pressureOf = (typed: Quantity | undefined): Quantity =>
    typed ?? { value: Math.floor((plan?.fillGaugePa ?? 0) / 1000), unit: 'kPag' };
  const strength = test.strengthOf(plan);
  const worked = plan ? workOutHoldBegan(toldOf(typedFrom(read, pressureOf(read.pressure), strength)), held) : null;

  async function keep(typed: Figured): Promise<boolean> {
    const told = toldOf(typedFrom(typed, pressureOf(typed.pressure), strength));
    const made = workOutHoldBegan(told, held);
    if (!made.ok) {
      setProblem(complainOf(made.errors, figures));
      return false;
    }
    return work.note('hold-began', { ...told, ...made.value });
  }
  return {
    ...{ choices, at, choice, parts, gauges, gaugeAt, figures, plan, problem, takenOff: off.ticked, looked: looked.ticked },
    worked: worked?.ok ? worked.value : null,
    refused: first.ok ? null : (first.errors[0] ?? null),
    /** Without a pipe's temperature the figures stand on 20 °C. */
    isAssumed: read.ambient === undefined,
    choose: (index: number) => {
      setAt(index);
      off.clear();
      looked.clear();
    },
    ...{ gas: test.gas, setGas: test.setGas, isStrong: strength !== undefined, setStrong: test.setStrong },
    chooseGauge: setGaugeAt,
    takeOff: off.toggle,
    look: looked.toggle,
    submit: () => void figures.submit(keep),
  };
}
export type HoldPlanWork = ReturnType<typeof useHoldPlan>;
