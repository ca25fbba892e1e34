import { DAY_KEY } from './dayPicture';
import { keptTheme } from './keptTheme';

/** As long as somebody stays signed in without a signal. */
const SHOWN_FOR_MS = 24 * 3_600_000;

/** Today as it was last drawn here. */
export interface KeptDay {
  /** On which page, in which light: on another one it is not shown. */
  readonly view: string;
  /** When it was drawn [ms]. */
  readonly at: number;
  readonly markup: string;
  readonly styles: string;
}

/** What the layout and the colours of a page depend on. */
export const viewNow = (): string =>
  [keptTheme(), matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light', innerWidth].join(' ');

const isToShow = ({ view, at }: KeptDay): boolean => view === viewNow() && at <= Date.now() && Date.now() - at < SHOWN_FOR_MS;

/** The one that is kept, where it is of this view and not too old; storage may be absent, refuse, or hold what a former release kept. */
export function keptDay(): KeptDay | null {
  try {
    const kept = JSON.parse(localStorage.getItem(DAY_KEY) ?? 'null') as KeptDay | null; // cast: written below alone
    return kept && isToShow(kept) ? kept : null;
  } catch {
    return null;
  }
}

export function keepDay(day: KeptDay): void {
  try {
    localStorage.setItem(DAY_KEY, JSON.stringify(day));
  } catch {
    // no room: the next page opens without it
  }
}
