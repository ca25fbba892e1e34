import type { Charge, ChargeRequest } from '@kesto/core/charge';
import { chargeText, chargeWayText } from '../wording/en/charge';
import { cautionsAnswer } from './plan';

/** The answer of `kesto charge`: what was asked for, and nothing else. */
export function chargeAnswer(charge: Charge, { refrigerant, recovery, place }: Pick<ChargeRequest, 'refrigerant' | 'recovery' | 'place'>) {
  const { targetKg, doneKg, leftKg, ways, rates, flags, law, mayTakeKg } = charge;
  return {
    ...{ targetKg, doneKg, leftKg },
    text: chargeText(charge),
    ...(ways && refrigerant !== undefined ? { ways: ways.map((code) => ({ code, text: chargeWayText(code, refrigerant) })) } : {}),
    ...(rates ? { annualRatePercent: rates, flags } : {}),
    ...(law && place === 'eu' ? { tonnesCo2e: law.tonnesCo2e, checkMonths: law.checkMonths } : {}),
    ...(law?.recheckDays ? { recheckBy: law.recheckDays } : {}),
    ...(recovery ? { mayTakeKg } : {}),
    cautions: cautionsAnswer(charge.cautions),
  };
}
