import { calcErrorText } from '@kesto/contract/wording';
import type { Quantity, UnitPreferences } from '@kesto/core';
import { isValid } from 'date-fns/isValid';
import { parseISO } from 'date-fns/parseISO';
import { readField, type FieldKind } from './readField';

/** One field of a small form: a figure, a name in a few words, words at any length, or a day. */
export interface FieldSpec {
  readonly label: string;
  readonly kind: FieldKind | 'name' | 'words' | 'day';
  readonly hint?: string;
  /** May be left empty. */
  readonly optional?: boolean;
  readonly testID?: string;
}

export type Specs = Readonly<Record<string, FieldSpec>>;
export type KeyOf<S extends Specs> = keyof S & string;

type Value<S extends FieldSpec> = S['kind'] extends 'name' | 'words' | 'day' ? string : Quantity;
/** What was typed, once it is read: what may be left empty may be missing. */
export type Read<S extends Specs> = { readonly [Key in KeyOf<S>]: Value<S[Key]> | (S[Key] extends { optional: true } ? undefined : never) };

export type Texts = Record<string, string>;

const DAY = /^\d{4}-\d\d-\d\d$/;
const isDay = (text: string) => DAY.test(text) && isValid(parseISO(text));

interface Found {
  readonly value?: string | Quantity;
  readonly problem?: string;
}

function readOne({ kind, optional = false }: FieldSpec, text: string, about: { key: string; units: UnitPreferences }): Found {
  if (text === '') return optional ? {} : { problem: 'is needed' };
  if (kind === 'name' || kind === 'words') return { value: text };
  if (kind === 'day') return isDay(text) ? { value: text } : { problem: 'must be a day, as 2027-03-31' };
  const result = readField(kind, text, about);
  if (result.ok) return { value: result.value };
  return result.errors[0] ? { problem: calcErrorText(result.errors[0]) } : {};
}

/** Reads all fields of a form; each complaint stands by its key. */
export function readFields<S extends Specs>(specs: S, texts: Texts, units: UnitPreferences): { read: Read<S>; problems: Texts } {
  const found = Object.entries(specs).map(([key, spec]) => ({ key, ...readOne(spec, (texts[key] ?? '').trim(), { key, units }) }));
  const read = Object.fromEntries(found.flatMap(({ key, value }) => (value === undefined ? [] : [[key, value]])));
  const problems = Object.fromEntries(found.flatMap(({ key, problem }) => (problem === undefined ? [] : [[key, problem]])));
  return { read: read as Read<S>, problems }; // cast: whole where nothing is complained of, and used only then
}
