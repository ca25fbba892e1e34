/** What other features may use of this one; everything else in its folder is its own. */
export { AtTheTorch } from './AtTheTorch';
export { Flags, MakeSafe, Notes } from './Cautions';
export { nearMarks } from './planMarks';
export { OxygenCurve } from './OxygenCurve';
export { Measured, PlanDrawing, type PlanDrawingProps, Section, useFrame } from './PlanDrawing';
