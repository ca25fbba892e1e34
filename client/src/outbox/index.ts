export { thing, type Command, type Refusal, type Write, type WriteRoute } from './command';
export { useKeptHere } from './useKeptHere';
export { useSendKept } from './useSendKept';
export { bodyOf, goes, useKept, usePending, useUnrefused } from './usePending';
export { usePendingBody } from './usePendingBody';
export { useWrite } from './useWrite';
export { sendAgain, sendKept, takeBack } from './write';
