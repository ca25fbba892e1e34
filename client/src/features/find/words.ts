/** What this feature says of a hold. */
export const WORDS = {
  theSection: 'the section',
  heldLeaking: (name: string, size: string) =>
    `Held and leaking: ${name}, about ${size}. Look there: soap it under a little nitrogen, and what bubbles is noted on the drawing.`,
} as const;
