export { Instruments } from './Instruments';
export { ableTo, BY_HAND, judgedByOf } from './judged';
