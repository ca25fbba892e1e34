import { ABSOLUTE_PRESSURE_UNITS } from '@kesto/core/unit';
import type {
  BeforeStart,
  HandOverAnswer,
  HandOverPoint,
  HeatSide,
  JointProof,
  MaterialUnit,
  ProofMethod,
  Quantity,
  StageEntryKind,
  StageValues,
} from '@kesto/core';
import { ACID_RESULT_WORDS, BEND_POINT_WORDS, BEND_WORDS } from './bends';
import { GAUGE_PLACE_WORDS, PULL_VERDICT_WORDS } from './pull';

export type EndKind = Extract<
  StageEntryKind,
  | 'rig-alone'
  | 'pull-began'
  | 'pull-read'
  | 'valve-shut'
  | 'pumped-on'
  | 'rise'
  | 'broken-with-nitrogen'
  | 'oil-changed'
  | 'charge-began'
  | 'cylinder-weighed'
  | 'before-start'
  | 'charged'
  | 'trimmed'
  | 'settled-readings'
  | 'heat-check'
  | 'bend-began'
  | 'bend-left'
  | 'bend-point'
  | 'handed-point'
  | 'materials'
  | 'next-person-note'
  | 'report'
  | 'signed-off'
>;

/** What each kind of entry is called, from the pull on. */
export const END_ENTRY_WORDS: Readonly<Record<EndKind, string>> = {
  'rig-alone': 'rig alone',
  'pull-began': 'pull begun',
  'pull-read': 'read',
  'valve-shut': 'pump shut off',
  'pumped-on': 'pumped on',
  rise: 'rise',
  'broken-with-nitrogen': 'broken with nitrogen',
  'oil-changed': 'pump oil changed',
  'charge-began': 'charge begun',
  'cylinder-weighed': 'weighed',
  'before-start': 'before the start',
  charged: 'charged',
  trimmed: 'trimmed',
  'settled-readings': 'readings, settled',
  'heat-check': 'heat check',
  'bend-began': 'bends',
  'bend-left': 'bends no more',
  'bend-point': 'seen to',
  'handed-point': 'seen to',
  materials: 'used',
  'next-person-note': 'for the next person',
  report: 'report',
  'signed-off': 'signed',
};

export const BEFORE_START_WORDS: Readonly<Record<BeforeStart, string>> = {
  'valves-open': 'valves open, discharge first',
  'caps-on': 'caps on',
  'switch-set-back': 'high-pressure switch set back',
  'bridges-out': 'bridges out',
  'heater-hours': 'crankcase heater on for its hours',
  'water-flow': 'water flow proven',
  rotation: 'rotation right on three phases',
  'panels-on': 'panels on',
  'somebody-at-switch': 'somebody at the switch',
};

/** What carries the heat that is checked. */
export const HEAT_SIDE_WORDS: Readonly<Record<HeatSide, string>> = { water: 'water', air: 'air' };

/** By what a joint was proved by itself. */
export const PROOF_METHOD_WORDS: Readonly<Record<ProofMethod, string>> = {
  'soap-on-nitrogen': 'soap on nitrogen',
  'hydrogen-sniffer': 'hydrogen sniffer',
  'helium-sniffer': 'helium sniffer',
  'own-sniffer': 'sniffer for what is in it',
};

/** A point of the list at the end: what it is called, and what it asks. */
export const HAND_OVER_WORDS: Readonly<Record<HandOverPoint, { readonly name: string; readonly asks: string }>> = {
  'caps-on': { name: 'caps on and sniffed', asks: 'Stem and port caps with their seals, cores to 0.3–0.5 N m, each cap sniffed' },
  'put-back': { name: 'put back', asks: 'What came off for hold or torch is back, its seat looked at under charge pressure' },
  'relief-back': { name: 'relief valve, fusible plug', asks: 'Back in place, never painted or capped' },
  'switches-back': { name: 'switches set back', asks: 'Settings as they were, every bridge out' },
  'leak-look': {
    name: 'leak look at charge pressure',
    asks: 'High side running, low side standing and level; what burns by its own detector',
  },
  'joint-tightness': { name: 'each joint proven', asks: 'What burns, indoors: each joint by a method that sees 5 g a year' },
  automatic: { name: 'in automatic', asks: 'Heaters, coils, magnets off the valves, drivers in automatic' },
  'locks-off': { name: 'locks off', asks: 'By whoever put them on' },
  'back-in-service': { name: 'detectors, sprinklers', asks: 'Back in service, said by whoever may' },
  label: { name: 'label', asks: 'Drier and date, oil, added charge and new total; a changed refrigerant by its own label' },
  panels: { name: 'panels', asks: 'All on, all screws in' },
  'next-check': { name: 'next check', asks: 'Its date told, where the place asks for one' },
  'stays-with-owner': { name: 'stays with the owner', asks: 'Old parts, recovered gas, key: said what stays' },
};
export const HAND_OVER_ANSWER_WORDS: Readonly<Record<HandOverAnswer, string>> = { done: 'done', 'none-here': 'none here' };
export const MATERIAL_UNIT_WORDS: Readonly<Record<MaterialUnit, string>> = { g: 'g', kg: 'kg', m: 'm', L: 'L', pieces: 'pcs' };

const DEGREES: Readonly<Record<string, string>> = { C: '°C', F: '°F' };
/** A quantity as somebody typed it. */
const typed = ({ value, unit }: Quantity) => `${Number(value.toPrecision(6))} ${DEGREES[unit] ?? unit}`;
const and = (...texts: readonly (string | undefined)[]) => texts.filter((text) => text !== undefined && text !== '').join(', ');
/** How many joints, and by what: each once. */
const proofsText = (proofs: readonly JointProof[] | undefined): string | undefined =>
  proofs &&
  `${proofs.length === 1 ? 'one joint' : `${proofs.length} joints`} by ${[...new Set(proofs.map(({ method }) => PROOF_METHOD_WORDS[method]))].join(', ')}`;
const micron = (pa: number) => `${Math.round(pa / ABSOLUTE_PRESSURE_UNITS.micron)} micron`;

/** What each of these entries says, in one line. */
export const END_SENTENCES: { readonly [Kind in EndKind]: (values: StageValues[Kind], name: (place: string) => string) => string } = {
  'rig-alone': (v) => `to ${typed(v.reached)}, rose by ${typed(v.rise)}: ${v.holds ? 'holds' : 'does not hold'}`,
  'pull-began': (v, name) =>
    and(
      `from ${v.ports.map(name).join(' and ')}`,
      `${typed(v.volume)}, pump ${typed(v.pump.speed)}`,
      `gauge ${v.gauge.name} at ${GAUGE_PLACE_WORDS[v.gaugeAt]}`,
      v.unreached.length > 0 ? `not reached: ${v.unreached.map(name).join(', ')}` : undefined,
    ),
  'pull-read': (v) => typed(v.pressure),
  'valve-shut': () => '',
  'pumped-on': () => 'valve opened to the pump again',
  rise: (v) => and(PULL_VERDICT_WORDS[v.verdict], v.endPa === null ? undefined : `${micron(v.endPa)} after ${Math.round(v.minutes)} min`),
  'broken-with-nitrogen': (v) => `at ${typed(v.reached)}, to ${typed(v.brokenTo)}, stood ${v.minutes} min`,
  'oil-changed': () => '',
  'charge-began': (v) => (v.isUnknown ? 'charge unknown' : `wanted ${v.targetKg.toFixed(3)} kg (plate ${typed(v.dataPlate)})`),
  'cylinder-weighed': (v) =>
    and(v.name, v.refrigerant, `${typed(v.before)} before, ${typed(v.after)} after`, v.putBack && `put back: ${v.putBack}`),
  'before-start': (v) =>
    and(
      v.seen.map((point) => BEFORE_START_WORDS[point]).join(', '),
      v.notHere.length > 0 ? `not on this machine: ${v.notHere.map((point) => BEFORE_START_WORDS[point]).join(', ')}` : undefined,
      v.note,
    ),
  charged: (v) => `${v.doneKg.toFixed(3)} kg of ${v.targetKg.toFixed(3)} kg${v.isCharged ? '' : ': not all that is wanted'}`,
  trimmed: (v) => `${v.takenOut ? 'taken out' : 'added'} ${typed(v.by)}: ${v.why}`,
  'heat-check': (v) =>
    and(
      `${v.side} carries ${(Math.abs(v.heatW) / 1000).toPrecision(3)} kW`,
      `${Number((v.flowM3PerS * 60_000).toPrecision(3))} L/min${v.drop ? ` by ${typed(v.drop)} and the maker’s table` : ''}`,
      `${typed(v.in)} to ${typed(v.out)}`,
      v.glycolPercent ? `${v.glycolPercent} % glycol` : undefined,
      v.note,
    ),
  'settled-readings': (v) => and(`${v.steadyMinutes} min steady`, v.doorsShut ? 'doors shut' : 'a door open'),
  'bend-began': (v) => and(BEND_WORDS[v.bend].name, v.note),
  'bend-left': (v) => and(BEND_WORDS[v.bend].name, v.why),
  'bend-point': (v) =>
    and(
      `${BEND_POINT_WORDS[v.point].name}: ${v.answer === 'none-here' ? 'none here' : v.result ? ACID_RESULT_WORDS[v.result] : 'done'}`,
      v.reads && typed(v.reads),
      v.note,
    ),
  'handed-point': (v) => and(`${HAND_OVER_WORDS[v.point].name}: ${HAND_OVER_ANSWER_WORDS[v.answer]}`, proofsText(v.proofs), v.note),
  materials: (v) => v.used.map(({ what, amount, unit }) => `${what} ${amount} ${MATERIAL_UNIT_WORDS[unit]}`).join(', '),
  'next-person-note': (v) => and(v.note, v.sisters ? 'sister machines too' : undefined, v.nextCheck && `next check ${v.nextCheck}`),
  report: (v) => `${v.pages} pages, ${v.sha256.slice(0, 16)}`,
  'signed-off': (v) => and(v.name, v.role),
};
