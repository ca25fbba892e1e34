export { tellsWell, type Misfit } from './tells';
export {
  KINDS,
  kindsOf,
  type Chain,
  type KindId,
  type KindOf,
  type KindRow,
  type Told,
  type Worked,
  type WorkedKind,
  type Writers,
} from './kinds';
export type { Field, Fields, Spec, ValuesOf } from './fields';
