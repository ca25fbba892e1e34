import { caution, type Caution } from '../caution/table';
import { burns, burnsEasily, holdsChlorine, isPoisonous } from '../refrigerant/safetyClasses';
import type { CautionInput } from './cautions';

/** Watch after the flame is out [min]; 30 where the local rule says so. Source: NFPA 51B, present edition. */
const WATCH_MINUTES = 60;

/** What this refrigerant asks for before a flame: what burns easily, what poisons. A circuit that is new holds none. */
export function aboutRefrigerant({ circuit, refrigerant, safetyClass }: CautionInput): readonly (Caution | false)[] {
  const { state } = circuit;
  const isNew = state === 'new';
  const name = { refrigerant: refrigerant ?? '', class: safetyClass ?? '' };
  const burnsEasilyHere = burnsEasily(safetyClass) && !isNew;
  return [
    burns(safetyClass) && !isNew && caution('flammable', name),
    burnsEasilyHere && caution('mechanical-first', name),
    burnsEasilyHere && state === 'charged' && caution('process-tube', name),
    isPoisonous(safetyClass) && !isNew && caution('poisonous', name),
  ];
}

/** What holds before every flame: open and at zero, what it makes of refrigerant and oil, the permit and the watch. */
export function beforeEveryFlame({ circuit, refrigerant }: CautionInput): readonly (Caution | false)[] {
  const { state, oil } = circuit;
  const isNew = state === 'new';
  return [
    !isNew && caution('zero-and-open', undefined, state === 'charged' ? 'stop' : 'warn'),
    !isNew && caution('acid-gas', { chlorine: holdsChlorine(refrigerant) ? 'yes' : 'no' }),
    (oil ?? !isNew) && caution('oil-burns'),
    caution('hot-work', { minutes: WATCH_MINUTES }),
  ];
}
