import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Access, Form, HistoryState, MetalName, NearKind, OutletKind, PlanRequest, ProtectionKind, Quantity, Side } from '@kesto/core';

export interface NearDraft {
  readonly kind: NearKind;
  readonly distance: string;
  readonly along: 'male' | 'female';
  readonly protection: ProtectionKind;
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
  choose: null,
  reason: '',
};

const text = (quantity: Quantity | undefined) => (quantity ? `${quantity.value} ${quantity.unit}` : '');

function historyOf(history: PlanRequest['joint']['male']['history']): { state: HistoryState; oldFiller: string } {
  if (history === undefined || typeof history === 'string') return { state: history ?? 'new', oldFiller: '' };
  return { state: history.state, oldFiller: history.filler ?? '' };
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
    near: (request.near ?? []).map((part) => ({
      kind: part.kind,
      distance: text(part.distance),
      along: part.along ?? 'male',
      protection: typeof part.protection === 'object' ? part.protection.kind : (part.protection ?? 'none'),
    })),
    outlet: request.purge?.outlet.kind ?? 'port-core-out',
    minutes: String(request.purge?.minutes ?? 10),
    choose: chosen,
    reason: reason ?? '',
  };
}

const KEY = 'kesto.drafts';
type Drafts = Readonly<Record<string, Draft>>;

function kept(): Drafts {
  try {
    return JSON.parse(globalThis.localStorage?.getItem(KEY) ?? '{}') as Drafts; // cast: written by keepDrafts alone
  } catch {
    return {};
  }
}

export function keepDrafts(drafts: Drafts): void {
  try {
    globalThis.localStorage?.setItem(KEY, JSON.stringify(drafts));
  } catch {
    // no storage: drafts last as long as the page
  }
}

const drafts = createSlice({
  name: 'drafts',
  initialState: kept,
  reducers: {
    draftChanged: (state, action: PayloadAction<{ jointId: string; draft: Draft }>) => ({
      ...state,
      [action.payload.jointId]: action.payload.draft,
    }),
    draftStored: (state, action: PayloadAction<string>) =>
      Object.fromEntries(Object.entries(state).filter(([id]) => id !== action.payload)),
  },
});

export const { draftChanged, draftStored } = drafts.actions;
export const draftsReducer = drafts.reducer;
