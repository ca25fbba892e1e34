import { KINDS, type StagedKind, type Told, type Worked } from '../ledger/kinds';
import type { EntryPhoto } from '../record/chain';
import type { KeptStage } from '../vocabulary/stage';

/** A place on the circuit: a part's id, a tube as `from>to`, or the rig's own hoses. */
export type Place = string;
export const RIG: Place = 'rig';

export {
  APPROVAL_WAYS,
  CYLINDER_HOLDS,
  GUESSED_LINES,
  CHECK_RESULTS,
  FIND_METHODS,
  HOT_WORK_ANSWERS,
  PICTURES_OF,
  REFRIGERANT_FATES,
  LIVE_KINDS,
  LIVE_QUANTITIES,
  SIGNS,
  SOAP_RESULTS,
  VENT_PLACES,
  type ApprovalWay,
  type CylinderHolds,
  type CheckResult,
  type FindMethod,
  type GuessedLine,
  type HotWorkAnswer,
  type LiveKind,
  type LiveQuantity,
  type PictureOf,
  type RefrigerantFate,
  type Sign,
  type SoapResult,
  type VentPlace,
} from '../ledger/words';

/** Kinds of a job's chain that are kept in a stage. */
export type StageEntryKind = StagedKind;

/** What an entry of each kind says: what was told, and in the same place what was worked out of it. */
export type StageValues = { readonly [Kind in StageEntryKind]: Told<Kind> & Worked<Kind> };

/** The stages that an entry of a kind is kept in. */
export const stagesOf = (kind: StageEntryKind): readonly KeptStage[] => KINDS[kind].stages;

/** Whether something happened, whenever it reaches the server: it is never refused for its place in the order, and moves no stage by itself. */
export const hasHappened = (kind: StageEntryKind): boolean => KINDS[kind].nature === 'fact';

/** One thing noted of a job: what, by whom, when on the device and on the server. */
export type StageFact = {
  readonly [Kind in StageEntryKind]: {
    readonly id: string;
    readonly stage: KeptStage;
    readonly kind: Kind;
    readonly values: StageValues[Kind];
    readonly by: string;
    /** Whose words they are, who had left the shop before they came. */
    readonly onBehalfOf?: string;
    /** When it was, as early and late are judged: by the device's clock put right by the server's. */
    readonly at: string;
    /** When the server had it. */
    readonly takenAt: string;
    /** How far the device's clock said it was after the server had it; nothing of a device that was merely without a signal. */
    readonly aheadMs: number;
    readonly photos: readonly EntryPhoto[];
  };
}[StageEntryKind];

/** A fact of one kind. */
export type FactOf<Kind extends StageEntryKind> = Extract<StageFact, { readonly kind: Kind }>;

/** Facts of one kind, in the order they were noted. */
export const factsOf = <Kind extends StageEntryKind>(facts: readonly StageFact[], kind: Kind): readonly FactOf<Kind>[] =>
  facts.filter((fact): fact is FactOf<Kind> => fact.kind === kind);

/** The last of a kind counts. */
export const lastOf = <Kind extends StageEntryKind>(facts: readonly StageFact[], kind: Kind): FactOf<Kind> | undefined =>
  factsOf(facts, kind).at(-1);
