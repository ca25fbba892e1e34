import { factsOf, type CheckResult, type Sign, type StageFact } from '@kesto/core';

/** A place that was looked at or shows a sign, numbered in the order it was first noted. */
export interface Check {
  readonly place: string;
  readonly number: number;
  readonly result: CheckResult | null;
  readonly signs: readonly Sign[];
  readonly last: StageFact;
}

/** Every place once, as it was left. */
export function checksOf(facts: readonly StageFact[]): readonly Check[] {
  const places = new Map<string, Omit<Check, 'number'>>();
  const signs = factsOf(facts, 'sign');
  for (const fact of facts) {
    if (fact.kind !== 'checked-place' && fact.kind !== 'sign') continue;
    const { place } = fact.values;
    const result = fact.kind === 'checked-place' ? fact.values.result : (places.get(place)?.result ?? null);
    places.set(place, { place, result, signs: signs.filter((s) => s.values.place === place).map((s) => s.values.sign), last: fact });
  }
  return [...places.values()].map((check, i) => ({ ...check, number: i + 1 }));
}
