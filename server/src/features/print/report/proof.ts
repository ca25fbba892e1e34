import { brazedValues, heldText, JOINT_STATE_WORDS, pointerText, riseText, stageFactText } from '@kesto/contract/wording';
import { factsOf, holdsOf, lastHold, lastOf, pullsOf, readEntry, standingRise, type JointEntry, type Told } from '@kesto/core';
import { readings } from '@kesto/core/refrigerant';
import { formatFlow, formatTemperature, formatTemperatureDifference, readingText } from '@kesto/core/unit';
import type { JointView } from '@kesto/contract';
import { INK_2, MARGIN, WIDTH, type Printer } from '../printer';
import { holdChart, pullChart } from './charts';
import { FOOT, ruleAcross, table, tableRow } from './paper';
import type { ReportPaper } from './reportPdf';

const NOTHING = '–';

/** What Kesto said of a joint last, when its section was held or its circuit pulled. */
function saidOf(entries: readonly JointEntry[], what: 'held' | 'pulled'): string {
  const said = entries.findLast(({ kind }) => kind === what);
  return typeof said?.values['verdict'] === 'string' ? said.values['verdict'].replaceAll('-', ' ') : NOTHING;
}

/** Where its flaw is on the ring, as it was looked at last. */
function lookOf(joint: JointView, entries: readonly JointEntry[]): string {
  const flaw = entries.findLast(({ kind }) => kind === 'looked-at')?.values['flaw'] as Told<'looked-at'>['flaw']; // cast: the schema of this kind
  const state = JOINT_STATE_WORDS[joint.state];
  return flaw ? `${state}; flaw ${flaw.fromDeg}° to ${flaw.toDeg}°` : state;
}

function jointRow(joint: JointView, { units }: ReportPaper): readonly string[] {
  const entries = joint.entries.map(readEntry);
  const made = brazedValues(joint);
  const by = entries.find(({ kind }) => kind === 'brazed' || kind === 'pressed' || kind === 'flared')?.person.name ?? NOTHING;
  const [lpm, seconds] = [made?.purgeLpm ?? null, made?.seconds ?? null];
  const flow = lpm === null ? NOTHING : readingText(formatFlow(lpm / 60_000, units));
  return [
    joint.tag,
    joint.title,
    made?.filler ?? NOTHING,
    flow,
    seconds === null ? NOTHING : `${seconds} s`,
    by,
    lookOf(joint, entries),
    saidOf(entries, 'held'),
    saidOf(entries, 'pulled'),
  ];
}

/** Superheat and its kin before the job and after it. */
function beforeAfter(print: Printer, { facts, units }: ReportPaper, from: number): number {
  const first = factsOf(facts, 'readings')[0]?.values.request;
  const last = lastOf(facts, 'settled-readings')?.values.request;
  const [before, after] = [first ? readings(first) : null, last ? readings(last) : null];
  if (!before?.ok && !after?.ok) return from;
  const kelvin = (value: number | null | undefined) => (value == null ? NOTHING : readingText(formatTemperatureDifference(value, units)));
  const degrees = (value: number | null | undefined) => (value == null ? NOTHING : readingText(formatTemperature(value, units)));
  const [b, a] = [before?.ok ? before.value : null, after?.ok ? after.value : null];
  print.words('Before and after', { y: from, size: 10, bold: true });
  const y = table(
    print,
    {
      ...{ head: ['', 'before', 'after'], shares: [0.25, 0.2, 0.2], figures: [1, 2] },
      rows: [
        ['superheat', kelvin(b?.superheatK), kelvin(a?.superheatK)],
        ['subcooling', kelvin(b?.subcoolingK), kelvin(a?.subcoolingK)],
        ['evaporating', degrees(b?.evaporatingC), degrees(a?.evaporatingC)],
        ['condensing', degrees(b?.condensingC), degrees(a?.condensingC)],
      ],
    },
    from + 16,
  );
  const says = (a?.pointers ?? []).map((code) => pointerText(code, last?.metering ?? 'valve'));
  return says.length === 0 ? y + 8 : tableRow(print, [says.join(' ')], { shares: [1], y: y + 4, color: INK_2 }) + 8;
}

/** Begins a new page where a part of this height would run into the title block. */
function room(print: Printer, y: number, height: number): number {
  if (y + height <= FOOT.top) return y;
  print.page.addPage();
  return MARGIN;
}

function titled(print: Printer, title: string, y: number): number {
  ruleAcross(print, { x: MARGIN, y, width: WIDTH });
  print.words(title, { y: y + 7, size: 10, bold: true });
  return print.page.y + 4;
}

/** What was wanted, each cylinder as it was weighed last, what is in, what was trimmed. */
function chargeLines(facts: ReportPaper['facts']): readonly string[] {
  const began = lastOf(facts, 'charge-began');
  const last = new Map(factsOf(facts, 'cylinder-weighed').map((fact) => [fact.values.name, fact]));
  const charged = lastOf(facts, 'charged');
  const all = [
    ...(began ? [began] : []),
    ...last.values(),
    ...(charged ? [charged] : []),
    ...factsOf(facts, 'trimmed'),
    ...factsOf(facts, 'heat-check'),
  ];
  return all.map((fact) => stageFactText(fact));
}

/** What proves it: each joint in short, the hold, the pull, readings before and after, what the next person has to know. */
export function proofPages(print: Printer, paper: ReportPaper): void {
  const { job, joints, facts, units } = paper;
  print.page.addPage();
  print.readings(job.unit.tag, { y: MARGIN, size: 24, bold: true });
  print.words(`job ${job.number}, proof`, { size: 11, bold: true });
  print.words(job.circuit.refrigerant, { size: 9, color: INK_2 });
  let y = titled(print, 'Joints', print.page.y + 10);
  y =
    joints.length === 0
      ? tableRow(print, ['No joint was made.'], { shares: [1], y })
      : table(
          print,
          {
            ...{ head: ['tag', 'what', 'filler', 'nitrogen', 'heated', 'made by', 'look', 'held', 'pulled'], figures: [0, 3, 4] },
            ...{ shares: [0.12, 0.17, 0.1, 0.12, 0.08, 0.12, 0.12, 0.08, 0.09], rows: joints.map((joint) => jointRow(joint, paper)) },
          },
          y,
        );
  const hold = lastHold(facts);
  if (hold?.ended) {
    y = titled(print, `Hold: ${heldText(hold.ended.values, job.circuit.refrigerant)}`, room(print, y + 12, 190));
    if (paper.sent.hold || hold.readings.length > 1) {
      holdChart(
        print,
        { kept: hold, live: paper.sent.hold },
        { altitudeM: job.site.altitudeM, refrigerant: job.circuit.refrigerant, units },
        { x: MARGIN, y: y + 8, width: WIDTH, height: 120 },
      );
      y += 136;
    }
  } else if (holdsOf(facts).length === 0) y = titled(print, 'Hold: none was kept', room(print, y + 12, 40));
  const pulls = pullsOf(facts);
  if (pulls.length > 0) {
    const rise = standingRise(facts);
    y = titled(print, `Pull: ${rise ? riseText(rise.values) : 'no rise stands'}`, room(print, y + 12, 190));
    pullChart(print, { pulls, sent: paper.sent.pulls }, units, { x: MARGIN, y: y + 8, width: WIDTH * 0.6, height: 120 });
    const breaks = pulls.reduce((sum, pull) => sum + pull.breaks.length, 0);
    const broken = breaks === 0 ? '' : `; broken with nitrogen ${breaks === 1 ? 'once' : `${breaks} times`}`;
    const says = rise ? `${stageFactText(rise)}${broken}` : '';
    print.words(says, { x: MARGIN + WIDTH * 0.64, y: y + 20, size: 9, width: WIDTH * 0.36 });
    y += 136;
  }
  y = beforeAfter(print, paper, room(print, y + 12, 110));
  const charges = chargeLines(facts);
  if (charges.length > 0) {
    y = titled(print, 'Charge', room(print, y + 8, 60));
    for (const says of charges) y = tableRow(print, [says], { shares: [1], y: room(print, y, 20) });
  }
  const notes = factsOf(facts, 'next-person-note');
  if (notes.length > 0) {
    y = titled(print, 'For the next person', room(print, y + 10, 60));
    for (const note of notes) y = tableRow(print, [stageFactText(note)], { shares: [1], y });
  }
}
