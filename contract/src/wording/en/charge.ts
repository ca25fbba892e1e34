import { poundsOunces } from '@kesto/core/unit';
import { leavesAsLiquid, type Charge, type ChargeWay } from '@kesto/core/charge';
import { Saturation } from '@kesto/core/refrigerant';

type Left = Pick<Charge, 'leftKg' | 'isCharged' | 'isCritical'>;

/** What is left to weigh in, or too much, in kilograms and in pounds and ounces spelled out. */
export function chargeText({ leftKg, isCharged, isCritical }: Left): string {
  if (isCharged) return 'charged';
  const kg = Math.abs(leftKg);
  return `${kg.toFixed(isCritical ? 3 : 2)} kg ${leftKg < 0 ? 'too much' : 'left'}: ${poundsOunces(kg)}`;
}

const WAYS: Readonly<Record<ChargeWay, (asLiquid: boolean) => string>> = {
  'vapour-first': () =>
    'As gas first: until saturation stands 2 °C above the water’s freezing point with the water moving; carbon dioxide until 8 bar absolute. Liquid before that freezes the exchanger, or turns to dry ice.',
  'liquid-high-side-off': () =>
    'Liquid into the high side, compressor off: liquid line, king valve port or receiver, until the flow stops or the weight is in.',
  'throttled-suction-running': (asLiquid) =>
    asLiquid
      ? 'The rest into the suction of the running machine, in small amounts: it leaves the cylinder as liquid and flashes in the throttle. Suction not more than 70 kPa above where it stood, superheat never under 4 K.'
      : 'The rest into the suction of the running machine, as gas, in small amounts.',
};

/** One way in, in words. */
export const chargeWayText = (way: ChargeWay, refrigerant: string): string =>
  WAYS[way](leavesAsLiquid(refrigerant, Saturation.of(refrigerant)));
