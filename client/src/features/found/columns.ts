import type { FoundJoint } from '@kesto/contract';
import { FOUND_COLUMN_WORDS, JOINT_STATE_WORDS } from '@kesto/contract/wording/record';
import { createColumnHelper, tableFeatures } from '@tanstack/react-table';
import { format } from 'date-fns/format';
import { WORDS } from './words';

export const FEATURES = tableFeatures({});
const column = createColumnHelper<typeof FEATURES, FoundJoint>();

export const madeText = ({ madeAt }: FoundJoint): string => (madeAt ? format(new Date(madeAt), 'd MMM yyyy') : WORDS.nothingMade);
export const fillerText = ({ filler, lot }: FoundJoint): string => [filler, lot ? WORDS.lot(lot) : null].filter(Boolean).join(', ') || '–';

/** Columns in their order, each as text. */
export const COLUMNS = column.columns([
  column.accessor('tag', { header: FOUND_COLUMN_WORDS.tag }),
  column.accessor('title', { header: FOUND_COLUMN_WORDS.title }),
  column.accessor(({ unit }) => `${unit.tag}, ${unit.name}`, { id: 'unit', header: FOUND_COLUMN_WORDS.unit }),
  column.accessor(({ maker }) => maker ?? '–', { id: 'maker', header: FOUND_COLUMN_WORDS.maker }),
  column.accessor(fillerText, { id: 'filler', header: FOUND_COLUMN_WORDS.filler }),
  column.accessor(madeText, { id: 'madeAt', header: FOUND_COLUMN_WORDS.madeAt }),
  column.accessor(({ state }) => JOINT_STATE_WORDS[state], { id: 'state', header: FOUND_COLUMN_WORDS.state }),
]);

/** Shares of the width. */
export const SHARES: Readonly<Record<string, number>> = { tag: 1.1, title: 2.6, unit: 2, maker: 1.5, filler: 1.8, madeAt: 1.7, state: 1.4 };
