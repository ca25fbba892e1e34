import type {
  AlsoOpenedKind,
  ApprovalWay,
  CheckResult,
  FindMethod,
  GateCode,
  HotWorkAnswer,
  JoiningMethod,
  JoiningWhy,
  NextStep,
  OpenGate,
  PictureOf,
  PlaceWhy,
  RefrigerantFate,
  Sign,
  StageEntryKind,
  StageFact,
  TorchPoint,
} from '@kesto/core';
import { CIRCUIT_KIND_WORDS } from './circuit';
import { HOLD_VERDICT_WORDS, ISOLATION_METHOD_WORDS } from './isolation';

export const SIGN_WORDS: Readonly<Record<Sign, string>> = {
  oil: 'oil',
  'oily-dirt': 'oily dirt',
  frost: 'frost',
  corrosion: 'green corrosion',
  rubbed: 'rubbed bright',
  'earlier-repair': 'earlier repair',
};

export const FIND_METHOD_WORDS: Readonly<Record<FindMethod, string>> = {
  look: 'eye and hand',
  sniffer: 'sniffer',
  'gas-and-ear': 'nitrogen and ear',
  soap: 'soap',
  'section-hold': 'section hold',
};

/** What each sees at best. */
export const FIND_METHOD_SEES: Readonly<Record<FindMethod, string>> = {
  look: 'oil, dirt, rubbing: points, proves nothing',
  sniffer: 'about 5 g a year; not in wind, sun or hot exhaust',
  'gas-and-ear': 'what hisses: kilograms a year',
  soap: 'about 3 g a year, where you reach; from the top down',
  'section-hold': 'what no hand reaches; as small as its volume allows',
};

export const CHECK_RESULT_WORDS: Readonly<Record<CheckResult, string>> = {
  nothing: 'nothing',
  leak: 'leak',
  'in-part': 'in part',
  'not-reached': 'not reached',
};

export const REFRIGERANT_FATE_WORDS: Readonly<Record<RefrigerantFate, string>> = { reuse: 'goes back in', fresh: 'fresh charge' };
export const APPROVAL_WAY_WORDS: Readonly<Record<ApprovalWay, string>> = {
  'in-person': 'in person',
  phone: 'by phone',
  message: 'by message',
  paper: 'on paper',
};
export const PICTURE_WORDS: Readonly<Record<PictureOf, string>> = { wiring: 'wiring', pipes: 'pipes', plate: 'plate', place: 'place' };
export const HOT_WORK_ANSWER_WORDS: Readonly<Record<HotWorkAnswer, string>> = { done: 'done', 'none-here': 'none here' };

export const ALSO_OPENED_WORDS: Readonly<Record<AlsoOpenedKind, string>> = {
  drier: 'drier',
  core: 'valve core',
  seal: 'seals',
  twin: 'the other one, as old',
};

export const JOINING_METHOD_WORDS: Readonly<Record<JoiningMethod, string>> = {
  bend: 'bend the tube',
  bench: 'braze on the bench',
  braze: 'braze in place',
  press: 'press',
  flare: 'flare',
  'change-part': 'change the whole part',
};

const JOINING_WHYS: Readonly<Record<JoiningWhy, string>> = {
  'fewest-joints': 'no joint at all, where the tube can be bent',
  'flame-off-the-unit': 'the flame stays away from what is sensitive',
  usual: 'usual here',
  'no-flame': 'no flame allowed here',
  flammable: 'the refrigerant burns',
  'burns-near': 'something near can burn, or sprinklers and detectors are near',
  'above-press-range': 'larger than press fittings go',
  'above-flare-range': 'over 3/4 in: no flare',
  vibration: 'it shakes: braze it',
  'fewer-joints-on-old-tube': 'fewer joints on old tube',
};
export const joiningWhyText = (why: readonly JoiningWhy[]): string => why.map((code) => JOINING_WHYS[code]).join('; ');

/** A point before the torch: what it is, and what answers it. */
export const TORCH_POINT_WORDS: Readonly<Record<TorchPoint, { readonly name: string; readonly asks: string }>> = {
  'power-off': { name: 'power off, locked', asks: 'Lock it off; who holds the key?' },
  'before-pictures': { name: 'pictures before it comes apart', asks: 'Wiring and pipes, as they are now' },
  'refrigerant-out': { name: 'refrigerant out', asks: 'Weigh the cylinder before and after' },
  'zero-and-open': { name: 'zero on both sides, open to air', asks: 'Both gauges at zero, a core out or a pipe open' },
  swept: { name: 'vacuum, nitrogen, vacuum, nitrogen', asks: 'The refrigerant burns: sweep it twice, open it cold' },
  told: { name: 'people told', asks: 'Who was told that a flame is lit?' },
  extinguisher: { name: 'extinguisher', asks: 'At arm’s length, in date: read the tag' },
  watch: { name: 'fire watch', asks: 'Who stays and looks after the last flame?' },
  sprinklers: { name: 'sprinklers and detectors', asks: 'Shielded, or out of service by who may; or none here' },
  oxygen: { name: 'air to breathe', asks: 'Outdoors or aired; else read the oxygen: 19.5 % at least' },
  insulation: { name: 'insulation near a joint', asks: 'Pull it back 300 mm, wrap the tube wet' },
  wood: { name: 'wood near a joint', asks: 'Move it or shield it; wet what stays' },
  'plastic-pipe': { name: 'plastic pipe near a joint', asks: 'Shield it' },
  'painted-surface': { name: 'painted or oily surface near a joint', asks: 'Wipe and shield it' },
  wiring: { name: 'wiring near a joint', asks: 'Tie it away, shield it' },
  grommet: { name: 'grommet near a joint', asks: 'Take it out or keep it wet' },
  covered: { name: 'cover and drip protection', asks: 'Electronics below covered; cover against rain ready' },
};

const GATES: Readonly<Record<GateCode, string>> = {
  'loss-not-explained': 'less than half of what is lost is explained by what was found',
  'not-looked-on': 'nothing was looked at after the first leak: there may be more',
  'not-approved': 'nobody has said yes to the work',
  'price-checks-open': 'to be looked at before a price is named',
  'stage-points-open': 'open on the list',
  torch: 'the torch stays locked',
};

/** What a gate holds against going on. */
export function gateText({ gate, open }: Pick<OpenGate, 'gate' | 'open'>): string {
  const names = open.map((point) => (point in TORCH_POINT_WORDS ? TORCH_POINT_WORDS[point as TorchPoint].name : point)); // cast: just looked for
  return names.length === 0 ? GATES[gate] : `${GATES[gate]}: ${names.join(', ')}`;
}

export const NEXT_STEP_WORDS: Readonly<Record<NextStep, string>> = {
  'note-complaint': 'Note the complaint',
  'note-loss': 'Note what was lost',
  'check-a-place': 'Check the first place',
  'look-on': 'Look on',
  'end-find': 'Found: go on to decide',
  wait: 'Waits',
  'choose-isolation': 'How is it got at?',
  'answer-price-check': 'Answer what the price waits for',
  'ask-approval': 'Ask for the yes',
  'end-decide': 'Decided: make it safe',
  'answer-point': 'Make it safe',
  'end-make-safe': 'Safe: plan the joints',
  'add-joint': 'Add the first joint',
  'plan-joint': 'Plan',
  'braze-joint': 'Go on at',
  'look-joint': 'Look at',
  hold: 'Joints made: hold next',
  finish: 'Open the job',
};

/** Why a place is worth looking at. */
export function placeWhyText(why: PlaceWhy): string {
  switch (why.code) {
    case 'sign':
      return `${SIGN_WORDS[why.sign]} seen`;
    case 'leaked-before':
      return `leaked before, ${why.on}`;
    case 'earlier-joint':
      return `${why.tag} was made here`;
    case 'kind':
      return KIND_WHYS[CIRCUIT_KIND_WORDS[why.kind]] ?? CIRCUIT_KIND_WORDS[why.kind];
    case 'shakes':
      return 'tube at the compressor: it shakes';
    case 'in-the-wall':
      return 'in the wall: cannot be seen, hold it';
    case 'plain-tube':
      return 'plain tube';
    case 'own-hoses':
      return 'our own hoses and gauges: hold them alone';
  }
}

const KIND_WHYS: Readonly<Record<string, string>> = {
  port: 'cap and core',
  'shut-off valve': 'stem, cap and its joints',
  'evaporator coil': 'bends at the coil’s ends, level of the drip pan',
  'condenser coil': 'bends at the coil’s ends',
  capillary: 'where it rubs, and at its clamps',
  'pressure switch': 'its capillary, where it rubs',
};

const STAGE_ENTRY_WORDS: Readonly<Record<StageEntryKind, string>> = {
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
  'refrigerant-fate': 'refrigerant',
  'locked-off': 'locked off',
  'before-picture': 'picture before',
  recovered: 'recovered',
  'zero-and-open': 'zero and open',
  'hot-work': 'hot work',
  told: 'told',
  covered: 'covered',
  'cooling-arranged': 'cooling arranged',
  'watch-began': 'watch begun',
  'watch-ended': 'watch ended',
};
export const stageEntryWord = (kind: StageEntryKind): string => STAGE_ENTRY_WORDS[kind];

/** What an entry says, in one line. `name` says what a place is called. */
export function stageFactText(fact: StageFact, name: (place: string) => string = (place) => place): string {
  const and = (...texts: readonly (string | undefined)[]) => texts.filter((text) => text !== undefined && text !== '').join(', ');
  switch (fact.kind) {
    case 'began':
    case 'done':
      return '';
    case 'skipped':
    case 'stopped-looking':
      return fact.values.reason;
    case 'waiting':
      return `for ${fact.values.forWhom}: ${fact.values.what}`;
    case 'reopened':
      return fact.values.why;
    case 'overruled':
      return `${GATES[fact.values.gate]} – ${fact.values.reason}`;
    case 'complaint':
      return fact.values.text;
    case 'loss':
      return `${fact.values.lostKg} kg in ${fact.values.days} days`;
    case 'readings':
      return fact.values.request.refrigerant;
    case 'sign':
      return and(`${name(fact.values.place)}: ${SIGN_WORDS[fact.values.sign]}`, fact.values.note);
    case 'checked-place':
      return and(
        `${name(fact.values.place)}: ${FIND_METHOD_WORDS[fact.values.method]}`,
        CHECK_RESULT_WORDS[fact.values.result],
        fact.values.note,
      );
    case 'section-hold':
      return `${fact.values.parts.map(name).join(', ')}: ${HOLD_VERDICT_WORDS[fact.values.verdict]}`;
    case 'isolation':
      return and(ISOLATION_METHOD_WORDS[fact.values.method], fact.values.reason);
    case 'joining':
      return `${name(fact.values.place)}: ${JOINING_METHOD_WORDS[fact.values.method]}, ${fact.values.why}`;
    case 'also-opened':
      return and(`${ALSO_OPENED_WORDS[fact.values.what]} (${name(fact.values.place)}): ${fact.values.choice}`, fact.values.why);
    case 'price-held-until':
      return fact.values.check;
    case 'price-check':
      return `${fact.values.of}: ${fact.values.found}`;
    case 'approval':
      return and(`${fact.values.by}, ${APPROVAL_WAY_WORDS[fact.values.how]}: ${fact.values.for}`, fact.values.amount);
    case 'refrigerant-fate':
      return and(REFRIGERANT_FATE_WORDS[fact.values.fate], fact.values.why);
    case 'locked-off':
      return `key with ${fact.values.keyHolder}`;
    case 'before-picture':
      return and(PICTURE_WORDS[fact.values.of], fact.values.note);
    case 'recovered':
      return `${(fact.values.grossKg - fact.values.tareKg).toFixed(2)} kg in ${fact.values.minutes} min`;
    case 'zero-and-open':
      return fact.values.note ?? 'both sides at zero, open to air';
    case 'hot-work':
      return and(
        HOT_WORK_ANSWER_WORDS[fact.values.answer],
        fact.values.oxygenPercent === undefined ? undefined : `${fact.values.oxygenPercent} % oxygen`,
        fact.values.note,
      );
    case 'told':
      return fact.values.who;
    case 'covered':
      return fact.values.what;
    case 'cooling-arranged':
      return fact.values.how;
    case 'watch-began':
      return `${fact.values.minutes} min, by ${fact.values.by}`;
    case 'watch-ended':
      return fact.values.reason ?? '';
  }
}
