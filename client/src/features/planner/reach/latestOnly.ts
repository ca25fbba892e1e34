export interface Asker<Ask> {
  readonly ask: (ask: Ask) => void;
  readonly end: () => void;
}

/**
 * One question at a time: while it is being worked out only the newest of those that follow is kept, so that a handle
 * dragged faster than the answers come always gets an answer, and soon the last one.
 */
export function latestOnly<Ask, Answer>({ put, onAnswer }: { put: (ask: Ask) => void; onAnswer: (answer: Answer) => void }) {
  let asked: Ask | null = null;
  let next: Ask | null = null;
  const start = (ask: Ask) => {
    asked = ask;
    put(ask);
  };
  return {
    ask: (ask: Ask) => {
      if (asked === null) start(ask);
      else next = ask;
    },
    answered: (answer: Answer) => {
      asked = null;
      const following = next;
      next = null;
      onAnswer(answer);
      if (following !== null) start(following);
    },
    /** Puts the open question once more, to whoever answers now. */
    again: () => {
      if (asked !== null) put(asked);
    },
  };
}
