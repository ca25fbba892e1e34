import { partOfPassage, type CircuitGraph } from './graph';
import { along, beforeWall, zonesOf, type Sections, type Zones } from './sections';
import { BESIDE, isKind, LEFT, SLOT, spread, TOP, type Sheet } from './sheet';

/** Below the discharge lies what the gas passes on its way back from a reversing valve. */
export const RETURN = 54;
/** In a column the first part stands so far below the compressor's line, and the last so far above the coil. */
const BELOW_TOP = 20;
const ABOVE_COIL = 60;

/** The left side of a circuit: what stands above its column, and what in it. */
export interface Column {
  readonly compressor: string;
  /** Between the compressor and its reversing valve. */
  readonly discharge: readonly string[];
  /** Passage of the reversing valve, where there is one. */
  readonly turn: string | null;
  /** Between there and the coil. */
  readonly down: readonly string[];
  readonly condenser: string | null;
}

/** What the gas passes from the compressor to the coil that condenses it; null where no compressor is drawn. */
export function columnOf(split: CircuitGraph, { left }: Sections): Column | null {
  const [compressor, ...rest] = left;
  if (compressor === undefined) return null;
  const between = rest.slice(0, -1);
  const at = between.findIndex(isKind(split, 'reversing-valve'));
  return {
    compressor,
    discharge: between.slice(0, Math.max(at, 0)),
    turn: between[at] ?? null,
    down: between.slice(at + 1),
    condenser: rest.at(-1) ?? null,
  };
}

/** The line back to the compressor: up to the reversing valve, and between that and the compressor. */
function gasLine(top: readonly string[], turn: string | null): { gas: readonly string[]; back: string | null; after: readonly string[] } {
  const at = turn === null ? -1 : top.findIndex((id) => partOfPassage(id) === partOfPassage(turn));
  return at < 0 ? { gas: top, back: null, after: [] } : { gas: top.slice(0, at), back: top[at] ?? null, after: top.slice(at + 1) };
}

/** The column: compressor, discharge, reversing valve, coil. */
function layColumn({ put, heights }: Pick<Sheet, 'put' | 'heights'>, column: Column, x: number): void {
  const { compressor, discharge, turn, down, condenser } = column;
  put(compressor, { x: LEFT, y: TOP }, turn === null ? 'left' : 'right');
  spread(discharge, LEFT, x).forEach(([id, at]) => put(id, { x: at, y: TOP }, 'right'));
  if (turn !== null) put(turn, { x, y: TOP }, 'right');
  spread(down, TOP + BELOW_TOP, heights.coil - ABOVE_COIL).forEach(([id, y]) => put(id, { x, y }, 'down'));
  if (condenser !== null) put(condenser, { x, y: heights.coil }, 'down');
}

/** The way round: each side's parts along it. Both passages of a reversing valve are one place. */
export function layLoop(sheet: Sheet, { bottom, right, top }: Sections, column: Column): Zones {
  const { split, put, heights } = sheet;
  const { compressor, discharge, turn, condenser } = column;
  const { gas, back, after } = gasLine(top, turn);
  const start = turn === null ? LEFT : LEFT + (1 + Math.max(discharge.length, after.length) * 0.8) * SLOT + 20;
  const indoors = beforeWall(split, [...right.slice(-1), ...gas, back ?? compressor]);
  const liquid = { count: bottom.length, outdoors: beforeWall(split, [condenser ?? compressor, ...bottom, ...right.slice(0, 1)]) };
  const vapour = { count: gas.length, outdoors: indoors === null ? null : gas.length - indoors };
  const zones = zonesOf([liquid, vapour], start);
  layColumn(sheet, column, start);
  along(bottom, liquid.outdoors, zones, start).forEach(([id, x]) => put(id, { x, y: heights.bottom }, 'right'));
  right.forEach((id, i) => put(id, { x: zones.right + i * BESIDE, y: heights.coil }, 'up'));
  along([...gas].reverse(), vapour.outdoors, zones, start).forEach(([id, x]) => put(id, { x, y: TOP }, 'left'));
  if (back !== null) put(back, { x: start, y: TOP }, 'left');
  spread(after, start - SLOT / 3, LEFT).forEach(([id, x]) => put(id, { x, y: TOP + RETURN }, 'left'));
  return zones;
}
