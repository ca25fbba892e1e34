import type { Stage } from '@kesto/core/vocabulary';

export const STAGE_WORDS: Readonly<Record<Stage, string>> = {
  find: 'find',
  decide: 'decide',
  'make-safe': 'make safe',
  plan: 'plan',
  'set-up': 'set up',
  braze: 'braze',
  look: 'look',
  hold: 'hold',
  pull: 'pull',
  charge: 'charge',
  'hand-over': 'hand over',
};
