import type { Next, NextStep, Watch } from '@kesto/core';
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

export const NEXT_STEP_WORDS: Readonly<Record<NextStep, string>> = {
  'note-complaint': 'Note the complaint',
  'note-loss': 'Note what was lost',
  'check-a-place': 'Check the first place',
  'look-on': 'Look on',
  'end-find': 'Found: decide',
  wait: 'Waits',
  'choose-isolation': 'How do we isolate it?',
  'answer-price-check': 'Answer what the price waits for',
  'ask-approval': 'Get approval',
  'end-decide': 'Decided: make safe',
  'answer-point': 'Answer what is open',
  'end-make-safe': 'Safe: plan the joints',
  'add-joint': 'Add the first joint',
  'plan-joint': 'Plan',
  'braze-joint': 'Go on at',
  'join-cold': 'Join cold',
  'look-joint': 'Look at',
  hold: 'Joints made: prove it holds',
  'hold-on': 'Go on with the hold',
  'find-the-leak': 'It leaks: find where',
  'let-down': 'Let it down',
  soap: 'Soap what is left',
  'end-hold': 'Tight: on to the pull',
  'rig-alone': 'Pump and hoses alone first',
  pull: 'Begin the pull',
  'pull-on': 'Go on with the pull',
  'watch-rise': 'Watch the rise',
  'not-dry-yet': 'Not dry: pull on or break',
  'end-pull': 'Dry: on to the charge',
  charge: 'What belongs in it?',
  'weigh-in': 'Weigh it in',
  'before-start': 'Before the first start',
  'read-settled': 'Read it when it has settled',
  'end-charge': 'Charged: hand it over',
  'answer-handed': 'Put back, prove, tell',
  'answer-bend': 'Answer what bends this job',
  'sign-off': 'Sign',
  'handed-over': 'What was handed over',
  'end-hand-over': 'Signed: close the job',
  finish: 'Open the job',
};

/** What comes next, for whoever looks at today or at the job. */
export const nextText = (next: Next): string => (next.step === 'wait' ? `Waits for ${next.by ?? 'somebody'}` : NEXT_STEP_WORDS[next.step]);

/** A watch that nobody but its device saw last. */
export const watchNotWitnessedText = ({ by }: Pick<Watch, 'by'>): string =>
  `The watch by ${by} was begun and ended without a signal, and both arrived together: nobody else saw it last. Not witnessed.`;
