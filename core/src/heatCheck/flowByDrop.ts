import { fail, ok, type Result } from '../result';
import { FieldReader } from '../unit/fieldReader';
import type { Quantity } from '../unit/units';

/** A line of the maker's table: so much flow at so much pressure drop. */
export interface FlowRow {
  readonly drop: Quantity;
  readonly flow: Quantity;
}

/** Of a heat exchanger's water side [Pa], [m3/s]. */
const DROP = { min: 10, max: 1e6 } as const;
const FLOW = { min: 1e-6, max: 1 } as const;

/** The table in SI, by its drop; complained of where it does not rise. */
function readTable(table: readonly FlowRow[], read: FieldReader) {
  const rows = table.map(({ drop, flow }, i) => ({
    dropPa: read.pressureDifferencePa(`table[${i}].drop`, drop, DROP),
    flowM3PerS: read.flowM3PerS(`table[${i}].flow`, flow, FLOW),
  }));
  rows.sort((a, b) => a.dropPa - b.dropPa);
  const falls = rows.some(({ dropPa, flowM3PerS }, i) => i > 0 && !(dropPa > rows[i - 1]!.dropPa && flowM3PerS > rows[i - 1]!.flowM3PerS));
  if (falls || rows.length < 2) read.errors.push({ kind: 'refused', field: 'table', reason: 'table-not-rising' });
  return rows;
}

/**
 * The flow through a heat exchanger by the pressure it drops, from its maker's table.
 *
 * @param table  two rows or more: drop 10 Pa..1 MPa, flow up to 1 m3/s; the more drop, the more flow
 * @param drop   as it was read, within the table: nothing is guessed beyond it
 * @returns      [m3/s]
 * @source       flow goes with a power of the drop between two rows, near its square root (turbulent): straight on double logarithmic paper
 */
export function flowByDropM3PerS(table: readonly FlowRow[], drop: Quantity): Result<number> {
  const read = new FieldReader();
  const rows = readTable(table, read);
  const [first, last] = [rows[0]?.dropPa ?? DROP.min, rows.at(-1)?.dropPa ?? DROP.max];
  const dropPa = read.pressureDifferencePa('drop', drop, read.errors.length > 0 ? DROP : { min: first, max: last });
  if (read.errors.length > 0) return fail(...read.errors);
  const next = Math.max(
    1,
    rows.findIndex((row) => row.dropPa >= dropPa),
  );
  const [low, high] = [rows[next - 1]!, rows[next]!];
  const share = Math.log(dropPa / low.dropPa) / Math.log(high.dropPa / low.dropPa);
  return ok(low.flowM3PerS * (high.flowM3PerS / low.flowM3PerS) ** share);
}
