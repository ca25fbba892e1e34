const KEY = 'kesto.leaving';

/** Who signed out on this device while the server could not be told: it is told before anything else when it answers again. */
export const leaving = {
  of: (): string | null => globalThis.localStorage?.getItem(KEY) ?? null,
  note: (person: string): void => globalThis.localStorage?.setItem(KEY, person),
  done: (): void => globalThis.localStorage?.removeItem(KEY),
};
