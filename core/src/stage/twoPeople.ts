import { burnsEasily, isCarbonDioxide, refrigerantName, type SafetyClass } from '../refrigerant/safetyClasses';

/** Why nobody makes a joint alone. */
export type TwoPeopleWhy = 'below-ground' | 'carbon-dioxide' | 'ammonia' | 'burns-easily' | 'large';

/** From here on one pair of hands does not heat a joint evenly [m]. Source: order of work at set-up. */
const LARGE_M = 0.054;

interface AtTheJoint {
  readonly refrigerant: string;
  readonly safetyClass: SafetyClass | null;
  readonly belowGround: boolean;
  readonly outsideM: number;
}

/**
 * Why a joint is made by two.
 *
 * @param at  refrigerant and its class, whether the room lies below ground or is sealed, outside of the tube [m]
 * @returns   each reason; none where one person may work alone. The local rule counts before this
 * @source    order of work at set-up: sealed or below-ground room, R-744, ammonia, A3, lines over 54 mm
 */
export function twoPeopleWhys({ refrigerant, safetyClass, belowGround, outsideM }: AtTheJoint): readonly TwoPeopleWhy[] {
  const name = refrigerantName(refrigerant) ?? refrigerant;
  return [
    ...(belowGround ? (['below-ground'] as const) : []),
    ...(isCarbonDioxide(name) ? (['carbon-dioxide'] as const) : []),
    ...(name === 'R-717' ? (['ammonia'] as const) : []),
    ...(burnsEasily(safetyClass) ? (['burns-easily'] as const) : []),
    ...(outsideM > LARGE_M ? (['large'] as const) : []),
  ];
}
