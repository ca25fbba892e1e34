import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type {
  Access,
  Form,
  HistoryState,
  MetalName,
  NearKind,
  OutletKind,
  PlanRequest,
  ProtectionKind,
  Quantity,
  Schools,
  Side,
} from '@kesto/core';

/** A wrap where it is not the usual one; an empty figure stands for the usual. */
export interface WrapDraft {
  readonly from: string;
  readonly to: string;
  readonly water: string;
}

export interface NearDraft {
  readonly kind: NearKind;
  readonly distance: string;
  readonly along: 'male' | 'female';
  readonly protection: ProtectionKind;
  readonly wrap?: WrapDraft;
}

/** A joint as it is being typed: text until it can be read, kept through reloads until it is stored as a plan. */
export interface Draft {
  readonly male: {
    readonly metal: MetalName;
    readonly od: string;
    readonly wall: string;
    readonly state: HistoryState;
    readonly oldFiller: string;
  };
  readonly female: {
    readonly metal: MetalName;
    readonly form: Form;
    readonly bore: string;
    readonly cupDepth: string;
    readonly wall: string;
    readonly state: HistoryState;
    readonly oldFiller: string;
  };
  readonly side: Side;
  readonly vibration: boolean;
  readonly access: Access;
  readonly near: readonly NearDraft[];
  readonly outlet: OutletKind;
  readonly minutes: string;
  /** Where this joint is made by another school than the shop's. */
  readonly schools: Schools;
  readonly choose: string | null;
  readonly reason: string;
}

export const NEW_DRAFT: Draft = {
  male: { metal: 'copper', od: '7/8 in', wall: '', state: 'new', oldFiller: '' },
  female: { metal: 'copper', form: 'fitting-cup', bore: '', cupDepth: '', wall: '', state: 'new', oldFiller: '' },
  side: 'suction',
  vibration: false,
  access: 'open',
  near: [],
  outlet: 'port-core-out',
  minutes: '10',
  schools: {},
  choose: null,
  reason: '',
};

const text = (quantity: Quantity | undefined) => (quantity ? `${quantity.value} ${quantity.unit}` : '');

function historyOf(history: PlanRequest['joint']['male']['history']): { state: HistoryState; oldFiller: string } {
  if (history === undefined || typeof history === 'string') return { state: history ?? 'new', oldFiller: '' };
  return { state: history.state, oldFiller: history.filler ?? '' };
}

function nearFrom({ kind, distance, along = 'male', protection = 'none' }: NonNullable<PlanRequest['near']>[number]): NearDraft {
  const place = { kind, distance: text(distance), along };
  if (typeof protection === 'string') return { ...place, protection };
  return {
    ...place,
    protection: protection.kind,
    wrap: { from: text(protection.from), to: text(protection.to), water: text(protection.water) },
  };
}

/** A stored plan, opened again for changing. */
export function draftFromPlan(request: PlanRequest, chosen: string, reason: string | null): Draft {
  const { male, female } = request.joint;
  return {
    male: { metal: male.metal, od: text(male.od), wall: text(male.wall), ...historyOf(male.history) },
    female: {
      metal: female.metal,
      form: female.form ?? 'fitting-cup',
      bore: text(female.bore),
      cupDepth: text(female.cupDepth),
      wall: text(female.wall),
      ...historyOf(female.history),
    },
    side: request.service?.side ?? 'suction',
    vibration: request.service?.vibration ?? false,
    access: request.joint.access ?? 'open',
    near: (request.near ?? []).map(nearFrom),
    outlet: request.purge?.outlet.kind ?? 'port-core-out',
    minutes: String(request.purge?.minutes ?? 10),
    schools: request.schools ?? {},
    choose: chosen,
    reason: reason ?? '',
  };
}

const KEY = 'kesto.drafts';
const STEPS_BACK = 50;

/** A draft with what it was before, so that every change can be undone. */
interface DraftHistory {
  readonly past: readonly Draft[];
  readonly present: Draft;
  readonly future: readonly Draft[];
  /** Which figure changed last: letters typed into one field are one change. */
  readonly touched: string;
}
export type Drafts = Readonly<Record<string, DraftHistory>>;

function kept(): Drafts {
  try {
    const drafts = JSON.parse(globalThis.localStorage?.getItem(KEY) ?? '{}') as Readonly<Record<string, Draft>>; // cast: written by keepDrafts alone
    return Object.fromEntries(
      Object.entries(drafts).map(([id, draft]) => [id, { past: [], present: { ...NEW_DRAFT, ...draft }, future: [], touched: '' }]),
    );
  } catch {
    return {};
  }
}

/** Keeps what is typed, not how it came about: a reload starts a new history. */
export function keepDrafts(drafts: Drafts): void {
  try {
    globalThis.localStorage?.setItem(KEY, JSON.stringify(Object.fromEntries(Object.entries(drafts).map(([id, d]) => [id, d.present]))));
  } catch {
    // no storage: drafts last as long as the page
  }
}

/** Names of the figures in which two drafts differ. */
function differing(a: object, b: object, path = ''): readonly string[] {
  return Object.keys(b).flatMap((key) => {
    const [x, y] = [(a as Record<string, unknown>)[key], (b as Record<string, unknown>)[key]]; // cast: two drafts, key by key
    if (x === y) return [];
    return typeof x === 'object' && typeof y === 'object' && x !== null && y !== null
      ? differing(x, y, `${path}${key}.`)
      : [`${path}${key}`];
  });
}

function changed(history: DraftHistory, draft: Draft, move: string | undefined): DraftHistory {
  const differs = differing(history.present, draft).join(' ');
  if (differs === '') return history;
  const touched = move ?? differs;
  const goesOn = touched === history.touched && history.past.length > 0;
  const past = goesOn ? history.past : [...history.past, history.present].slice(-STEPS_BACK);
  return { past, present: draft, future: [], touched };
}

function undone({ past, present, future }: DraftHistory): DraftHistory | null {
  const before = past.at(-1);
  return before ? { past: past.slice(0, -1), present: before, future: [present, ...future], touched: '' } : null;
}

function redone({ past, present, future }: DraftHistory): DraftHistory | null {
  const [next, ...rest] = future;
  return next ? { past: [...past, present], present: next, future: rest, touched: '' } : null;
}

interface DraftChange {
  readonly jointId: string;
  readonly from: Draft;
  readonly part: Partial<Draft>;
  readonly move?: string | undefined;
}

const drafts = createSlice({
  name: 'drafts',
  initialState: kept,
  reducers: {
    /** `from` is what stood on the screen when nothing had been typed yet; all steps of one `move` are undone as one. */
    draftChanged: (state, { payload }: PayloadAction<DraftChange>) => {
      const { jointId, from, part, move } = payload;
      const history = state[jointId] ?? { past: [], present: from, future: [], touched: '' };
      return { ...state, [jointId]: changed(history, { ...history.present, ...part }, move) };
    },
    draftUndone: (state, { payload: jointId }: PayloadAction<string>) => stepped(state, jointId, undone),
    draftRedone: (state, { payload: jointId }: PayloadAction<string>) => stepped(state, jointId, redone),
    draftStored: (state, action: PayloadAction<string>) =>
      Object.fromEntries(Object.entries(state).filter(([id]) => id !== action.payload)),
  },
});

function stepped(state: Drafts, jointId: string, step: (history: DraftHistory) => DraftHistory | null): Drafts {
  const history = state[jointId];
  const next = history ? step(history) : null;
  return next ? { ...state, [jointId]: next } : state;
}

export const { draftChanged, draftUndone, draftRedone, draftStored } = drafts.actions;
export const draftsReducer = drafts.reducer;
