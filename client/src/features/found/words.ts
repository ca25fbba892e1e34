import { FOUND_COUNTED } from '@kesto/contract/api';

export const WORDS = {
  tag: 'found',
  title: 'Joints, found again',
  subtitle: (count: number | null) =>
    count === null
      ? 'the newest first'
      : count > FOUND_COUNTED
        ? `${FOUND_COUNTED}+, the newest first`
        : count === 1
          ? 'one joint'
          : `${count} joints, the newest first`,
  asked: 'What to look for',
  byTag: 'tag begins with',
  byUnit: 'machine, by its tag',
  byFiller: 'filler, by its designation',
  byLot: 'lot begins with',
  from: 'made on or after',
  to: 'made on or before',
  dayHint: 'as 2026-11-30',
  dayWrong: 'a day is written as 2026-11-30',
  byPerson: 'made by',
  everybody: 'everybody',
  byState: 'stands',
  any: 'any',
  clear: 'Ask for all of them',
  look: 'Look',
  asking: 'ask',
  copyLink: 'Copy the link to this table',
  copied: 'The link is copied: it asks the same again.',
  notCopied: 'This browser does not copy: the address above is the link.',
  csv: 'Give the table (CSV)',
  none: 'No such joint',
  noneText: 'Nothing that is noted here fits all of that. Take something away.',
  nothingMade: 'not made yet',
  lot: (lot: string) => `lot ${lot}`,
  behind: 'Not all joints are in this table yet: Kesto is still reading their records. It takes a minute or a few after an upgrade.',
  again: 'Ask again',
  more: 'fetching more',
  rows: 'joints',
  today: 'today',
} as const;
