/** What somebody typed and has not kept yet: on this device, under their name, by what it is for. */
interface Which {
  /** Nobody else who signs in here is shown it. */
  readonly person: string;
  readonly name: string;
  /** Goes up when it no longer reads as today's: what was kept before is let go. */
  readonly version: number;
}

/** After so long without another letter it is kept; when the page is left, at once. */
const PAUSE_MS = 300;
const keyOf = ({ person, name }: Pick<Which, 'person' | 'name'>) => `kesto.form.${person}.${name}`;

/** On their way to the device, by key; null is let go. */
const waiting = new Map<string, string | null>();
let timer: ReturnType<typeof setTimeout> | undefined;

function write(key: string, text: string | null): void {
  try {
    if (text === null) globalThis.localStorage?.removeItem(key);
    else globalThis.localStorage?.setItem(key, text);
  } catch {
    // no storage, or a full one: it lasts as long as the page
  }
}

function read(key: string): string | null {
  const soon = waiting.get(key);
  if (soon !== undefined) return soon;
  try {
    return globalThis.localStorage?.getItem(key) ?? null;
  } catch {
    return null;
  }
}

/** Writes what is on its way. */
export function flushTyped(): void {
  clearTimeout(timer);
  for (const [key, text] of waiting) write(key, text);
  waiting.clear();
}

globalThis.addEventListener?.('pagehide', flushTyped);
globalThis.document?.addEventListener?.('visibilitychange', flushTyped);

function later(key: string, text: string | null): void {
  waiting.set(key, text);
  clearTimeout(timer);
  timer = setTimeout(flushTyped, PAUSE_MS);
}

/** What was typed before; null where there is none that reads as today's. */
export function typedBefore<T>(which: Which): T | null {
  try {
    const kept = JSON.parse(read(keyOf(which)) ?? 'null') as { version: number; values: T } | null; // cast: written below alone
    return kept?.version === which.version ? kept.values : null;
  } catch {
    return null;
  }
}

/** Keeps what is typed once typing pauses. */
export const keepTyped = ({ version, ...which }: Which, values: unknown): void => later(keyOf(which), JSON.stringify({ version, values }));

/** It was kept elsewhere, or is not wanted. */
export const dropTyped = (which: Pick<Which, 'person' | 'name'>): void => {
  waiting.delete(keyOf(which));
  write(keyOf(which), null);
};

/** What a former version kept under a key of its own, taken off the device: read once, for whoever is there. */
export function takeFormer(key: string): unknown {
  try {
    const text = globalThis.localStorage?.getItem(key) ?? null;
    if (text !== null) globalThis.localStorage?.removeItem(key);
    return JSON.parse(text ?? 'null');
  } catch {
    return null;
  }
}
