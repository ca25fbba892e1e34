import { kindOf, type CircuitGraph } from '../circuit/graph';
import type { JointPlace } from '../circuit/jointAt';
import type { JointPlan } from '../plan/planJoint';
import { isColdMethod } from '../cold/cold';
import { MADE, type JointState } from '../record/state';
import type { RodUsed } from '../record/rodUsed';
import { factsOf, type StageFact } from '../stage/entry';
import { joiningOf } from '../stage/joining';
import { metresOf } from '../unit/units';
import type { VanCount } from '../van/readVan';
import { kitOf, type KitLine, type KitRequest } from './kit';
import type { ColdJoint, KitPart } from './request';

/** A joint of a job, as far as its kit goes. */
export interface KitJoint {
  readonly at: JointPlace | null;
  readonly state: JointState;
  readonly plan: JointPlan | null;
}

interface KitOfJob {
  readonly joints: readonly KitJoint[];
  readonly facts: readonly StageFact[];
  /** Null: the circuit is not drawn. */
  readonly graph: CircuitGraph | null;
  readonly van: Pick<VanCount, 'fillers' | 'flux' | 'wraps' | 'cylinder'>;
  readonly used: readonly RodUsed[];
}

/** Outside of the tube at a part; null where none is drawn there. */
function odAt(graph: CircuitGraph, place: string): number | null {
  const tube = graph.links.find(({ from, to, tube: drawn }) => drawn && (from === place || to === place))?.tube;
  return tube ? metresOf(tube.od) : null;
}

function partsOf(graph: CircuitGraph, facts: readonly StageFact[]): readonly KitPart[] {
  const opened = factsOf(facts, 'also-opened');
  const yes = (place: string) => opened.findLast(({ values }) => values.place === place)?.values.choice === 'yes';
  const changed = opened
    .filter(({ values }) => (values.what === 'drier' || values.what === 'twin') && yes(values.place))
    .map(({ values }) => values.place);
  const replaced = [...joiningOf(facts)].filter(([, method]) => method === 'change-part').map(([place]) => place);
  return [...new Set([...changed, ...replaced])].flatMap((place) => {
    const kind = kindOf(graph, place);
    return kind ? [{ kind, place }] : [];
  });
}

/** What of a job the kit is made from: joints that are not made yet, and what was decided. */
export function kitRequestOf({ joints, facts, graph, van, used }: KitOfJob): KitRequest {
  const open = joints.filter(({ state }) => !MADE.includes(state) && state !== 'cut-out');
  const joining = joiningOf(facts);
  const isCold = ({ at }: KitJoint) => at !== null && isColdMethod(joining.get(at.part));
  const at = (place: string) => joints.filter((joint) => joint.at?.part === place);
  const isDone = (place: string) => at(place).length > 0 && at(place).every((joint) => !open.includes(joint));
  const cold = [...joining].flatMap(([place, method]): readonly ColdJoint[] =>
    (method === 'press' || method === 'flare') && !isDone(place) ? [{ method, odM: graph && odAt(graph, place) }] : [],
  );
  const plans = open.filter((joint) => !isCold(joint)).flatMap(({ plan }) => plan ?? []);
  return {
    ...{ plans, cold, van, used },
    parts: graph ? partsOf(graph, facts) : [],
    ports:
      open.length > 0 && graph
        ? graph.parts.filter(({ kind, core }) => kind === 'port' && core !== 'out').map(({ id }) => ({ place: id }))
        : [],
    seals: factsOf(facts, 'also-opened').filter(({ values }) => values.what === 'seal' && values.choice === 'yes').length,
  };
}

/** What a job needs to be taken along. As `kitOf`. */
export const kitOfJob = (job: KitOfJob): readonly KitLine[] => kitOf(kitRequestOf(job));
