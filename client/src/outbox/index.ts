export { isHeld, thing, type Command, type Refusal, type Write, type WriteRoute } from './command';
export { onExact, type Line } from './merge';
export { useKeptHere } from './useKeptHere';
export { useSendKept } from './useSendKept';
export { bodyOf, goes, useIsOnItsWay, useKept, usePending, useUnrefused } from './usePending';
export { usePendingBody } from './usePendingBody';
export { useWrite } from './useWrite';
export { decide, sendAgain, sendKept, takeBack, takeOnBehalf } from './write';
