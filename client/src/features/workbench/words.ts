/** What stands where a screen cannot. */
export const WORDS = {
  noSheet: 'No sheet stands here',
  today: 'today',
  nothingHere: 'Nothing at this address',
  cutShort: 'The link may be cut short, or lead into another shop. Every job is listed under today.',
  notFetched: 'The workbench could not be fetched. What you entered is kept here.',
  tryAgain: 'Try again',
  workbench: 'the workbench',
} as const;
