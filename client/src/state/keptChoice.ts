/** Storage may be absent or refuse (private windows): a choice then lasts as long as the page. */
export function keptChoice<T extends string>(key: string, known: readonly T[], usual: T): T {
  try {
    const value = globalThis.localStorage?.getItem(key);
    return known.find((one) => one === value) ?? usual;
  } catch {
    return usual;
  }
}

export function keepChoice(key: string, choice: string): void {
  try {
    globalThis.localStorage?.setItem(key, choice);
  } catch {
    // no storage: the choice lasts as long as the page
  }
}
