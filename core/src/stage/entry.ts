import { KINDS, type KindOf, type Told, type Worked } from '../ledger/kinds';
import type { EntryPhoto, RecordEntry } from '../record/chain';
import { canonicalHash } from '../record/chain';
import type { KeptStage } from '../vocabulary/stage';

/** A place on the circuit: a part's id, a tube as `from>to`, or the rig's own hoses. */
export type Place = string;
export const RIG: Place = 'rig';

export {
  APPROVAL_WAYS,
  CHECK_RESULTS,
  FIND_METHODS,
  HOT_WORK_ANSWERS,
  PICTURES_OF,
  REFRIGERANT_FATES,
  SIGNS,
  type ApprovalWay,
  type CheckResult,
  type FindMethod,
  type HotWorkAnswer,
  type PictureOf,
  type RefrigerantFate,
  type Sign,
} from '../ledger/words';

export type StageEntryKind = KindOf<'job'>;

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
    /** When it was, as early and late are judged: by the device's clock or the server's, whichever is earlier. */
    readonly at: string;
    /** How far the device's clock said it was after the server had it; nothing of a device that was merely without a signal. */
    readonly aheadMs: number;
    readonly photos: readonly EntryPhoto[];
  };
}[StageEntryKind];

export const STAGE_ENTRY_FORMAT = 1;

/** What one link of a job's chain says. All of it is hashed. */
export interface StageEntryContent {
  readonly format: typeof STAGE_ENTRY_FORMAT;
  readonly id: string;
  readonly job: { readonly id: string; readonly number: number };
  readonly sequence: number;
  readonly stage: KeptStage;
  readonly kind: StageEntryKind;
  readonly person: { readonly id: string; readonly name: string };
  readonly deviceTime: string;
  readonly serverTime: string;
  readonly values: Readonly<Record<string, unknown>>;
  readonly photos: readonly EntryPhoto[];
  readonly previous: string | null;
}

export interface StageEntry {
  readonly content: StageEntryContent;
  readonly hash: RecordEntry['hash'];
}

/** A link of a job's chain: the content with the SHA-256 of its canonical JSON (RFC 8785). */
export const sealStageEntry = (content: StageEntryContent): StageEntry => ({ content, hash: canonicalHash(content) });

/** A link as the rest of the engine reads it. */
export function factOf({ content }: StageEntry): StageFact {
  const aheadMs = Math.max(0, Date.parse(content.deviceTime) - Date.parse(content.serverTime));
  return {
    ...{ id: content.id, stage: content.stage, kind: content.kind, values: content.values },
    ...{ by: content.person.name, at: aheadMs > 0 ? content.serverTime : content.deviceTime, aheadMs, photos: content.photos },
  } as StageFact; // cast: values were checked against their kind when the entry was taken
}

type FactOf<Kind extends StageEntryKind> = Extract<StageFact, { readonly kind: Kind }>;

/** Facts of one kind, in the order they were noted. */
export const factsOf = <Kind extends StageEntryKind>(facts: readonly StageFact[], kind: Kind): readonly FactOf<Kind>[] =>
  facts.filter((fact): fact is FactOf<Kind> => fact.kind === kind);

/** The last of a kind counts. */
export const lastOf = <Kind extends StageEntryKind>(facts: readonly StageFact[], kind: Kind): FactOf<Kind> | undefined =>
  factsOf(facts, kind).at(-1);
