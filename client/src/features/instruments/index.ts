export { BY_HAND, Instruments } from './Instruments';
