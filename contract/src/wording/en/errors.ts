import {
  assertNever,
  JSON_DEPTH,
  type BreakReason,
  type CalcError,
  type FileBreak,
  type FindingCode,
  type NeededCode,
  type RefusalReason,
} from '@kesto/core';

const REFUSALS: Readonly<Record<RefusalReason, (value: string) => string>> = {
  'ammonia-with-copper': () => 'ammonia attacks copper and its alloys: no copper-bearing part may be in the circuit',
  'no-outlet': () => 'the purge has no way out: open a tube end, or a port with its core out',
  'bore-not-above-outside': () => 'must be larger than the outside of the tube that goes in: they cannot be put together',
  'forbidden-filler': (value) => `${value} is forbidden on this joint and cannot be chosen`,
  'wall-too-thick': () => 'twice the wall must be less than the outside diameter',
  'no-such-pull': (value) => `${value} is no pull of this job`,
  'no-charge-begun': () => 'comes after a charge was begun: what is wanted is not known yet',
  'table-not-rising': () => 'must have two rows or more, with more flow at more drop',
  'no-flow': () => 'is needed, or the drop that was read with the maker’s table of the unit',
  'no-wet-bulb': () => 'is needed: without it nobody knows what water the air carries',
  'over-max-charge': () => 'bring the charge above the greatest one on its plate: shorten them, or ask the maker',
  'gained-weight': () => 'weighs more than before: a cylinder that is charged from gets lighter',
  'another-refrigerant': (value) => `${value} is another refrigerant than the unit’s: never mixed`,
  'off-scale': (value) => `${value} is off a vacuum gauge’s scale: above 0, at most 25 000 micron (33 mbar)`,
  'not-above-reached': () => 'must lie above the pressure that was reached: nitrogen brings it up',
  'gauge-difference': () => 'psi is a difference of pressures: say psig for gauge or psia for absolute',
  'new-with-old-filler': () => 'a new part has no old filler: say brazed, or leave it out',
  'nothing-to-remove': () => 'a new part has nothing to remove: say brazed or soft-soldered, or leave it out',
  'not-removable': (value) => `removed is not for a ${value.replaceAll('-', ' ')}: it stays on the line`,
  'stands-twice': (value) => `${value} stands in the stock in two rods: say which with choose {designation, rod}`,
  'given-twice': (value) => `${value} stands twice: each is given once`,
  'under-its-tare': () => 'is less than the empty cylinder weighs',
  'say-gauge-or-absolute': (value) =>
    `${value} can be read as gauge or absolute: say ${value === 'bar' ? 'barg or bara' : 'kPag, barg or psig'}`,
  'above-critical-point': () => 'lies above the critical point: nothing boils or condenses there, so there is no saturation temperature',
  'suction-not-below-liquid': () => 'must lie below liquid.pressure: gauges swapped?',
  'limit-under-ambient': () => 'lies under the ambient: the part would be spoilt already',
  'coldest-above-hottest': () => 'must not lie above service.maxTemp',
  'low-above-high': () => 'must not lie above the high side: sides swapped?',
  'no-such-hold': () => 'is not a hold of this job',
  'no-strength-test': (value) =>
    value === ''
      ? 'bears no more than the hold itself: no strength test here'
      : `${value}: made elsewhere, with no test pressure of the maker typed. A strength test is for piping made on site alone`,
  'no-such-part': (value) => `${value} is no part of this circuit`,
  'no-such-joint': (value) => `${value} is no joint of this list`,
  'not-linked': (value) => `${value} is linked to nothing: say what comes before or after it`,
  'linked-to-itself': (value) => `${value} is linked to itself`,
  'loop-without-compressor': (value) => `${value} lies on a loop that passes no compressor`,
  'hottest-under-ambient': () => 'must be at or above the ambient temperature',
  'not-later': () => 'must be later than the sample before it',
  'joint-above-solidus': () => 'lies above where this metal begins to melt',
  'flood-under-trickle': (value) => `is less than the trickle of this bore (${value} L/min): a flood must be more`,
  'flood-too-fast': (value) => `is faster than 100 m/s in the narrowest bore: at most ${value} L/min`,
  'safety-class-needed': (value) => `is needed: refrigerant ${value} is not known here; say A1, A2L, A2, A3, B1, B2L, B2 or B3`,
  'record-format': () => 'not a Kesto file, or one of a newer version',
  'record-not-json': () => 'is not JSON',
  'record-duplicate-key': () => 'stands twice in one object: two readers would see two different records',
  'record-unknown-key': () => 'is a key that a joint record does not have',
  'record-too-deep': () => `has more than ${JSON_DEPTH} levels`,
  'record-number': () => 'is a number that no finite one can hold',
  'record-text': () => 'holds a character that no text can hold',
  'record-shape': () => 'is missing or not of its kind',
  'not-a-file': () => 'is a zip that cannot be read: it is damaged or was cut short',
  'older-unknown': () => 'must be a joint’s record, a job’s file, a tree head, or a text with what a label’s code says',
  'record-head': () => 'must be a SHA-256: 64 digits 0-9 and a-f',
};

const NEEDED: Readonly<Record<NeededCode, string>> = {
  'purge-section': 'at least one section of the purge path',
  distance: 'at least one distance',
  'plate-limits': 'this refrigerant is in no table: read low and high side off the plate',
  'filler-or-no-stock': 'at least one filler, or no stock at all',
  'wall-not-in-tables': 'this tube is in no table',
  'cup-not-in-tables': 'measure it, no table has a cup for this tube',
  'temperature-or-pressure': 'a temperature or a pressure',
  'a-reading': 'a suction or a liquid reading',
  'a-figure': 'type a figure',
  'two-samples': 'at least two, a start and an end',
  'work-part': 'at least one part that is to be opened',
  'a-joint': 'at least one joint',
  'a-hose': 'at least one hose',
  'a-circuit': 'the circuit these parts stand in',
};

/** Metals people ask for and that are not brazed here: why, and what is done instead. */
export const METALS_NOT_HERE = {
  'cast-iron': 'cast iron: its graphite keeps filler off, flange it or screw it',
  'zinc-alloy': 'zinc alloy: it melts before the filler flows, change the part',
  lead: 'lead: it melts before the filler flows, change the part',
  titanium: 'titanium: it burns and drinks gas in air, flange it or press it',
} as const;

const metalNotHere = (word: string): string | null =>
  (METALS_NOT_HERE as Readonly<Record<string, string>>)[word.toLowerCase().replace(' ', '-')] ?? null;

const round = (value: number) => Number(value.toPrecision(6));

/** What is wrong and what is allowed, in one sentence that can stand after the field's name. */
export function calcErrorText(error: CalcError): string {
  switch (error.kind) {
    case 'out-of-range':
      return `must lie in ${round(error.min)}..${round(error.max)} ${error.unit}, got ${round(error.value)}`.trim();
    case 'not-a-number':
      return 'must be a number';
    case 'unknown-unit':
      return `unit ${error.unit} does not fit here; allowed: ${error.allowed.join(', ')}`;
    case 'unknown-word':
      return `${metalNotHere(error.word) ?? `${error.word} is not known`}; allowed: ${error.allowed.join(', ')}`;
    case 'not-in-stock':
      return `${error.word} is not in the stock; there is ${error.allowed.join(', ')}`;
    case 'test-gas':
      return `${error.word} is no test gas: oxygen and air explode with oil, carbon dioxide dissolves in it; allowed: ${error.allowed.join(', ')}`;
    case 'missing':
      return `is needed: ${NEEDED[error.needed]}`;
    case 'no-order':
      return `have no order in which gas gets through each and out beyond it: ${error.joints.join(', ')} have no way out; open ${error.open}`;
    case 'excludes':
      return `cannot be given together with ${error.other}`;
    case 'unreadable':
      return `cannot be read; write it like ${error.examples.join(', ')}`;
    case 'refused':
      return REFUSALS[error.reason](error.value ?? '');
    default:
      return assertNever(error);
  }
}

export interface WireError {
  readonly code: string;
  readonly field: string;
  readonly message: string;
}

export const wireError = (error: CalcError): WireError => ({
  code: error.kind === 'refused' ? error.reason : error.kind,
  field: error.field,
  message: `${error.field} ${calcErrorText(error)}`,
});

const BREAKS: Readonly<Record<BreakReason | FileBreak, string>> = {
  'file-missing': 'a part that the file lists is not in it',
  'file-altered': 'a part of the file does not have the hash that the list names',
  'file-unlisted': 'the file holds a part that its list does not name',
  'chain-other': 'the chain is another one’s than the list says',
  'head-other': 'the chain does not end where the list says: entries were taken out or put in',
  'entry-altered': 'the entry was altered: its content no longer has its hash',
  'link-broken': 'the entry does not follow the one before it: something was removed, added or replaced',
  'out-of-sequence': 'the entry is out of sequence',
  'other-job': 'it speaks of another job',
  'other-shop': 'it speaks of another shop',
  'id-twice': 'an entry of this id stands before it',
  'time-runs-back': 'the server’s time is none, or earlier than that of the entry before',
  'other-joint': 'the entry belongs to another joint',
  'photo-altered': 'a photo’s bytes do not have the hash the entry names',
  'photo-missing': 'a photo the entry names is not in the file',
  'photo-unnamed': 'the file holds a photo that no entry names',
  'correction-of-nothing': 'the entry corrects one that is not before it',
  'unknown-kind': 'the entry is of a kind that this program does not know',
  'words-altered': 'words beside the entry are not the ones it was written with',
  'words-missing': 'words of the entry are missing, and no entry says that they were erased',
  'words-unnamed': 'words stand beside the entry that it does not name',
  'joint-missing': 'a joint that the job’s own record speaks of is not in the file',
  'joint-of-another-job': 'the joint belongs to another job',
  'drawing-missing': 'the drawing that the entry was worked out from is not in the file',
  'series-broken': 'samples of an instrument do not hang together, or are not those that the verdict was made from',
  'series-missing': 'samples that the verdict was made from are not in the file',
  'head-missing': 'the chain does not hold the hash that was noted: entries were taken out, or the chain was made anew',
};

export const breakText = (why: BreakReason | FileBreak): string => BREAKS[why];

const FINDINGS: Readonly<Record<FindingCode, string>> = {
  'out-of-turn': 'out of turn: it could not follow how the joint stood; a lead says which counts',
  'lit-while-locked': 'lit while the torch was locked',
  'no-approval': 'no approval of whoever lit it covered the filler on that day',
  overruled: 'a gate was overruled, with a reason',
  'not-witnessed': 'the watch was begun and ended by one device alone, and both arrived too soon after each other: not witnessed',
  'struck-out': 'struck out by a later entry',
  'words-erased': 'words of it are no longer kept: an entry says who took them away, and why',
  'not-judged': 'not judged: written by newer tables than this program’s, or with values that no rule can be held against',
  'worked-otherwise': 'this program, of the same engine, works out something else',
  'clocks-apart': 'the device’s clock and the server’s were more than 5 minutes apart',
  'time-ran-back': 'the server’s time is earlier than that of the entry before',
};

/** What is to be said of an entry of a chain that holds. */
export const findingText = (what: FindingCode): string => FINDINGS[what];
