import { calcErrorText } from '@kesto/contract/wording';
import type { CalcError, Quantity, Reading, Result, UnitPreferences } from '@kesto/core';
import type { Draft } from '@/draft/drafts';
import { readField, type FieldKind } from '@/forms/readField';
import type { Picture } from './picture';

export interface CalculatorField {
  readonly key: string;
  readonly label: string;
  readonly kind: FieldKind;
  /** As it stands at first, by the lengths a person reads in. */
  readonly initial: { readonly metric: string; readonly inch: string };
}

export interface CalculatorChoice {
  readonly key: string;
  readonly label: string;
  readonly initial: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
}

export interface AnswerRow {
  readonly label: string;
  readonly reading: Reading;
  readonly note?: string;
}

export interface Answer {
  readonly picture?: Picture;
  readonly rows: readonly AnswerRow[];
  /** Sentences under the figures; a stop is red. */
  readonly notes: readonly { readonly text: string; readonly stop?: boolean }[];
}

export type Values = Readonly<Record<string, string>>;
export type Quantities = Readonly<Record<string, Quantity>>;

/** One sum that is done without a job: what it asks, and how the engine answers it. */
export interface Calculator {
  readonly name: string;
  readonly title: string;
  readonly says: string;
  readonly fields: readonly CalculatorField[];
  readonly choices: readonly CalculatorChoice[];
  /** The joint this sum is of, to be planned further; sums of gas and readings have none. */
  readonly joint?: (values: Values) => Draft;
  readonly answer: (asked: { quantities: Quantities; values: Values; units: UnitPreferences }) => Result<Answer>;
}

/** A bare number is in the person's own unit. */
export const parseField = (field: CalculatorField, text: string, units: UnitPreferences): Result<Quantity> =>
  readField(field.kind, text, { key: field.key, units });

export const initialValues = (calculator: Calculator, units: UnitPreferences): Values =>
  Object.fromEntries([
    ...calculator.fields.map((field) => [field.key, field.initial[units.length]] as const),
    ...calculator.choices.map((choice) => [choice.key, choice.initial] as const),
  ]);

export interface Worked {
  readonly answer: Answer | null;
  /** Complaint by field. */
  readonly problems: Readonly<Record<string, string>>;
}

/** The last part of a path is the field it came from: `sections[0].bore` is the field `bore`. */
const fieldOf = (error: CalcError, calculator: Calculator) => {
  const parts = error.field.split(/[.[\]]+/).filter(Boolean);
  return parts.findLast((part) => [...calculator.fields, ...calculator.choices].some((f) => f.key === part)) ?? error.field;
};

/** Reads every field and asks the engine; empty fields are left out. */
export function work(calculator: Calculator, values: Values, units: UnitPreferences): Worked {
  const problems: Record<string, string> = {};
  const quantities: Record<string, Quantity> = {};
  for (const field of calculator.fields) {
    const text = values[field.key] ?? '';
    if (text.trim() === '') continue;
    const result = parseField(field, text, units);
    if (result.ok) quantities[field.key] = result.value;
    else if (result.errors[0]) problems[field.key] = calcErrorText(result.errors[0]);
  }
  if (Object.keys(problems).length > 0) return { answer: null, problems };
  const result = calculator.answer({ quantities, values, units });
  if (result.ok) return { answer: result.value, problems };
  return { answer: null, problems: Object.fromEntries(result.errors.map((error) => [fieldOf(error, calculator), calcErrorText(error)])) };
}

/** A field that has to be there, or the complaint that it is not. */
export function needed<K extends string>(quantities: Quantities, keys: readonly K[]): Result<Readonly<Record<K, Quantity>>> {
  const missing = keys.filter((key) => quantities[key] === undefined);
  if (missing.length > 0) return { ok: false, errors: missing.map((field) => ({ kind: 'missing' as const, field, needed: 'a-figure' })) };
  return { ok: true, value: quantities as Readonly<Record<K, Quantity>> }; // cast: each key was looked for
}
