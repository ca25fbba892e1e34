import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { StoredPlan } from '@kesto/contract';
import type {
  Access,
  Along,
  Around,
  CircuitState,
  Form,
  Fuel,
  HistoryState,
  MetalName,
  NearKind,
  OutletKind,
  Position,
  ProtectionKind,
  Removal,
  Schools,
  Side,
  Wind,
} from '@kesto/core';
import { begun, redone, stepped, undone, type History } from '@/history/history';
import { keepTyped, takeFormer, typedBefore } from '@/state/typed';

/** A wrap where it is not the usual one; an empty figure stands for the usual. */
export interface WrapDraft {
  readonly from: string;
  readonly to: string;
  readonly water: string;
}

export interface NearDraft {
  readonly kind: NearKind;
  readonly distance: string;
  readonly along: Along;
  readonly protection: ProtectionKind;
  readonly wrap?: WrapDraft;
  /** Typed where the usual figure of its kind is not meant. */
  readonly limit?: string;
  readonly mass?: string;
  readonly height?: string;
  readonly filler?: string;
}

/** What else the engine can use of the place; an empty figure stands for what is usual, or for what the van and the plate say. */
export interface PlaceDraft {
  readonly position: Position | '';
  readonly ambient: string;
  readonly fuel: Fuel | '';
  readonly tipKw: string;
  readonly regulator: string;
  readonly fuelGas: string;
  readonly flood: string;
  readonly room: string;
  readonly ventilation: string;
  readonly coldest: string;
  readonly hottest: string;
  readonly design: string;
  readonly rating: string;
  /** Left out by drafts of before, as the next. */
  readonly testRating?: string;
  /** Designations, with commas between. */
  readonly makersFillers?: string;
  readonly sulphur: boolean;
  readonly circuit: CircuitState | '';
  readonly oil: 'yes' | 'no' | '';
  readonly holdSeconds: string;
  /** Left out by drafts of before, as the next. */
  readonly wind?: Wind;
  readonly belowGround?: boolean;
  /** The line that is swept, where the drawing has none: its length, or that nobody knows it. */
  readonly swept?: string;
}

/** Nobody knows what is swept. */
export const SWEPT_UNKNOWN = 'not known';

export const USUAL_PLACE: PlaceDraft = {
  position: '',
  ambient: '',
  fuel: '',
  tipKw: '',
  regulator: '',
  fuelGas: '',
  flood: '',
  room: '',
  ventilation: '',
  coldest: '',
  hottest: '',
  design: '',
  rating: '',
  testRating: '',
  wind: 'calm',
  belowGround: false,
  swept: '',
  makersFillers: '',
  sulphur: false,
  circuit: '',
  oil: '',
  holdSeconds: '',
};

/** A joint as it is being typed: text until it can be read, kept through reloads until it is stored as a plan. */
export interface Draft {
  readonly male: {
    readonly metal: MetalName;
    readonly form: Form;
    readonly od: string;
    readonly wall: string;
    readonly state: HistoryState;
    readonly oldFiller: string;
    readonly removed: Removal | '';
    /** When the old joint was made; left out by drafts of before. */
    readonly year?: string;
  };
  readonly female: {
    readonly metal: MetalName;
    readonly form: Form;
    readonly bore: string;
    readonly cupDepth: string;
    readonly wall: string;
    readonly state: HistoryState;
    readonly oldFiller: string;
    readonly removed: Removal | '';
    /** When the old joint was made; left out by drafts of before. */
    readonly year?: string;
    /** Of a branch: the tube it stands on. */
    readonly runOd: string;
    readonly runWall: string;
  };
  readonly place: PlaceDraft;
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
  /** The plan it was opened from: what is not said anew stands as it was kept. */
  readonly kept: KeptPlan | null;
}

/** What the draft of an opened plan goes back to. */
export type KeptPlan = Pick<StoredPlan, 'request' | 'chosen' | 'reason'>;

/** What is known round a joint; the drawing may have the swept lines at lengths that nobody measured. */
export interface DrawnAround extends Around {
  readonly sweptAssumed?: boolean;
}

/** Neither drawing nor plate has what is swept measured: what is said of it counts before them. */
export const asksSwept = ({ circuit, sweptAssumed = false }: DrawnAround): boolean => circuit.purgeSections.length === 0 || sweptAssumed;

export const NEW_DRAFT: Draft = {
  male: { metal: 'copper', form: 'tube', od: '7/8 in', wall: '', state: 'new', oldFiller: '', removed: '' },
  female: {
    metal: 'copper',
    form: 'fitting-cup',
    bore: '',
    cupDepth: '',
    wall: '',
    state: 'new',
    oldFiller: '',
    removed: '',
    runOd: '',
    runWall: '',
  },
  place: USUAL_PLACE,
  side: 'suction',
  vibration: false,
  access: 'open',
  near: [],
  outlet: 'port-core-out',
  minutes: '10',
  schools: {},
  choose: null,
  reason: '',
  kept: null,
};

const FORMER = 'kesto.drafts';

/** Each draft with what it was before, so that every change can be undone. */
export type Drafts = Readonly<Record<string, History<Draft>>>;

/** A draft of earlier days lacks what is asked since. */
export const completed = (draft: Partial<Draft>): Draft => ({
  ...NEW_DRAFT,
  ...draft,
  male: { ...NEW_DRAFT.male, ...draft.male },
  female: { ...NEW_DRAFT.female, ...draft.female },
  place: { ...USUAL_PLACE, ...draft.place },
});

type Present = Readonly<Record<string, Draft>>;
const whichOf = (person: string) => ({ person, name: 'drafts', version: 1 });

/** What a person typed of joints before, on this device; what a former version kept for whoever came is theirs who comes first. */
export function keptDrafts(person: string): Drafts {
  const former = takeFormer(FORMER) as Present | null; // cast: the former version wrote nothing else
  const drafts = { ...former, ...typedBefore<Present>(whichOf(person)) };
  return Object.fromEntries(Object.entries(drafts).map(([id, draft]) => [id, begun(completed(draft))]));
}

/** Keeps what is typed, not how it came about: a reload starts a new history. */
export const keepDrafts = (person: string, drafts: Drafts): void =>
  keepTyped(whichOf(person), Object.fromEntries(Object.entries(drafts).map(([id, { present }]) => [id, present])));

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

/** After a change; what was changed last goes on as one step. */
function changed(history: History<Draft>, draft: Draft, move: string | undefined): History<Draft> {
  const differs = differing(history.present, draft).join(' ');
  return differs === '' ? history : stepped(history, draft, move ?? differs);
}

interface DraftChange {
  readonly jointId: string;
  readonly from: Draft;
  readonly part: Partial<Draft>;
  readonly move?: string | undefined;
}

const drafts = createSlice({
  name: 'drafts',
  initialState: {} as Drafts,
  reducers: {
    /** Of whoever is there now: nobody sees what another typed. */
    draftsTakenUp: (_state, { payload }: PayloadAction<Drafts>) => payload,
    /** `from` is what stood on the screen when nothing had been typed yet; all steps of one `move` are undone as one. */
    draftChanged: (state, { payload }: PayloadAction<DraftChange>) => {
      const { jointId, from, part, move } = payload;
      const history = state[jointId] ?? begun(from);
      return { ...state, [jointId]: changed(history, { ...history.present, ...part }, move) };
    },
    draftUndone: (state, { payload: jointId }: PayloadAction<string>) => after(state, jointId, undone),
    draftRedone: (state, { payload: jointId }: PayloadAction<string>) => after(state, jointId, redone),
    draftStored: (state, action: PayloadAction<string>) =>
      Object.fromEntries(Object.entries(state).filter(([id]) => id !== action.payload)),
  },
});

function after(state: Drafts, jointId: string, step: (history: History<Draft>) => History<Draft> | null): Drafts {
  const history = state[jointId];
  const next = history ? step(history) : null;
  return next ? { ...state, [jointId]: next } : state;
}

export const { draftChanged, draftUndone, draftRedone, draftStored, draftsTakenUp } = drafts.actions;
export const draftsReducer = drafts.reducer;
