// A stage and a kind of entry that nobody has, by their rows alone. Imported before anything that is made from the tables.
import { GATE_SENTENCES, STAGE_ENTRY_WORDS, STAGE_SENTENCES } from '@kesto/contract/wording';
import { factsOf, GATES, KEPT_STAGES, KINDS, NEXT_IN_STAGE, STAGE_GATES, type KindRow, type StageFact } from '@kesto/core';

/** Tables are data: a test adds rows to them as whoever writes the next stage does. */
const open = (table: object) => table as Record<string, unknown>; // cast: read-only to everybody else
const more = (list: readonly string[]) => list as string[]; // cast: as above

export const WIND = 'wind-read';
export const SET_UP = 'set-up';
const NOT_READ = 'wind-not-read';

const text = { of: 'text', least: 1, most: 40, line: false, open: true } as const;
const number = { of: 'number', min: 0, max: 60, unit: 'm/s', above: false, whole: false } as const;
const row: KindRow = {
  ...{ chains: ['job'], stages: [SET_UP as never], nature: 'fact', by: 'workers', former: [], worked: null }, // cast: made up
  told: { metresPerSecond: { spec: number, optional: false }, by: { spec: text, optional: false } },
};

more(KEPT_STAGES).push(SET_UP);
more(GATES).push(NOT_READ);
open(KINDS)[WIND] = row;
open(STAGE_GATES)[SET_UP] = (facts: readonly StageFact[]) =>
  factsOf(facts, WIND as never).length > 0 ? [] : [{ gate: NOT_READ, open: [], protectsPeople: false }]; // cast: made up
open(NEXT_IN_STAGE)[SET_UP] = () => ({ stage: SET_UP, step: 'answer-point' });
open(STAGE_ENTRY_WORDS)[WIND] = 'wind read';
open(STAGE_SENTENCES)[WIND] = ({ metresPerSecond, by }: { metresPerSecond: number; by: string }) => `${metresPerSecond} m/s, by ${by}`;
open(GATE_SENTENCES)[NOT_READ] = 'the wind was not read';
