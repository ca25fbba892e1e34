/** A heap of what comes first by an order of its own. */
export class Heap<T> {
  private readonly items: T[] = [];

  constructor(private readonly isBefore: (a: T, b: T) => boolean) {}

  push(item: T): void {
    const { items } = this;
    let at = items.push(item) - 1;
    while (at > 0) {
      const up = (at - 1) >> 1;
      if (!this.isBefore(item, items[up] as T)) break; // cast: the index is inside the array, here and below
      items[at] = items[up] as T;
      at = up;
    }
    items[at] = item;
  }

  /** What comes first, taken out; undefined where nothing is left. */
  pop(): T | undefined {
    const { items } = this;
    const first = items[0];
    const last = items.pop();
    if (last === undefined || items.length === 0) return first;
    let at = 0;
    for (;;) {
      let down = 2 * at + 1;
      if (down >= items.length) break;
      if (down + 1 < items.length && this.isBefore(items[down + 1] as T, items[down] as T)) down += 1;
      if (!this.isBefore(items[down] as T, last)) break;
      items[at] = items[down] as T;
      at = down;
    }
    items[at] = last;
    return first;
  }
}
