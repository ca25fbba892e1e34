import type { FoundJoint } from '@kesto/contract';
import { FOUND_COLUMN_WORDS, JOINT_STATE_WORDS } from '@kesto/contract/wording';
import papa from 'papaparse';

type Column = keyof typeof FOUND_COLUMN_WORDS;

const CELLS: Readonly<Record<Column, (joint: FoundJoint) => string>> = {
  tag: ({ tag }) => tag,
  title: ({ title }) => title,
  unit: ({ unit }) => `${unit.tag} ${unit.name}`,
  site: ({ site }) => site,
  maker: ({ maker }) => maker ?? '',
  filler: ({ filler }) => filler ?? '',
  lot: ({ lot }) => lot ?? '',
  madeAt: ({ madeAt }) => madeAt ?? '',
  state: ({ state }) => JOINT_STATE_WORDS[state],
};
const COLUMNS = Object.keys(CELLS) as readonly Column[]; // cast: the table's own keys

/** Joints as a table; a cell that a sheet would run is quoted. */
export const foundCsv = (joints: readonly FoundJoint[]): string =>
  papa.unparse(
    [COLUMNS.map((column) => FOUND_COLUMN_WORDS[column]), ...joints.map((joint) => COLUMNS.map((column) => CELLS[column](joint)))],
    {
      escapeFormulae: true,
    },
  );
