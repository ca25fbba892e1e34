import type { HoldVerdict } from '../hold/hold';
import type { SectionHoldRequest } from '../isolate/request';
import type { IsolationMethod } from '../isolate/isolate';
import type { EntryPhoto, RecordEntry } from '../record/chain';
import { canonicalHash } from '../record/chain';
import type { ReadingsRequest } from '../refrigerant/readings';
import type { Quantity } from '../unit/units';
import { KEPT_STAGES, type KeptStage } from '../vocabulary/stage';
import type { AlsoOpenedKind } from './alsoOpened';
import type { JoiningMethod } from './joining';
import type { GateCode } from './gates';
import type { TorchPoint } from './torch';
import type { Worth } from './worth';

/** A place on the circuit: a part's id, a tube as `from>to`, or the rig's own hoses. */
export type Place = string;
export const RIG: Place = 'rig';

export const SIGNS = ['oil', 'oily-dirt', 'frost', 'corrosion', 'rubbed', 'earlier-repair', 'soft-solder'] as const;
export type Sign = (typeof SIGNS)[number];
/** In order of cost. */
export const FIND_METHODS = ['look', 'sniffer', 'gas-and-ear', 'soap', 'section-hold'] as const;
export type FindMethod = (typeof FIND_METHODS)[number];
export const CHECK_RESULTS = ['nothing', 'leak', 'in-part', 'not-reached'] as const;
export type CheckResult = (typeof CHECK_RESULTS)[number];
export const REFRIGERANT_FATES = ['reuse', 'fresh'] as const;
export type RefrigerantFate = (typeof REFRIGERANT_FATES)[number];
export const APPROVAL_WAYS = ['in-person', 'phone', 'message', 'paper'] as const;
export type ApprovalWay = (typeof APPROVAL_WAYS)[number];
export const PICTURES_OF = ['wiring', 'pipes', 'plate', 'place'] as const;
export type PictureOf = (typeof PICTURES_OF)[number];
export const HOT_WORK_ANSWERS = ['done', 'none-here'] as const;
export type HotWorkAnswer = (typeof HOT_WORK_ANSWERS)[number];

/** What an entry of each kind says. Masses in kg, times in the unit of their name, quantities as they were read. */
export interface StageValues {
  readonly began: Readonly<Record<string, never>>;
  readonly done: Readonly<Record<string, never>>;
  readonly skipped: { readonly reason: string };
  readonly waiting: { readonly what: string; readonly forWhom: string };
  readonly reopened: { readonly why: string };
  readonly overruled: { readonly gate: GateCode; readonly reason: string };

  readonly complaint: { readonly text: string };
  readonly loss: { readonly lostKg: number; readonly days: number; readonly chargeKg?: number };
  readonly readings: { readonly request: ReadingsRequest };
  readonly sign: { readonly place: Place; readonly sign: Sign; readonly note?: string };
  readonly 'checked-place': {
    readonly place: Place;
    readonly method: FindMethod;
    readonly result: CheckResult;
    readonly gramsPerYear?: number;
    readonly note?: string;
  };
  readonly 'section-hold': {
    readonly parts: readonly string[];
    readonly volume: Quantity;
    readonly minutes: number;
    readonly start: { readonly pressure: Quantity; readonly temperature: Quantity };
    readonly end: { readonly pressure: Quantity; readonly temperature: Quantity };
    readonly gauge: SectionHoldRequest['gauge'];
    readonly temperatureUncertaintyK: number;
    readonly verdict: HoldVerdict;
    readonly leakPaM3S: number;
    readonly smallestSeenPaM3S: number;
    readonly gramsPerYear: number | null;
  };
  readonly 'stopped-looking': { readonly reason: string };

  readonly isolation: {
    readonly work: readonly string[];
    readonly advised: IsolationMethod;
    readonly method: IsolationMethod;
    readonly runs: boolean;
    readonly lowSideLeak: boolean;
    readonly airInside: boolean;
    readonly jointOpen: boolean;
    readonly lowSidePressure?: Quantity;
    readonly chargeKg?: number;
    readonly takeOutKg?: number;
    readonly close: readonly string[];
    readonly closeAfter: readonly string[];
    readonly staysFull: readonly string[];
    readonly reason?: string;
    readonly engineVersion: string;
  };
  readonly joining: { readonly place: Place; readonly method: JoiningMethod; readonly why: string };
  readonly 'also-opened': {
    readonly what: AlsoOpenedKind;
    readonly place: Place;
    readonly choice: 'yes' | 'declined';
    readonly why?: string;
  };
  readonly 'price-held-until': { readonly check: string };
  readonly 'price-check': { readonly of: string; readonly found: string };
  readonly approval: { readonly by: string; readonly how: ApprovalWay; readonly for: string; readonly amount?: string };
  readonly worth: {
    readonly ageYears: number;
    readonly inWarranty: boolean;
    readonly repair: number;
    readonly replacement: number;
    readonly earlierFinds: number;
    readonly advice: Worth['advice'];
    readonly decided: 'repair' | 'replace';
    readonly why?: string;
  };
  readonly 'refrigerant-fate': { readonly fate: RefrigerantFate; readonly why: string };

  readonly 'locked-off': { readonly keyHolder: string };
  readonly 'before-picture': { readonly of: PictureOf; readonly note?: string };
  readonly recovered: {
    readonly tareKg: number;
    readonly grossKg: number;
    readonly minutes: number;
    readonly waterKg?: number;
    /** What the low side stood at when it was ended. */
    readonly downTo?: Quantity;
  };
  readonly 'zero-and-open': { readonly note?: string };
  readonly 'hot-work': {
    readonly point: TorchPoint;
    readonly answer: HotWorkAnswer;
    readonly note?: string;
    readonly oxygenPercent?: number;
  };
  readonly told: { readonly who: string };
  readonly covered: { readonly what: string };
  readonly 'cooling-arranged': { readonly how: string };
  readonly 'watch-began': { readonly minutes: number; readonly by: string };
  readonly 'watch-ended': { readonly reason?: string };
}

export type StageEntryKind = keyof StageValues;

/** Every kind and the stages it is kept in. */
export const STAGE_ENTRY_KINDS: Readonly<Record<StageEntryKind, readonly KeptStage[]>> = {
  began: KEPT_STAGES,
  done: KEPT_STAGES,
  skipped: KEPT_STAGES,
  waiting: KEPT_STAGES,
  reopened: KEPT_STAGES,
  overruled: KEPT_STAGES,
  complaint: ['find'],
  loss: ['find'],
  readings: ['find'],
  sign: ['find'],
  'checked-place': ['find'],
  'section-hold': ['find'],
  'stopped-looking': ['find'],
  isolation: ['decide'],
  joining: ['decide'],
  'also-opened': ['decide'],
  'price-held-until': ['decide'],
  'price-check': ['decide'],
  approval: ['decide'],
  worth: ['decide'],
  'refrigerant-fate': ['decide'],
  'locked-off': ['make-safe'],
  'before-picture': ['make-safe'],
  recovered: ['make-safe'],
  'zero-and-open': ['make-safe'],
  'hot-work': ['make-safe'],
  told: ['make-safe'],
  covered: ['make-safe'],
  'cooling-arranged': ['make-safe'],
  'watch-began': ['make-safe'],
  'watch-ended': ['make-safe'],
};

/**
 * What happened, whenever it reaches the server: found, read, weighed, answered, pictured, a watch begun. It is never refused for
 * its place in the order, and moves no stage by itself. What is not here claims a state or a choice, and needs its stage open.
 */
export const HAPPENED: readonly StageEntryKind[] = [
  ...(['complaint', 'loss', 'readings', 'sign', 'checked-place', 'section-hold', 'price-check'] as const),
  ...(['locked-off', 'before-picture', 'recovered', 'zero-and-open', 'hot-work', 'told', 'covered', 'cooling-arranged'] as const),
  ...(['watch-began', 'watch-ended'] as const),
];

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

/** Sequence number of the first link that does not follow the one before it, or whose content was altered; null for an unbroken chain. */
export function firstBrokenLink(entries: readonly StageEntry[]): number | null {
  const broken = entries.findIndex(
    ({ content, hash }, i) =>
      content.sequence !== i + 1 || content.previous !== (entries[i - 1]?.hash ?? null) || canonicalHash(content) !== hash,
  );
  return broken < 0 ? null : broken + 1;
}

type FactOf<Kind extends StageEntryKind> = Extract<StageFact, { readonly kind: Kind }>;

/** Facts of one kind, in the order they were noted. */
export const factsOf = <Kind extends StageEntryKind>(facts: readonly StageFact[], kind: Kind): readonly FactOf<Kind>[] =>
  facts.filter((fact): fact is FactOf<Kind> => fact.kind === kind);

/** The last of a kind counts. */
export const lastOf = <Kind extends StageEntryKind>(facts: readonly StageFact[], kind: Kind): FactOf<Kind> | undefined =>
  factsOf(facts, kind).at(-1);
