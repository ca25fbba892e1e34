import { NITROGEN_RANGE } from '../nitrogen/realGas';
import { fail, ok, type Result } from '../result';
import { FieldReader } from '../unit/fieldReader';
import type { Quantity } from '../unit/units';
import type { HoldLimit } from './limits';
import { minutesToSee } from './minutesToSee';
import type { HoldPlan } from './planHold';
import type { HoldPlanRequest } from './request';
import { holdStepsPa, keepAwayM, storedEnergyJ } from './steps';

/** Our own hoses, gauge and valve alone, shut at the far end. */
type RigRequest = Pick<HoldPlanRequest, 'altitude'> &
  Pick<HoldPlanRequest['plan'], 'gauge' | 'hose' | 'ambient' | 'wantedLeakPaM3S' | 'temperatureUncertaintyK' | 'refrigerant'> & {
    readonly volume: Quantity;
    readonly pressure: Quantity;
  };

/** A charging hose by its usual working pressure [Pa gauge]: 800 psi. Its own marking rules. Source: trade [M]. */
const HOSE_PA = 5_515_806;
const OF_GAUGE = 0.75;
const NO_REACH = { reached: [], untested: [], openFirst: [], shut: [], equalise: [], compressors: [], isLowReached: false } as const;

/**
 * A hold of the rig alone, before it is believed of anything else.
 *
 * @returns  as {@link planHold}, capped by gauge and hose
 * @source   as there
 */
export function planRig(request: RigRequest): Result<HoldPlan> {
  const read = new FieldReader();
  read.readAtmosphere(request);
  const { gauge, hose, volume, ambient } = request;
  const rangePa = gauge.range ? read.pressureDifferencePa('gauge.range', gauge.range, { min: 1000, max: 100e6 }) : null;
  const hosePa = hose ? read.plainGaugePressure('hose', hose, { min: 1000, max: 60e6 }) : HOSE_PA;
  const limits: readonly HoldLimit[] = [
    ...(rangePa === null ? [] : [{ kind: 'gauge' as const, gaugePa: OF_GAUGE * rangePa }]),
    { kind: 'hose' as const, gaugePa: hosePa },
  ].sort((a, b) => a.gaugePa - b.gaugePa);
  const [cappedBy] = limits;
  const volumeM3 = read.volumeM3('volume', volume, { min: 1e-6, max: 100 });
  const celsius = read.temperatureC('ambient', ambient, NITROGEN_RANGE.celsius);
  const gaugePa = read.plainGaugePressure('pressure', request.pressure, { min: 1000, max: cappedBy?.gaugePa ?? HOSE_PA });
  if (read.errors.length > 0 || !cappedBy) return fail(...read.errors);
  const energyJ = storedEnergyJ(volumeM3, gaugePa + read.atmosphere, read.atmosphere);
  const minutesNeeded = minutesToSee(request, { volumeM3, gaugePa, celsius }, read);
  return ok({
    ...{ testGaugePa: gaugePa, fillGaugePa: gaugePa, cappedBy, limits, unknown: [], takeOff: [], reach: NO_REACH },
    strength: { may: false, parts: [] },
    ...{ stepsGaugePa: holdStepsPa(gaugePa, false), reliefGaugePa: cappedBy.gaugePa, volumeM3, likelyM3: volumeM3 },
    ...{ storedEnergyJ: energyJ, distanceM: keepAwayM(energyJ), nitrogenM3: null, minutesNeeded, cautions: [] },
  });
}
