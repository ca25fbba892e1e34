export { keyFor, keyOf, markEntered, noteEntering, renewKey } from './deviceKey';
export { openCheck } from './openCheck';
