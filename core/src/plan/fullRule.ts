import type { Authority } from '../caution/table';
import type { InspectCode } from './inspect';

/** For every point the eye looks at, who says what passes. */
export const INSPECT_RULE: Readonly<Record<InspectCode, Authority>> = {
  'fillet-all-round': 'code',
  'no-crack-or-pinhole': 'code',
  'insertion-mark': 'practice',
  'flux-washed': 'maker',
  'interface-on-steel': 'code',
  'bore-clear': 'practice',
  'not-overheated': 'code',
  'loose-gap-fill': 'code',
  'refit-removed': 'maker',
};
