import type { Captive } from '../ledger/words';
import { oxygenSays, type OxygenRead } from '../purge/oxygenRead';
import type { EntryKind } from './chain';

/** One thing that was kept of a joint, by the wall clock. */
export interface RunEvent {
  readonly kind: EntryKind;
  /** ISO 8601. */
  readonly at: string;
  readonly by: string;
  readonly values: Readonly<Record<string, unknown>>;
}

/** What the plan asks for, as far as the order of steps hangs on it. Times in seconds. */
export interface RunPlan {
  readonly hasWraps: boolean;
  /** What has to be on the tube before the joint closes it. */
  readonly captive: readonly Captive[];
  /** What the flood goes down to [% oxygen]. */
  readonly targetPercent: number;
  /** Null: nothing is swept. */
  readonly floodS: number | null;
  /** From the flame off until the joint is under 200 and under 50 °C; null where nobody knows. */
  readonly cooling: { readonly under200S: number; readonly under50S: number } | null;
}

export const RUN_STEPS = ['fit', 'wrap', 'open', 'flood', 'braze', 'cool', 'look'] as const;
export type RunStep = (typeof RUN_STEPS)[number];

/** What the person does next. */
export type RunPhase =
  | 'thread'
  | 'fit'
  | 'wrap'
  | 'open'
  | 'flood'
  | 'feel'
  | 'flooding'
  | 'trickle'
  | 'light'
  | 'burning'
  | 'used'
  | 'nitrogen'
  | 'cooling'
  | 'look';

export const STEP_OF: Readonly<Record<RunPhase, RunStep>> = {
  ...({
    thread: 'fit',
    fit: 'fit',
    wrap: 'wrap',
    open: 'open',
    flood: 'flood',
    feel: 'flood',
    flooding: 'flood',
    trickle: 'flood',
  } as const),
  ...({ light: 'braze', burning: 'braze', used: 'cool', nitrogen: 'cool', cooling: 'cool', look: 'look' } as const),
};

/** How far one try at a joint has come. */
export interface Run {
  readonly phase: RunPhase;
  readonly step: RunStep;
  /** When what runs now began [ms since 1970]; null where nothing runs. */
  readonly since: number | null;
  /** When it is over by the plan [ms since 1970]. */
  readonly until: number | null;
  readonly litAt: number | null;
  readonly flameOffAt: number | null;
  /** From the flame to the flow, as a second person tapped it [s]; null where nobody did. */
  readonly flowedAfterS: number | null;
  /** Whoever wrote last of this try; null where it is not begun. */
  readonly holder: string | null;
  /** The flow was stopped before the joint was under 200 °C: a flaw of it. */
  readonly isPurgeCutShort: boolean;
}

/** From the tap to the flame [s]. */
export const LIGHT_COUNT_S = 5;
/** So long nothing moves after the flame: the filler sets [s]. Trade habit. */
export const HOLD_STILL_S = 30;
/** So many times the planned time a flame burns before it is asked after. Judgement. */
export const STILL_BURNING = 3;
/** Told so long before a wrap is dry [s]. Judgement. */
export const REWET_AHEAD_S = 5;
/** A new try begins after these. */
const ENDS_A_TRY: readonly EntryKind[] = ['pressed', 'flared', 'bent', 'planned', 'looked-at', 'sent-back', 'accepted', 'cut-out'];
/** What is noted of a run at the torch. */
const OF_THE_RUN: readonly EntryKind[] = [
  ...([
    'threaded-on',
    'dry-fit',
    'wrapped',
    'outlet-open',
    'flooding-began',
    'trickle-set',
    'lit',
    'flowed',
    'flame-off',
    'nitrogen-off',
  ] as const),
  ...(['oxygen-read', 'took-over', 'brazed', 'reworked', 'cooled'] as const),
];

const secondsAfter = (ms: number | null, seconds: number | null | undefined): number | null =>
  ms === null || seconds === null || seconds === undefined ? null : ms + seconds * 1000;

function phaseOf(at: (kind: EntryKind) => number | null, felt: boolean, used: boolean, plan: RunPlan): RunPhase {
  if (at('flame-off') !== null) {
    if (!used) return 'used';
    if (plan.floodS !== null && at('nitrogen-off') === null) return 'nitrogen';
    return at('cooled') === null ? 'cooling' : 'look';
  }
  if (at('lit') !== null) return 'burning';
  if (at('dry-fit') === null) return plan.captive.length > 0 && at('threaded-on') === null ? 'thread' : 'fit';
  if (plan.hasWraps && at('wrapped') === null) return 'wrap';
  if (plan.floodS === null) return 'light';
  if (at('outlet-open') === null) return 'open';
  if (at('flooding-began') === null) return 'flood';
  if (!felt) return 'feel';
  return at('trickle-set') === null ? 'flooding' : 'light';
}

/**
 * How far a joint has come at the torch, by what was kept of it and nothing else: a page that is opened again, or on another phone, goes on
 * where it was.
 *
 * @param events  of the joint, in their order, with what only this device has; struck out ones left out
 * @param plan    of the joint as it stands
 * @param nowMs   the wall clock [ms since 1970]
 * @returns       the step, what runs and until when. Only the last try counts: one that was looked at or sent back is over
 */
export function runOf(events: readonly RunEvent[], plan: RunPlan, nowMs: number): Run {
  const begins = events.findLastIndex(({ kind }) => ENDS_A_TRY.includes(kind));
  const own = events.slice(begins + 1).filter(({ kind }) => OF_THE_RUN.includes(kind));
  const lastOf = (kind: EntryKind) => own.findLast((event) => event.kind === kind);
  const at = (kind: EntryKind): number | null => {
    const event = lastOf(kind);
    return event ? Date.parse(event.at) : null;
  };
  const felt = own.some(({ kind, values }) => kind === 'outlet-open' && values['felt'] === true);
  const used = own.some(({ kind }) => kind === 'brazed' || kind === 'reworked');
  const [flooded, lit, off] = [at('flooding-began'), secondsAfter(at('lit'), LIGHT_COUNT_S), at('flame-off')];
  const said = phaseOf(at, felt, used, plan);
  const read = own.find((event) => {
    const told = event.values as unknown as OxygenRead; // cast: the schema of this kind
    const isSince = flooded !== null && Date.parse(event.at) >= flooded;
    return event.kind === 'oxygen-read' && isSince && oxygenSays(told, plan.targetPercent) === 'reached';
  });
  const planned = secondsAfter(flooded, plan.floodS);
  // What an instrument showed counts before what was worked out.
  const floodUntil = read && planned !== null ? Math.min(planned, Date.parse(read.at)) : planned;
  const phase = said === 'flooding' && floodUntil !== null && nowMs >= floodUntil ? 'trickle' : said;
  const [under200, under50] = [secondsAfter(off, plan.cooling?.under200S), secondsAfter(off, plan.cooling?.under50S)];
  const stopped = at('nitrogen-off');
  const live = own.findLast(({ kind, values }) => kind === 'flowed' && values['how'] === 'live');
  const timers: Partial<Record<RunPhase, readonly [since: number | null, until: number | null]>> = {
    feel: [flooded, floodUntil],
    flooding: [flooded, floodUntil],
    burning: [lit, null],
    used: [off, under200],
    nitrogen: [off, under200],
    cooling: [off, under50],
  };
  const [since = null, until = null] = timers[phase] ?? [];
  return {
    ...{ phase, step: STEP_OF[phase], since, until, litAt: lit, flameOffAt: off },
    // Whoever taps the flow live stands beside it: the joint stays with who holds the torch.
    holder: own.findLast(({ kind, values }) => !(kind === 'flowed' && values['how'] === 'live'))?.by ?? null,
    flowedAfterS: lit === null || live === undefined ? null : Number(live.values['seconds']),
    isPurgeCutShort: stopped !== null && under200 !== null && stopped < under200,
  };
}

/** Whether a torch was lit in the last try, and the joint is not cool yet. */
export function isAtTheTorch(events: readonly Pick<RunEvent, 'kind'>[]): boolean {
  const own = events.slice(events.findLastIndex(({ kind }) => ENDS_A_TRY.includes(kind)) + 1);
  return own.some(({ kind }) => kind === 'lit') && !own.some(({ kind }) => kind === 'cooled');
}
