type Json = unknown;
type JsonObject = Readonly<Record<string, Json>>;

/** One line on which two people differ: where it stands, and what each says; `undefined` where it is not there. */
export interface Line {
  /** Keys from the outside in; of a list that has names, the name. */
  readonly path: readonly string[];
  readonly mine: Json;
  readonly theirs: Json;
}

export interface Merged {
  /** With every line that only one of them changed; `mine` where both did. */
  readonly value: Json;
  readonly lines: readonly Line[];
}

/** What tells one row of a list from another, where rows have it. */
const NAMES = ['id', 'designation', 'scope', 'class'] as const;

const same = (a: Json, b: Json) => JSON.stringify(sorted(a)) === JSON.stringify(sorted(b));

function sorted(value: Json): Json {
  if (Array.isArray(value)) return value.map(sorted);
  if (!isObject(value)) return value;
  return Object.fromEntries(
    Object.keys(value)
      .sort()
      .map((key) => [key, sorted(value[key])]),
  );
}

const isObject = (value: Json): value is JsonObject => typeof value === 'object' && value !== null && !Array.isArray(value);
/** A figure with its unit is one line to whoever typed it. */
const isQuantity = (value: Json) => isObject(value) && 'value' in value && 'unit' in value;

/** Rows by their name; null for a list whose rows have none. */
function rowsOf(value: Json): ReadonlyMap<string, Json> | null {
  if (!Array.isArray(value)) return null;
  const name = NAMES.find((key) => value.every((row) => isObject(row) && typeof row[key] === 'string'));
  if (value.length === 0) return new Map();
  if (!name) return null;
  const rows = new Map(value.map((row) => [String((row as JsonObject)[name]), row as Json])); // cast: seen above
  return rows.size === value.length ? rows : null;
}

const keysOf = (...all: readonly { keys(): Iterable<string> }[]) => [...new Set(all.flatMap((one) => [...one.keys()]))];

/** Both made from `base`: what only one of them changed is taken over, what both changed is a line that somebody has to decide. */
export function merge(base: Json, mine: Json, theirs: Json, path: readonly string[] = []): Merged {
  if (same(mine, theirs) || same(theirs, base)) return { value: mine, lines: [] };
  if (same(mine, base)) return { value: theirs, lines: [] };
  const [mineRows, theirRows] = [rowsOf(mine), rowsOf(theirs)];
  if (mineRows && theirRows) return mergeRows(rowsOf(base) ?? new Map(), mineRows, theirRows, path);
  if (isObject(mine) && isObject(theirs) && !isQuantity(mine) && !isQuantity(theirs)) {
    const of = (value: Json) => new Map(Object.entries(isObject(value) ? value : {}));
    const { merged, lines } = mergeEach(of(base), of(mine), of(theirs), path);
    return { value: Object.fromEntries(merged), lines };
  }
  return { value: mine, lines: [{ path, mine, theirs }] };
}

type Rows = ReadonlyMap<string, Json>;

function mergeEach(base: Rows, mine: Rows, theirs: Rows, path: readonly string[]) {
  const found = keysOf(mine, theirs).map((key) => [key, merge(base.get(key), mine.get(key), theirs.get(key), [...path, key])] as const);
  return {
    merged: found.flatMap(([key, { value }]) => (value === undefined ? [] : [[key, value] as const])),
    lines: found.flatMap(([, { lines }]) => lines),
  };
}

function mergeRows(base: Rows, mine: Rows, theirs: Rows, path: readonly string[]): Merged {
  const { merged, lines } = mergeEach(base, mine, theirs, path);
  return { value: merged.map(([, row]) => row), lines };
}

/** The whole with one of its lines said otherwise; `undefined` takes it out. */
export function withLine(whole: Json, path: readonly string[], said: Json): Json {
  const [key, ...rest] = path;
  if (key === undefined) return said;
  const rows = rowsOf(whole);
  const entries = rows ?? new Map(Object.entries(isObject(whole) ? whole : {}));
  const changed = new Map<string, Json>(entries).set(key, withLine(entries.get(key), rest, said));
  const left = [...changed].filter(([, value]) => value !== undefined);
  return rows ? left.map(([, row]) => row) : Object.fromEntries(left);
}

/** What was typed over what stood in a form, put on the exact figures that the form was made from: a line nobody touched is not rounded. */
export const onExact = (exact: Json, inForm: Json, typed: Json): Json => merge(inForm, typed, exact).value;
