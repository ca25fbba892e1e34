import type { PlanRequest } from '../plan/request';
import type { ReadingsRequest } from '../refrigerant/readings';
import type { Quantity } from '../unit/units';
import type { Schools } from '../vocabulary/schools';

/**
 * What an entry may say, as data. The type of its values, their Joi schema, the API's description and the bodies that tests send are all
 * made from it, so that none of them can say otherwise than the others.
 */
export type Spec =
  /**
   * `line`: one line without letters that nobody sees. `least` 0 where it may be left empty. `open`: somebody's own words or a name, which
   * stand beside an entry under a commitment, so that they can be erased.
   */
  | { readonly of: 'text'; readonly least: 0 | 1; readonly most: number; readonly line: boolean; readonly open: boolean }
  /** One of our own ids. */
  | { readonly of: 'word'; readonly words: readonly string[] }
  /** `above`: the least itself is not allowed. */
  | {
      readonly of: 'number';
      readonly min: number;
      readonly max: number;
      readonly unit: string;
      readonly above: boolean;
      readonly whole: boolean;
    }
  /** A part of the drawing, or a place on it: a part, a tube by the two it joins, or the rig. */
  | { readonly of: 'part' | 'place' }
  | { readonly of: 'quantity' | 'truth' }
  /** SHA-256 in hex; an id made by a device or the server; a moment in UTC. */
  | { readonly of: 'hash' | 'id' | 'instant' }
  | { readonly of: 'list'; readonly item: Spec; readonly least: number; readonly most: number; readonly each: 'once' | 'any' }
  | { readonly of: 'object'; readonly fields: Fields }
  | { readonly of: 'orNothing'; readonly item: Spec }
  /** What the engine itself reads or answers, by its name. */
  | { readonly of: 'engine'; readonly request: EngineValue };

/** What stands in an entry as the engine reads or says it. */
export type EngineValue = 'readings' | 'plan' | 'planned' | 'schools' | 'anew';

export interface Field<T, Optional extends boolean = false> {
  readonly spec: Spec;
  readonly optional: Optional;
  /** Never there: carries the type. */
  readonly is?: T;
}
export type Fields = Readonly<Record<string, Field<unknown, boolean>>>;

type TypeOf<F> = F extends Field<infer T, boolean> ? T : never;
type NeededKeys<F extends Fields> = { [K in keyof F]: F[K]['optional'] extends true ? never : K }[keyof F];

/** The values that fields describe. */
export type ValuesOf<F extends Fields> = { readonly [K in NeededKeys<F>]: TypeOf<F[K]> } & {
  readonly [K in Exclude<keyof F, NeededKeys<F>>]?: TypeOf<F[K]>;
};

const field = <T>(spec: Spec): Field<T> => ({ spec, optional: false });

/** Somebody's own words. */
export const text = (most: number) => field<string>({ of: 'text', least: 1, most, line: false, open: true });
/** A name. */
export const line = (most: number) => field<string>({ of: 'text', least: 1, most, line: true, open: true });
/** Words that may be left empty. */
export const note = (most: number) => field<string>({ of: 'text', least: 0, most, line: false, open: true });
/** Something by the name that a table or Kesto itself gives it. */
export const designation = (most: number) => field<string>({ of: 'text', least: 1, most, line: false, open: false });
export const word = <const W extends readonly string[]>(words: W) => field<W[number]>({ of: 'word', words });
const figure = (min: number, max: number, unit: string, rest: { above?: true; whole?: true } = {}) =>
  field<number>({ of: 'number', min, max, unit, above: rest.above ?? false, whole: rest.whole ?? false });
export const number = (min: number, max: number, unit: string) => figure(min, max, unit);
/** More than the least. */
export const above = (min: number, max: number, unit: string) => figure(min, max, unit, { above: true });
export const whole = (min: number, max: number, unit: string) => figure(min, max, unit, { whole: true });
export const part = field<string>({ of: 'part' });
export const place = field<string>({ of: 'place' });
export const quantity = field<Quantity>({ of: 'quantity' });
export const truth = field<boolean>({ of: 'truth' });
export const list = <T>(item: Field<T>, least: number, most: number) =>
  field<readonly T[]>({ of: 'list', item: item.spec, least, most, each: 'any' });
/** Nothing in it twice. */
export const listOfEach = <T>(item: Field<T>, least: number, most: number) =>
  field<readonly T[]>({ of: 'list', item: item.spec, least, most, each: 'once' });
export const object = <const F extends Fields>(fields: F) => field<ValuesOf<F>>({ of: 'object', fields });
export const orNothing = <T>(item: Field<T>) => field<T | null>({ of: 'orNothing', item: item.spec });
export const hash = field<string>({ of: 'hash' });
export const id = field<string>({ of: 'id' });
export const instant = field<string>({ of: 'instant' });
export const readings = field<ReadingsRequest>({ of: 'engine', request: 'readings' });
export const planAsked = field<PlanRequest>({ of: 'engine', request: 'plan' });
/** A plan's figures and ids, without what tables say in words. */
export const planAnswered = field<unknown>({ of: 'engine', request: 'planned' });
export const schoolsChosen = field<Schools>({ of: 'engine', request: 'schools' });
/** What another entry says, said anew: fits that entry's own kind. */
export const anew = field<Readonly<Record<string, unknown>>>({ of: 'engine', request: 'anew' });
export const optional = <T>({ spec }: Field<T>): Field<T, true> => ({ spec, optional: true });
