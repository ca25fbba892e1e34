import type { JobView } from '@kesto/contract';
import { calcErrorText } from '@kesto/contract/wording';
import {
  isSaidCritical,
  isSaidUnknown,
  lastOf,
  workOutChargeBegan,
  type CircuitGraph,
  type LeakLaw,
  type LeakUse,
  type Told,
} from '@kesto/core';
import { waysIn } from '@kesto/core/charge';
import { writeMass } from '@kesto/core/unit';
import { useState } from 'react';
import type { StageWork } from '@/data/stages/useStage';
import { readFields, type Read } from '@/forms/fields';
import { useFigures } from '@/forms/useFigures';
import { massKg } from '@/forms/si';
import { useUnits } from '@/session/units';

const FIGURES = {
  dataPlate: { label: 'plate', kind: 'mass' },
  length: { label: 'line length', kind: 'distance', optional: true },
  included: { label: 'the plate covers', kind: 'distance', optional: true },
  rate: { label: 'for each of it', kind: 'mass', optional: true },
  maxCharge: { label: 'greatest charge', kind: 'mass', hint: 'where the plate says one', optional: true },
  hoses: { label: 'stays in the hoses', kind: 'mass', hint: '0 with an end valve', optional: true },
} as const;
type Figured = Read<typeof FIGURES>;
export type RatePer = 'metre' | 'foot';

const EMPTY: CircuitGraph = { parts: [], links: [] };

/** A charge that is planned: plate and lines, what it comes to, how it goes in. */
export function useChargePlan(job: JobView, graph: CircuitGraph | null, work: StageWork) {
  const units = useUnits();
  const { chargeKg, refrigerant } = job.circuit;
  const [per, setPer] = useState<RatePer>(units.length === 'inch' ? 'foot' : 'metre');
  const [shorter, setShorter] = useState(true);
  const [isUnknown, setIsUnknown] = useState(isSaidUnknown(work.facts));
  const [place, setPlace] = useState<LeakLaw>('none');
  const [use, setUse] = useState<LeakUse | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  // By its plate; else by what was said of it when it was looked for what is lost.
  const knownKg = chargeKg ?? lastOf(work.facts, 'loss')?.values.chargeKg ?? null;
  const usual = knownKg === null ? {} : { dataPlate: writeMass(knownKg, units) };
  const figures = useFigures(work.keptAs('plan'), FIGURES, usual);
  const texts = Object.fromEntries(figures.keys.map((key) => [key, figures.textOf(key)]));
  const { read } = readFields(FIGURES, texts, units);
  const held = { facts: work.facts, refrigerant, graph: graph ?? EMPTY };

  const toldOf = ({ dataPlate, length, included, rate, maxCharge, hoses }: Partial<Figured>): Told<'charge-began'> | null => {
    if (!dataPlate) return null;
    const lines =
      length && included
        ? { length, included, shorterLessens: shorter, ...(rate ? { [per === 'metre' ? 'ratePerMetre' : 'ratePerFoot']: rate } : {}) }
        : null;
    return {
      ...{ dataPlate, place },
      ...(place === 'us' && use ? { use } : {}),
      ...(lines ? { lines } : {}),
      ...(maxCharge ? { maxCharge } : {}),
      ...(hoses ? { hosesKg: massKg(hoses) } : {}),
      ...(isUnknown ? { isUnknown } : {}),
    };
  };
  const told = toldOf(read);
  const worked = told && workOutChargeBegan(told, held);

  async function keep(typed: Figured): Promise<boolean> {
    const now = toldOf(typed);
    const made = now && workOutChargeBegan(now, held);
    if (!now || !made?.ok) {
      const [error] = made && !made.ok ? made.errors : [];
      setProblem(error && 'field' in error ? `${error.field} ${calcErrorText(error)}` : null);
      return false;
    }
    setProblem(null);
    return work.note('charge-began', { ...now, ...made.value });
  }
  return {
    ...{ figures, per, setPer, shorter, setShorter, isUnknown, setIsUnknown, place, setPlace, use, setUse, problem, refrigerant },
    worked: worked?.ok ? worked.value : null,
    /** By its kind and size, or because somebody said so of this job. */
    isCritical: isSaidCritical(work.facts) || (worked?.ok === true && worked.value.isCritical),
    ways: waysIn(refrigerant, { water: held.graph.parts.some(({ water }) => water === true) }),
    hasLines: read.length !== undefined,
    submit: () => void figures.submit(keep),
  };
}
export type ChargePlanWork = ReturnType<typeof useChargePlan>;
