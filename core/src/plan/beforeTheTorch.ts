import { caution, type Caution } from '../caution/table';
import { isOxyFuel } from '../heat/heat';
import { burns, burnsEasily, holdsChlorine, isCarbonDioxide, isHalogenated, isPoisonous } from '../refrigerant/safetyClasses';
import type { CautionInput } from './cautions';

/** Watch after the flame is out [min]; 30 where the local rule says so. Source: NFPA 51B, present edition. */
const WATCH_MINUTES = 60;
/** Heavier than air: it gathers in pits and cellars. */
const LPG = ['propane', 'propylene'];

type Found = readonly (Caution | false)[];

/** What this refrigerant asks for before a flame: what burns easily, what poisons, what suffocates. A circuit that is new holds none. */
export function aboutRefrigerant({ circuit, refrigerant, safetyClass }: CautionInput): Found {
  const { state } = circuit;
  const isNew = state === 'new';
  const name = { refrigerant: refrigerant ?? '', class: safetyClass ?? '' };
  const burnsEasilyHere = burnsEasily(safetyClass) && !isNew;
  const suffocates = isCarbonDioxide(refrigerant) && !isNew;
  return [
    burns(safetyClass) && !isNew && caution('flammable', name),
    burnsEasilyHere && caution('mechanical-first', name),
    burnsEasilyHere && state === 'charged' && caution('process-tube', name),
    isPoisonous(safetyClass) && !isNew && caution('poisonous', name),
    suffocates && caution('asphyxiant'),
    suffocates && caution('dry-ice'),
  ];
}

/** What the gases of the torch and the fume of the flux ask of the place. */
export function aboutGasesAndFume({ torch, site, flux, joint, inRoom }: CautionInput): Found {
  const isLpg = torch !== null && LPG.some((gas) => torch.fuel.endsWith(gas));
  const isShutIn = joint.access === 'tight' || inRoom;
  return [
    torch !== null && isOxyFuel(torch.fuel) && caution('oxygen-oil'),
    isLpg && site.belowGround === true && caution('heavy-gas'),
    flux?.required === true && isShutIn && caution('flux-fume'),
  ];
}

/** What holds before every flame: open and at zero, what it makes of refrigerant and oil, the permit and the watch. */
export function beforeEveryFlame({ circuit, refrigerant, safetyClass }: CautionInput): Found {
  const { state, oil } = circuit;
  const isNew = state === 'new';
  return [
    !isNew && caution('zero-and-open', undefined, state === 'charged' ? 'stop' : 'warn'),
    !isNew && isHalogenated(refrigerant, safetyClass) && caution('acid-gas', { chlorine: holdsChlorine(refrigerant) ? 'yes' : 'no' }),
    (oil ?? !isNew) && caution('oil-burns'),
    caution('hot-work', { minutes: WATCH_MINUTES }),
  ];
}
