import { ENGINE_VERSION } from '../plan/version';
import { drawingLines, GOLDEN_CIRCUITS } from './drawings';
import { isolationLines } from './isolations';
import { reachLines } from './reaches';
import { GOLDEN_REQUESTS } from './requests';
import { sectionLines } from './sections';
import { goldenLine } from './summary';

/** The answers of today's engine, as they are kept in `answers.json`. */
export const goldenAnswers = () => ({ engineVersion: ENGINE_VERSION, answers: GOLDEN_REQUESTS.map(goldenLine) });

/** Today's drawings, as they are kept in `drawings.json`: every line by the name of its circuit. */
export const goldenDrawings = (): Readonly<Record<string, readonly string[]>> =>
  Object.fromEntries(Object.entries(GOLDEN_CIRCUITS).map(([name, graph]) => [name, drawingLines(graph)]));

/** Today's ways to get at every part, as they are kept in `isolations.json`. */
export const goldenIsolations = isolationLines;

/** Today's sections, as they are kept in `sections.json`. */
export const goldenSections = sectionLines;

/** How far heat goes today, as it is kept in `reaches.json`. */
export const goldenReaches = reachLines;
