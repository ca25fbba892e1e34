/**
 * What entries of former formats may call themselves: frozen as those formats knew them. Kinds that came since are written in
 * format 3 alone, where the table says which there are.
 */
export const JOINT_KINDS_2 = [
  ...(['planned', 'prepared', 'purged', 'brazed', 'cooled', 'looked-at', 'reworked', 'soaped', 'held'] as const),
  ...(['accepted', 'sent-back', 'cut-out', 'corrected'] as const),
] as const;

/** Of format 1, which had words where there are ids since. */
export const JOINT_KINDS_1 = JOINT_KINDS_2.map((kind) => kind.replace('-', ' '));

/** Of a job's chain before format 3. */
export const JOB_KINDS_1 = [
  ...(['began', 'done', 'skipped', 'waiting', 'reopened', 'overruled', 'complaint', 'loss', 'readings', 'sign', 'checked-place'] as const),
  ...(['section-hold', 'stopped-looking', 'isolation', 'joining', 'also-opened', 'price-held-until', 'price-check', 'approval'] as const),
  ...(['worth', 'refrigerant-fate', 'locked-off', 'before-picture', 'recovered', 'zero-and-open', 'hot-work', 'told', 'covered'] as const),
  ...(['cooling-arranged', 'watch-began', 'watch-ended'] as const),
] as const;
