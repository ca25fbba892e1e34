import { END_ENTRY_WORDS, END_SENTENCES } from './endEntries';
import type {
  ZeroSide,
  AlsoOpenedKind,
  ApprovalWay,
  CylinderHolds,
  GuessedLine,
  HotWorkAnswer,
  PictureOf,
  Quantity,
  RefrigerantFate,
  StageEntryKind,
  StageFact,
  StageValues,
  Worth,
} from '@kesto/core';
import type { AboutAnother } from '../../stages/types';
import { JOINING_METHOD_WORDS, priceCheckText } from './decide';
import { SIGN_WORDS, FIND_METHOD_WORDS, CHECK_RESULT_WORDS } from './findWords';
import { GATE_SENTENCES, TORCH_POINT_WORDS } from './gates';
import { heldText, HOLD_VERDICT_WORDS, leakText, LIMIT_KIND_WORDS, SOAP_RESULT_WORDS, tightDownTo, VENT_PLACE_WORDS } from './hold';
import { ISOLATION_METHOD_WORDS } from './isolation';

/** What a cylinder held before. */
export const CYLINDER_HOLDS_WORDS: Readonly<Record<CylinderHolds, string>> = {
  nothing: 'nothing',
  same: 'the same',
  another: 'something else',
};
export const REFRIGERANT_FATE_WORDS: Readonly<Record<RefrigerantFate, string>> = { reuse: 'reuse it', fresh: 'fresh charge' };
export const APPROVAL_WAY_WORDS: Readonly<Record<ApprovalWay, string>> = {
  'in-person': 'in person',
  phone: 'by phone',
  message: 'by message',
  paper: 'on paper',
};
export const PICTURE_WORDS: Readonly<Record<PictureOf, string>> = { wiring: 'wiring', pipes: 'pipes', plate: 'plate', place: 'place' };
export const WORTH_WORDS: Readonly<Record<Worth['advice'], string>> = {
  repair: 'Repair',
  replace: 'Replace',
  'claim-warranty': 'In warranty: ask whoever gave it first',
};
export const HOT_WORK_ANSWER_WORDS: Readonly<Record<HotWorkAnswer, string>> = { done: 'done', 'none-here': 'none here' };

export const ALSO_OPENED_WORDS: Readonly<Record<AlsoOpenedKind, string>> = {
  drier: 'drier',
  core: 'valve core',
  seal: 'seals',
  twin: 'the other one, as old',
  flush: 'flush the lines until it runs clear twice',
};

/** By the colour of its glass bulb. Source: NFPA 13, EN 12259-1. */
export const SPRINKLER_BULBS = 'Glass bulb: orange 57 °C (135 °F), red 68 (155), yellow 79 (175), green 93 (200), blue 141 (286).';

/** What is brought to zero before a flame. */
export const ZERO_SIDE_WORDS: Readonly<Record<ZeroSide, string>> = { high: 'high side', low: 'low side', section: 'the emptied section' };

/** What each kind of entry is called. */
export const STAGE_ENTRY_WORDS: Readonly<Record<StageEntryKind, string>> = {
  began: 'begun',
  done: 'done',
  skipped: 'skipped',
  waiting: 'waits',
  reopened: 'opened again',
  overruled: 'overruled',
  complaint: 'complaint',
  loss: 'loss',
  readings: 'readings',
  sign: 'sign',
  'checked-place': 'checked',
  'section-hold': 'section held',
  'stopped-looking': 'stopped looking',
  isolation: 'how it is got at',
  joining: 'joining',
  'also-opened': 'opened too',
  'price-held-until': 'price waits for',
  'price-check': 'looked at for the price',
  approval: 'approved',
  worth: 'repair or replace',
  'refrigerant-fate': 'refrigerant',
  'locked-off': 'locked off',
  'before-picture': 'picture before',
  recovered: 'recovered',
  'held-back': 'held back',
  'back-in-service': 'back in service',
  'zero-and-open': 'zero and open',
  'hot-work': 'hot work',
  told: 'told',
  covered: 'covered',
  'cooling-arranged': 'cooling arranged',
  'watch-began': 'watch begun',
  'watch-handed': 'watch handed over',
  'watch-ended': 'watch ended',
  'watch-looked-into': 'watch looked into',
  'hold-began': 'hold begun',
  'hold-step': 'step',
  'supply-shut': 'supply shut',
  'hold-read': 'read',
  'place-soaped': 'soaped',
  'series-began': 'instrument joined',
  'series-stands': 'samples',
  'hold-ended': 'hold ended',
  vented: 'let down',
  ...END_ENTRY_WORDS,
};
export const stageEntryWord = (kind: StageEntryKind): string => STAGE_ENTRY_WORDS[kind];

/** Of a write that is on its way, which may speak of another entry. */
export const stageWriteWord = (kind: StageEntryKind | AboutAnother): string =>
  kind === 'corrected' ? 'corrected' : kind === 'struck-out' ? 'struck out' : STAGE_ENTRY_WORDS[kind];

type NameOf = (place: string) => string;
const and = (...texts: readonly (string | undefined)[]) => texts.filter((text) => text !== undefined && text !== '').join(', ');

const DEGREES: Readonly<Record<string, string>> = { C: '°C', F: '°F' };
const asTyped = (quantity: Quantity | undefined, name: string) =>
  quantity ? `${name} ${Number(quantity.value.toPrecision(6))} ${DEGREES[quantity.unit] ?? quantity.unit}` : undefined;

/** Gauges and thermometers as they were read; a line that was felt is marked. */
function readingsText({ request, guessed = [] }: StageValues['readings']): string {
  const { suction, liquid, discharge, room, outdoor, refrigerant } = request;
  const line = (side: GuessedLine, at: { readonly line: Quantity } | undefined) =>
    asTyped(at?.line, guessed.includes(side) ? 'line (felt *)' : 'line');
  return and(
    refrigerant,
    asTyped(suction?.pressure, 'suction'),
    line('suction', suction),
    asTyped(liquid?.pressure, 'liquid'),
    line('liquid', liquid),
    asTyped(discharge?.line, 'discharge line'),
    asTyped(room, 'room'),
    asTyped(outdoor, 'outdoors'),
  );
}

/** What a hold saw or could have seen stands with its verdict. */
const heldFigure = ({ verdict, leakPaM3S, smallestSeenPaM3S, gramsPerYearSeen = null }: StageValues['section-hold']): string =>
  verdict === 'cannot-tell'
    ? ''
    : verdict === 'leaking'
      ? ` ${leakText(leakPaM3S)}`
      : ` down to ${leakText(tightDownTo({ leakPaM3S, smallestSeenPaM3S, gramsPerYearSeen }))}`;

/** On whose phone, where it was not the lead's own. */
function overruledOn({ phoneOf, byPin }: StageValues['overruled']): string {
  if (!phoneOf) return '';
  return byPin ? `, by PIN on ${phoneOf}’s phone` : `, signed in for it on ${phoneOf}’s phone`;
}

export const STAGE_SENTENCES: { readonly [Kind in StageEntryKind]: (values: StageValues[Kind], name: NameOf) => string } = {
  began: () => '',
  done: () => '',
  skipped: (v) => v.reason,
  waiting: (v) => `for ${v.forWhom}: ${v.what}`,
  reopened: (v) => v.why,
  overruled: (v) =>
    `${v.points ? v.points.map((point) => TORCH_POINT_WORDS[point].name).join(', ') : GATE_SENTENCES[v.gate]} – ${v.reason}${overruledOn(v)}`,
  complaint: (v) => v.text,
  loss: (v) => `${v.lostKg} kg in ${v.days} days`,
  readings: (v) => readingsText(v),
  sign: (v, name) => and(`${name(v.place)}: ${SIGN_WORDS[v.sign]}`, v.note),
  'checked-place': (v, name) => and(`${name(v.place)}: ${FIND_METHOD_WORDS[v.method]}`, CHECK_RESULT_WORDS[v.result], v.note),
  'section-hold': (v, name) => `${v.parts.map(name).join(', ')}: ${HOLD_VERDICT_WORDS[v.verdict]}${heldFigure(v)}`,
  'stopped-looking': (v) => v.reason,
  isolation: (v) => and(ISOLATION_METHOD_WORDS[v.method], v.reason),
  joining: (v, name) => `${name(v.place)}: ${JOINING_METHOD_WORDS[v.method]}, ${v.why}`,
  'also-opened': (v, name) => and(`${ALSO_OPENED_WORDS[v.what]} (${name(v.place)}): ${v.choice === 'yes' ? 'yes' : 'left'}`, v.why),
  'price-held-until': (v) => v.check,
  'price-check': (v) => `${priceCheckText(v.of)}: ${v.found}`,
  approval: (v) => and(`${v.by}, ${APPROVAL_WAY_WORDS[v.how]}: ${v.for}`, v.amount),
  worth: (v) => and(v.decided, `${v.ageYears} years old`, `${v.repair} against ${v.replacement}`, v.why),
  'refrigerant-fate': (v) => and(REFRIGERANT_FATE_WORDS[v.fate], v.why),
  'locked-off': (v) => and(v.dead ? 'tried to start: dead' : undefined, `key with ${v.keyHolder}`),
  'before-picture': (v) => and(PICTURE_WORDS[v.of], v.note),
  recovered: (v) =>
    and(
      `${(v.grossKg - (v.beforeKg ?? v.tareKg)).toFixed(2)} kg in ${v.minutes} min`,
      v.holds ? `into a cylinder that held ${CYLINDER_HOLDS_WORDS[v.holds]}` : undefined,
    ),
  'zero-and-open': (v) =>
    and(v.sides ? `${v.sides.map((side) => ZERO_SIDE_WORDS[side]).join(', ')} at zero, open to air` : undefined, v.note) ||
    'both sides at zero, open to air',
  'held-back': (v) =>
    and(
      v.what,
      v.capped ? 'stem capped' : 'not capped',
      `its gauge ${v.reads.value} ${v.reads.unit}, ${v.steady ? 'steady' : 'not steady: it leaks through'}`,
    ),
  'hot-work': (v) =>
    and(
      `${TORCH_POINT_WORDS[v.point].name}: ${HOT_WORK_ANSWER_WORDS[v.answer]}`,
      v.oxygenPercent === undefined ? undefined : `${v.oxygenPercent} % oxygen`,
      v.co2Percent === undefined ? undefined : `${v.co2Percent} % carbon dioxide`,
      v.ammoniaPpm === undefined ? undefined : `${v.ammoniaPpm} ppm ammonia`,
      v.outOfService ? 'out of service' : undefined,
      v.note,
    ),
  'back-in-service': (v) => `${TORCH_POINT_WORDS[v.point].name}, by ${v.by}`,
  told: (v) => v.who,
  covered: (v) => v.what,
  'cooling-arranged': (v) => v.how,
  'watch-began': (v) => `${v.minutes} min, by ${v.by}`,
  'watch-handed': (v) => `to ${v.to}`,
  'watch-ended': (v) => v.reason ?? '',
  'watch-looked-into': (v) => v.found,
  'hold-began': (v, name) =>
    and(
      v.rig ? 'our own rig alone' : v.parts.map(name).join(', '),
      asTyped(v.pressure, 'to'),
      `capped at ${v.capKpag.toFixed(0)} kPag by ${LIMIT_KIND_WORDS[v.cappedBy]}${v.cappedByPart ? ` (${name(v.cappedByPart)})` : ''}`,
      `gauge ${v.gauge.name}`,
    ),
  'hold-step': (v) => and(asTyped(v.pressure, 'at')),
  'supply-shut': () => 'cylinder shut, regulator backed off, hose shut at the unit',
  'hold-read': (v) =>
    and(asTyped(v.pressure, 'gauge'), asTyped(v.temperature, 'pipe'), asTyped(v.inSun, 'in the sun'), asTyped(v.atmosphere, 'air')),
  'place-soaped': (v, name) =>
    and(
      `${v.tag ?? v.hose ?? (v.place === undefined ? 'a joint' : name(v.place))} at ${v.atKpag.toFixed(0)} kPag: ${SOAP_RESULT_WORDS[v.result]}`,
      v.note,
    ),
  'series-began': (v) => and(v.instrument.name, v.factor === undefined ? undefined : `simulated, its clock ${v.factor} times as fast`),
  'series-stands': (v) => `${v.samples} kept, in ${v.blocks} blocks`,
  'hold-ended': (v) => heldText(v, null),
  vented: (v) => VENT_PLACE_WORDS[v.to],
  ...END_SENTENCES,
};

/** What an entry says, in one line. `name` says what a place is called. */
export function stageFactText(fact: StageFact, name: NameOf = (place) => place): string {
  const says = STAGE_SENTENCES[fact.kind] as (values: StageFact['values'], name: NameOf) => string; // cast: the row of this very kind
  return says(fact.values, name);
}
