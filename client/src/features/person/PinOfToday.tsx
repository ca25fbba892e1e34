import { SetDayPin, useDayPin } from '@/features/dayPin';

/** A lead may let this phone overrule without a signal, for today. */
export const PinOfToday = () => <SetDayPin work={useDayPin()} />;
