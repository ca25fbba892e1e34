export { keyFor, keyOf, markEntered } from './deviceKey';
export { openCheck } from './openCheck';
export { signStatement } from './signStatement';
