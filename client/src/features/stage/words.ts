/** What this feature says of what bends a job. */
export const WORDS = {
  bends: 'What bends this job',
  bendsOpen: (count: number) => (count === 1 ? 'What bends this job asks one more point' : `What bends this job asks ${count} points`),
  answerBends: 'Answer what bends it',
} as const;
