/** The eleven stages of a job, in the order of work; they may interleave. */
export const STAGES = ['find', 'decide', 'make-safe', 'plan', 'set-up', 'braze', 'look', 'hold', 'pull', 'charge', 'hand-over'] as const;
export type Stage = (typeof STAGES)[number];

/** Before, at or after: which of two stages comes first in the order of work. */
export const isBefore = (stage: Stage, other: Stage): boolean => STAGES.indexOf(stage) < STAGES.indexOf(other);

/** Stages whose work is kept in the job's own chain. */
export const KEPT_STAGES = ['find', 'decide', 'make-safe', 'hold', 'pull', 'charge', 'hand-over'] as const;
export type KeptStage = (typeof KEPT_STAGES)[number];
/** Whether a stage keeps entries of its own in the job's chain; the others are told by the joints. */
export const isKeptStage = (stage: Stage): stage is KeptStage => (KEPT_STAGES as readonly Stage[]).includes(stage);
