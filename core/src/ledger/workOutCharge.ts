import { charge, type Charge } from '../charge/charge';
import type { CalcError } from '../errors';
import { fail, ok, type Result } from '../result';
import { chargeRequestOf, type KeptCylinder } from '../stage/charges';
import type { Told, Worked } from './kinds';
import type { HeldFor } from './workOut';

export type ChargedFor = Pick<HeldFor, 'facts' | 'refrigerant' | 'graph'>;

const isCapillary = ({ graph }: Pick<HeldFor, 'graph'>): boolean => graph.parts.some(({ kind }) => kind === 'capillary');
const metering = (held: Pick<HeldFor, 'graph'>) => (isCapillary(held) ? { metering: 'capillary' as const } : {});
const water = ({ graph }: Pick<HeldFor, 'graph'>) => ({ water: graph.parts.some((part) => part.water === true) });

/**
 * The engine's answer to a charge as it was begun and weighed; null where none was begun.
 *
 * @param next  a cylinder as it would be weighed now
 */
export function chargeOf(held: ChargedFor, next?: KeptCylinder): Result<Charge> | null {
  const request = chargeRequestOf(held.facts, held.refrigerant, next);
  return request && charge({ ...request, ...metering(held), ...water(held) });
}

/** What is wanted, by plate and lines; more than the plate's greatest charge is refused: nobody overrules that. */
export function workOutChargeBegan(told: Told<'charge-began'>, held: ChargedFor): Result<Worked<'charge-began'>> {
  const { isUnknown: _unknown, place: _place, ...request } = told;
  const answer = charge({ ...request, refrigerant: held.refrigerant, ...metering(held) });
  if (!answer.ok) return answer;
  const { targetKg, isCritical, cautions } = answer.value;
  const over: CalcError = { kind: 'refused', field: 'lines', reason: 'over-max-charge' };
  if (cautions.some(({ code }) => code === 'over-max-charge')) return fail(over);
  return ok({ targetKg, isCritical });
}

/** What is in, by its cylinders. */
export function workOutCharged(_told: Told<'charged'>, held: ChargedFor): Result<Worked<'charged'>> {
  const answer = chargeOf(held);
  if (!answer) return fail({ kind: 'refused', field: 'kind', reason: 'no-charge-begun' });
  if (!answer.ok) return answer;
  const { targetKg, doneKg, isCharged } = answer.value;
  return ok({ targetKg, doneKg, isCharged });
}
