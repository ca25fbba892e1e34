export { OverruleByPin } from './OverruleByPin';
export { SetDayPin } from './SetDayPin';
export { dropPin } from './keptPin';
export { useDayPin } from './useDayPin';
