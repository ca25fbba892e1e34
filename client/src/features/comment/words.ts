export const WORDS = {
  title: 'Your comment on it',
  help: 'It is kept in the record, with your name and the time, and changes nothing.',
  label: 'what you have to say',
  keep: 'Keep the comment',
} as const;
