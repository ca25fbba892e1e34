export { keyFor, keyOf, markEntered, renewKey } from './deviceKey';
export { openCheck } from './openCheck';
