import { airHeatW, waterHeatW } from '../heatCheck/heatCheck';
import { flowByDropM3PerS } from '../heatCheck/flowByDrop';
import { fail, ok, type Result } from '../result';
import { FieldReader } from '../unit/fieldReader';
import type { Told, Worked } from './kinds';
import type { HeldFor } from './workOut';

/** By the maker's table where a drop was read, else as it was typed [m3/s]. */
function flowOf({ drop, table, flow }: Told<'heat-check'>): Result<number> {
  if (drop && table) return flowByDropM3PerS(table, drop);
  if (!flow) return fail({ kind: 'refused', field: 'flow', reason: 'no-flow' });
  const read = new FieldReader();
  const m3PerS = read.flowM3PerS('flow', flow, { min: 0, max: 50 });
  return read.errors.length > 0 ? fail(...read.errors) : ok(m3PerS);
}

/** What heat the water or the air carries, from what was read. */
export function workOutHeat(told: Told<'heat-check'>, { altitudeM }: Pick<HeldFor, 'altitudeM'>): Result<Worked<'heat-check'>> {
  const found = flowOf(told);
  if (!found.ok) return found;
  const flow = { value: found.value * 3600, unit: 'm3/h' };
  const { side, in: entering, out, wetIn, wetOut, glycolPercent = 0 } = told;
  const altitude = { value: altitudeM, unit: 'm' };
  if (side === 'air' && !(wetIn && wetOut)) return fail({ kind: 'refused', field: wetIn ? 'wetOut' : 'wetIn', reason: 'no-wet-bulb' });
  const heat =
    side === 'air' && wetIn && wetOut
      ? airHeatW({ altitude, flow, in: { dry: entering, wet: wetIn }, out: { dry: out, wet: wetOut } })
      : waterHeatW({ flow, in: entering, out, glycol: glycolPercent / 100 });
  return heat.ok ? ok({ heatW: heat.value, flowM3PerS: found.value }) : heat;
}
