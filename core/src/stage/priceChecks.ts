import type { CircuitGraph } from '../circuit/graph';
import type { CircuitKind } from '../vocabulary';
import { factsOf, lastOf, type StageFact } from './entry';
import { openPriceChecks } from './gates';

/** What is looked at before a price is named, as far as the circuit and the finds tell it. */
export const PRICE_CHECKS = [
  'access',
  'sprinklers',
  'lead-time',
  'valves-close',
  'old-filler',
  'length-left',
  'steel-stubs',
  'drier',
  'acid',
  'charge',
] as const;
export type PriceCheck = (typeof PRICE_CHECKS)[number];

export const isPriceCheck = (word: string): word is PriceCheck => (PRICE_CHECKS as readonly string[]).includes(word);

/** Their stubs are often copper-plated steel. Source: makers' sheets of driers and compressors. */
const STEEL_STUBS: readonly CircuitKind[] = ['drier', 'compressor', 'filter-shell', 'accumulator', 'receiver', 'muffler', 'oil-separator'];

/** What is known of the job when a price is asked for. */
export interface PriceFacts {
  readonly graph: CircuitGraph | null;
  readonly facts: readonly StageFact[];
  readonly chargeKg: number | undefined;
}

/**
 * Checks that a price waits for, never none: what every job asks, then what this circuit and this work ask.
 *
 * @source  practice of those who price repairs: a price that is named before them is named twice
 */
export function priceChecks({ graph, facts, chargeKg }: PriceFacts): readonly PriceCheck[] {
  const work = lastOf(facts, 'isolation')?.values.work ?? [];
  const kinds = work.flatMap((id) => graph?.parts.find((part) => part.id === id)?.kind ?? []);
  const has = (kind: CircuitKind) => graph?.parts.some((part) => part.kind === kind) ?? false;
  const charge = lastOf(facts, 'loss')?.values.chargeKg ?? chargeKg;
  const asked: Readonly<Record<PriceCheck, boolean>> = {
    ...{ access: true, sprinklers: true, 'lead-time': true },
    'valves-close': graph?.parts.some((part) => part.kind === 'valve' && part.closes === undefined) ?? false,
    'old-filler': work.length > 0,
    'length-left': work.length > 0,
    'steel-stubs': kinds.some((kind) => STEEL_STUBS.includes(kind)) || has('drier'),
    drier: has('drier'),
    acid: kinds.includes('compressor'),
    charge: charge === undefined,
  };
  return PRICE_CHECKS.filter((check) => asked[check]);
}

/** What a price still waits for: those checks, then what people added, each until just that was answered. */
export function openChecks(about: PriceFacts): readonly string[] {
  const answered = new Set(factsOf(about.facts, 'price-check').map((fact) => fact.values.of));
  return [...priceChecks(about).filter((check) => !answered.has(check)), ...openPriceChecks(about.facts)];
}
