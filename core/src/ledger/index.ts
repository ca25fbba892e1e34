export {
  isWorked,
  KINDS,
  kindsOf,
  toldOf,
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
export { isOnDrawing, placesIn, type NamedPlace } from './placesIn';
export { tellsWell, type Misfit } from './tells';
export { holdRequestOf, withCompressors, workOut, type HeldFor } from './workOut';
