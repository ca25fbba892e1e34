import type { LiveKind, LiveQuantity, Quantity, Told, VacuumSample, Worked } from '@kesto/core';

/** Where a page watches what instruments send. */
export const WATCH_PATH = '/watch';

/** What a page asks to be told, once; another asks for something else. */
export interface FromWatcher {
  readonly watch: { readonly of: 'hold' | 'pull'; readonly job: string; readonly id: string; readonly by?: string | null };
  /** Who signed in on this page: as in every request. */
  readonly person: string;
}
/** The newest picture, at most twice a second; or why there is none. */
export type ToWatcher =
  { readonly hold: HoldLive } | { readonly pull: PullLive } | { readonly refused: { readonly code: string; readonly message: string } };

/** Where instruments connect. */
export const LIVE_PATH = '/live';
/** A code is good for so long, once. */
export const PAIRING_MINUTES = 5;
/** So many samples may wait for their acknowledgement. */
export const MOST_UNACKNOWLEDGED = 1000;

/** One column of what an instrument sends: whole steps of its own resolution, in the unit of its quantity. */
export interface LiveColumn {
  readonly quantity: LiveQuantity;
  /** Resolution in kPa (gauge-pressure), °C (pipe-temperature), Pa (vacuum), g (mass), L/min (flow), % (oxygen, carbon-dioxide). */
  readonly step: number;
}

/** What an instrument says of itself. */
export interface LiveInstrument {
  readonly kind: LiveKind;
  /** As it is marked: serial or name. */
  readonly name: string;
  readonly columns: readonly LiveColumn[];
  readonly calibratedUntil?: string;
  readonly range?: Quantity;
  /** Read from a logger's file: its hash, and the headings that were chosen for time, gauge and pipe. */
  readonly log?: { readonly sha256: string; readonly headings: readonly string[] };
}

/** Its count from 1, the series' clock [ms since 1970], whole steps of each column. */
export type WireSample = readonly [n: number, ms: number, ...steps: number[]];

/** What an instrument says, one JSON a message. */
export type FromInstrument =
  | { readonly pair: string; readonly instrument: LiveInstrument; readonly factor?: number }
  | { readonly token: string }
  | { readonly samples: readonly WireSample[] };

/** What is answered, one JSON a message. */
export type ToInstrument =
  /** Kept by the instrument; with it the same series goes on after any break. */
  | { readonly paired: { readonly token: string; readonly series: string } }
  /** Where to go on: the highest count that is safe. */
  | { readonly ack: number }
  /** What was noted of its hold: of use to a stand-in that acts a machine. */
  | { readonly noted: { readonly kind: string; readonly values: Readonly<Record<string, unknown>>; readonly at: string } }
  | { readonly refused: { readonly code: string; readonly message: string } };

export interface PairingRequest {
  readonly hold: string;
}
export interface Pairing {
  readonly code: string;
  readonly until: string;
  readonly path: typeof LIVE_PATH;
}

/** A stand-in for the demo: an instrument at a machine that is only worked out. */
export interface StandInRequest {
  /** The hold, or the pull. */
  readonly hold: string;
  /** How many times as fast its clock runs. */
  readonly factor: number;
  /** It falls silent now and then. */
  readonly dropsOut: boolean;
}

/** One moment of a series, thinned for a screen. */
export interface LivePoint {
  /** Since the hold was begun, by the series' clock. */
  readonly seconds: number;
  readonly gaugePa: number;
  readonly celsius: number;
}

/** An instrument that joined a hold or a pull. */
export interface LiveSeries {
  readonly id: string;
  readonly instrument: Told<'series-began'>['instrument'];
  readonly factor: number | null;
  readonly samples: number;
  readonly isSilent: boolean;
  readonly disagreements: number;
  /** Its latest figures, each in the unit of its quantity; none where a block has just ended. */
  readonly last: readonly { readonly quantity: LiveQuantity; readonly value: number }[];
  /** It is let go: heard no more. */
  readonly isEnded: boolean;
}

/** The same of a pull: a vacuum over the series' clock, and what its rise shows so far; null while the pump runs. */
export interface PullLive {
  readonly entries: number;
  readonly series: readonly LiveSeries[];
  /** The instrument that it is judged by; null where none can. */
  readonly judgedBy: string | null;
  readonly points: readonly VacuumSample[];
  readonly judged: Worked<'rise'> | null;
}

/** What instruments have sent of a hold, as a screen needs it, and what the server makes of it. */
export interface HoldLive {
  /** How long the job's chain is: whoever has a shorter one asks for it again. */
  readonly entries: number;
  readonly series: readonly LiveSeries[];
  /** The instrument that it is judged by; null where none can. */
  readonly judgedBy: string | null;
  readonly points: readonly LivePoint[];
  /** Null until two samples count. */
  readonly curve: {
    readonly points: readonly { readonly seconds: number; readonly changePa: number }[];
    readonly bandPa: number;
    readonly wantedPaPerS: number | null;
    readonly answersAtS: number | null;
    readonly seenAtEnd: number | null;
    readonly judged: Worked<'hold-ended'>;
  } | null;
}

/** A logger's file, in pieces: the same piece again changes nothing. */
export interface HoldLogRequest {
  readonly instrument: LiveInstrument & { readonly log: NonNullable<LiveInstrument['log']> };
  readonly samples: readonly WireSample[];
}
/** So many of its lines go in one request. */
export const LOG_PIECE = 5000;

export interface KeptLog {
  readonly samples: number;
}

export interface StandInSoap {
  readonly bubbles: boolean;
}
