/** Requests that wait for the person to sign in again. */
let waiting: (() => void)[] = [];

export const signedInAgain = () => new Promise<void>((resolve) => waiting.push(resolve));

export function letWaitingGo(): void {
  const released = waiting;
  waiting = [];
  for (const go of released) go();
}
