import type { JointView } from '@kesto/contract';
import { brazedValues, drawnPlanText, ENTRY_WORDS, JOINT_STATE_WORDS, madeRows, sentenceOf, type MadeRow } from '@kesto/contract/wording';
import { readEntry, readingText, type JointEntry, type UnitPreferences } from '@kesto/core';
import { sectionOf } from '@kesto/core/section';
import { drawSection } from './drawSection';
import type { PrintFonts } from './fonts';
import { photoRow, type PhotoBytes } from './photoRow';
import { missingSigns, recordEnd } from './planPdf';
import { INK_2, MARGIN, printer, utcText, WIDTH, type Printer } from './printer';

const AMBER = '#7A4A00';
const COLUMNS = [0, 0.3, 0.55, 0.8] as const;

function row(print: Printer, cells: readonly string[], { bold = false, color = INK_2 }: { bold?: boolean; color?: string } = {}): void {
  const y = print.page.y;
  cells.forEach((text, i) => {
    const from = COLUMNS[i] ?? 0;
    print.words(text, { x: MARGIN + from * WIDTH, y, size: 10, bold, color, width: ((COLUMNS[i + 1] ?? 1) - from) * WIDTH - 6 });
  });
  print.page.y = y + 15;
}

function against(print: Printer, rows: readonly MadeRow[]): void {
  if (rows.length === 0) return;
  print.page.moveDown(0.5);
  row(print, ['', 'plan', 'made', ''], { bold: true });
  const said = (reading: MadeRow['plan']) => (reading ? readingText(reading) : '–');
  for (const { label, plan, made, against: judged } of rows)
    row(print, [label, said(plan), said(made), judged.inside === false ? 'outside what is allowed' : ''], {
      color: judged.inside === false ? AMBER : '#1D1B19',
    });
}

function entries(print: Printer, all: readonly JointEntry[]): void {
  print.page.moveDown(0.5);
  print.words('What was kept, in order', { bold: true, size: 11 });
  all.forEach((entry, i) => {
    const head = entry.corrects ? `puts ${1 + all.findIndex(({ id }) => id === entry.corrects?.entry)} right` : ENTRY_WORDS[entry.kind];
    print.words(`${i + 1}. ${head}, ${entry.person.name}, ${utcText(entry.deviceTime)}`, { size: 9, bold: true });
    const says = sentenceOf(entry);
    if (says.trim() !== '') print.words(says, { size: 9, x: MARGIN + 14, width: WIDTH - 14 });
  });
}

/** One joint as it was made, for whoever has to look at paper. */
export function recordPage(print: Printer, joint: JointView, { units, photos }: { units: UnitPreferences; photos: PhotoBytes }): void {
  print.readings(joint.tag, { y: MARGIN, size: 28, bold: true });
  print.words(joint.title, { bold: true, size: 12 });
  print.words(`${joint.unit.tag} ${joint.unit.name}, ${joint.site.name}, ${joint.circuit.refrigerant}, job ${joint.job.number}`, {
    color: INK_2,
  });
  print.words(JOINT_STATE_WORDS[joint.state], { bold: true, size: 15 });
  if (joint.plan) {
    const { plan } = joint.plan;
    const box = { x: MARGIN, y: print.page.y + 6, width: WIDTH, height: 120 };
    const scale = drawSection(print.page, sectionOf(plan), box);
    print.page.y = box.y + box.height + 4;
    print.words(`${drawnPlanText(plan, units)}; drawn ${((scale * 25.4) / 72).toFixed(1)} to 1`, { size: 9, color: INK_2 });
    print.words(`planned by ${joint.plan.by}, ${utcText(joint.plan.at)}, engine ${joint.plan.engineVersion}`, { size: 9, color: INK_2 });
  }
  const read = joint.entries.map(readEntry);
  against(print, madeRows(joint.plan?.answer ?? null, brazedValues(joint), units));
  entries(print, read);
  photoRow(print, [...new Set(read.flatMap((entry) => entry.photos.map(({ sha256 }) => sha256)))], photos);
  recordEnd(print, joint);
}

/** Photos that a joint's entries name. */
export const photosOfJoint = ({ entries: links }: JointView): readonly string[] =>
  links.flatMap((link) => readEntry(link).photos.map(({ sha256 }) => sha256));

/** The joint's record as pages of paper. */
export function recordPdf(joint: JointView, units: UnitPreferences, on: { fonts: PrintFonts; photos: PhotoBytes }): Promise<Buffer> {
  const print = printer(on.fonts, `${joint.tag}, record`);
  recordPage(print, joint, { units, photos: on.photos });
  missingSigns(print);
  return print.done();
}
