export { Instruments } from './Instruments';
