import type { PlanRequest } from './request';

type Plain = Readonly<Record<string, unknown>>;

const isPlain = (value: unknown): value is Plain => typeof value === 'object' && value !== null && !Array.isArray(value);
const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

/** What stands at one key, or nothing: a key without a value is no key. */
const put = (into: Record<string, unknown>, key: string, value: unknown) => (value === undefined ? into : { ...into, [key]: value });

function carried(kept: unknown, before: unknown, now: unknown): unknown {
  if (same(before, now)) return kept;
  if (!isPlain(before) || !isPlain(now) || !isPlain(kept)) return now;
  const keys = [...new Set([...Object.keys(kept), ...Object.keys(now)])];
  return keys.reduce<Record<string, unknown>>((all, key) => put(all, key, carried(kept[key], before[key], now[key])), {});
}

/**
 * A kept request with what was changed since, and nothing else: what the screens cannot say, or what van, plate and schools have
 * become meanwhile, stays as it was kept.
 *
 * @param kept    as it was stored
 * @param before  the request that the opened plan would make untouched, today
 * @param now     the request it makes as it stands
 * @returns       `kept` itself where nothing was touched; lists are taken whole
 */
export const carriedRequest = (kept: PlanRequest, before: PlanRequest, now: PlanRequest): PlanRequest =>
  carried(kept, before, now) as PlanRequest; // cast: each key holds what one of the three requests had there
