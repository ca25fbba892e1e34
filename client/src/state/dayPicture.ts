/** Where today is kept as it was last drawn here: what the next page opens with while its scripts are on the way. */
export const DAY_KEY = 'kesto.day';
/** The part of the page that shows it. */
export const DAY_PAGE = 'day';
/** What can be pressed in it. */
export const PRESSED = '[role=link],[role=button],button';
export const saidOf = (key: Element): string => key.getAttribute('aria-label') ?? key.textContent ?? '';

/** The picture on this page, where it opened with one. */
export const shownPicture = (): HTMLElement | null => globalThis.document?.getElementById(DAY_PAGE) ?? null;

/** A key that comes a little after the day is waited for this long [ms]. */
const AWAITED_MS = 5_000;
const LOOKS_EVERY_MS = 50;

/** Presses the one key that says so once it is there, unless something else is pressed first; of several none. */
function pressOnceThere(said: string): void {
  let until = Date.now() + AWAITED_MS;
  const stop = () => (until = 0);
  for (const kind of ['pointerdown', 'keydown']) document.addEventListener(kind, stop, { once: true, capture: true });
  const look = () => {
    if (Date.now() > until) return;
    const keys = [...document.querySelectorAll<HTMLElement>(PRESSED)].filter((one) => saidOf(one) === said);
    if (keys.length === 0) setTimeout(look, LOOKS_EVERY_MS);
    if (keys.length === 1) keys[0]?.click();
  };
  setTimeout(look);
}

/** A screen of the application's own stands in the picture's place now: a key pressed in it meanwhile is pressed there. */
export function endDayPicture(): void {
  const picture = shownPicture();
  const pressed = picture?.dataset['pressed'];
  picture?.remove();
  if (pressed !== undefined) pressOnceThere(pressed);
}

export function forgetDayPicture(): void {
  try {
    globalThis.localStorage?.removeItem(DAY_KEY);
  } catch {
    // no storage: nothing is kept
  }
}
