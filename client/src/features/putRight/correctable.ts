import { FIELD_NAMES } from '@kesto/contract/wording';
import { KINDS, type KindId, type Quantity, type Spec, type UnitPreferences } from '@kesto/core';
import { writeMass } from '@kesto/core/unit';
import type { FieldSpec, Specs } from '@/forms/fields';
import { massKg } from '@/forms/si';

export type Values = Readonly<Record<string, unknown>>;

/** A field that a small form can say anew. */
export type Correctable =
  | { readonly key: string; readonly as: 'typed'; readonly spec: FieldSpec; readonly isMass: boolean; readonly isQuantity: boolean }
  | { readonly key: string; readonly as: 'word'; readonly words: readonly string[] }
  | { readonly key: string; readonly as: 'truth' };

const QUANTITIES: Readonly<Record<string, 'pressure' | 'volume'>> = {
  reads: 'pressure',
  pressure: 'pressure',
  downTo: 'pressure',
  volume: 'volume',
};
/** What another answer of is a way of its own, noted anew, and points that say which of a list is meant. */
const NOTED_ANEW: readonly KindId[] = [
  'isolation',
  'readings',
  'overruled',
  'also-opened',
  'hold-began',
  'hold-ended',
  'rig-alone',
  'pull-began',
  'pull-read',
  'rise',
  'charge-began',
  'charged',
  'settled-readings',
  'heat-check',
  'report',
  'signed-off',
];
const WHICH: readonly string[] = ['point', 'gate'];

const inside = (spec: Spec): Spec => (spec.of === 'orNothing' ? spec.item : spec);

function typed(key: string, kind: FieldSpec['kind'], rest: { optional: boolean; isMass?: boolean }): Correctable {
  const { optional, isMass = false } = rest;
  const spec = { label: FIELD_NAMES[key] ?? key, kind, ...(optional ? { optional } : {}) };
  return { key, as: 'typed', spec, isMass, isQuantity: kind === 'pressure' || kind === 'volume' };
}

function fieldOf(key: string, spec: Spec, said: unknown): readonly Correctable[] {
  const optional = said === undefined || said === null || said === '';
  const is = inside(spec);
  if (WHICH.includes(key)) return [];
  if (is.of === 'text') return [typed(key, is.line ? 'name' : 'words', { optional: optional || is.least === 0 })];
  if (is.of === 'number') return [typed(key, is.unit === 'kg' ? 'mass' : 'number', { optional, isMass: is.unit === 'kg' })];
  if (is.of === 'quantity' && QUANTITIES[key]) return [typed(key, QUANTITIES[key], { optional })];
  if (is.of === 'word') return [{ key, as: 'word', words: is.words }];
  return is.of === 'truth' ? [{ key, as: 'truth' }] : [];
}

/** What of an entry can be said anew: never the result of a look, one looks again. Nothing where it is struck out and noted anew instead. */
export function correctableOf(kind: KindId, values: Values): readonly Correctable[] {
  if (NOTED_ANEW.includes(kind)) return [];
  const isFixed = (key: string) => kind === 'looked-at' && key === 'result';
  return Object.entries(KINDS[kind].told).flatMap(([key, { spec }]) => (isFixed(key) ? [] : fieldOf(key, spec, values[key])));
}

/** What is left alone is not said again: five figures are enough to know it by. */
const rounded = (figure: string) => String(Number(Number(figure).toPrecision(5)));

const written = (value: unknown, isMass: boolean, units: UnitPreferences): string => {
  if (typeof value === 'number') return isMass ? writeMass(value, units).replace(/^[\d.]+/, rounded) : String(Number(value.toPrecision(6)));
  if (typeof value === 'object' && value !== null) return `${(value as Quantity).value} ${(value as Quantity).unit}`; // cast: the only objects among what is typed
  return typeof value === 'string' ? value : '';
};

/** What stands in the form before anything is typed. */
export const textsOf = (fields: readonly Correctable[], values: Values, units: UnitPreferences): Readonly<Record<string, string>> =>
  Object.fromEntries(
    fields.flatMap((field) => (field.as === 'typed' ? [[field.key, written(values[field.key], field.isMass, units)]] : [])),
  );

type Typed = Correctable & { readonly as: 'typed' };
const typedOf = (fields: readonly Correctable[]) => fields.filter((field): field is Typed => field.as === 'typed');

export const specsOf = (fields: readonly Correctable[]): Specs => Object.fromEntries(typedOf(fields).map(({ key, spec }) => [key, spec]));

function saidOf({ isMass, isQuantity }: Typed, read: string | Quantity): unknown {
  if (typeof read === 'string' || isQuantity) return read;
  return isMass ? massKg(read) : read.value;
}

/** What was typed anew, as the entry says it; what was left as it stood is not said again. */
export function changedIn(fields: readonly Correctable[], read: Values, isTyped: (key: string) => boolean): Values {
  const changed = typedOf(fields).filter(({ key }) => isTyped(key) && read[key] !== undefined);
  return Object.fromEntries(changed.map((field) => [field.key, saidOf(field, read[field.key] as string | Quantity)])); // cast: a form reads one or the other
}
