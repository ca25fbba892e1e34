import {
  cardReadings,
  cautionRuleText,
  cautionText,
  drawnPlanText,
  flameWords,
  partReadings,
  planHeadline,
  showIn,
  type CardReading,
} from '@kesto/contract/wording';
import type { JointView } from '@kesto/contract';
import { readingText, type JointPlan, type UnitPreferences } from '@kesto/core';
import { sectionOf } from '@kesto/core/section';
import { drawSection } from './drawSection';
import type { PrintFonts } from './fonts';
import { INK, INK_2, MARGIN, printer, WIDTH, type Printer } from './printer';

const RED = '#8E1C15';

function heading(print: Printer, joint: JointView): void {
  print.readings(joint.tag, { y: MARGIN, size: 28, bold: true });
  print.words(joint.title, { bold: true, size: 12 });
  print.words(`${joint.unit.tag} ${joint.unit.name}, ${joint.circuit.refrigerant}, job ${joint.job.number}`, { color: INK_2 });
  const plan = joint.plan;
  if (plan)
    print.words(
      `planned by ${plan.by}, ${plan.at.slice(0, 10)}, engine ${plan.engineVersion}${plan.reason ? `. Why otherwise than advised: ${plan.reason}` : ''}`,
      { color: INK_2 },
    );
}

function figures(print: Printer, plan: JointPlan, units: UnitPreferences): void {
  const { page } = print;
  const { before, torch } = cardReadings(plan, units);
  const columns = [
    { title: 'before the torch', rows: before },
    { title: 'at the torch', rows: torch },
  ];
  const top = page.y + 10;
  const column = WIDTH / 2 - 10;
  columns.forEach(({ title, rows }, i) => {
    const x = MARGIN + i * (column + 20);
    page.y = top;
    print.words(title, { x, bold: true, width: column });
    for (const row of rows) figure(print, row, { x, width: column });
  });
  page.moveDown(0.3);
  for (const row of partReadings(plan, units)) figure(print, row, { x: MARGIN, width: WIDTH });
}

function figure(print: Printer, row: CardReading, { x, width }: { x: number; width: number }): void {
  const { page } = print;
  const y = page.y + 3;
  page
    .lineWidth(0.4)
    .strokeColor('#CFC6B8')
    .moveTo(x, y)
    .lineTo(x + width, y)
    .stroke();
  page.y = y + 3;
  print.words(`${row.label}${row.assumed ? ' *' : ''}`, { x, size: 9, color: INK_2, width: width * 0.29 });
  print.readings(readingText(row.reading), { x: x + width * 0.3, y: y + 4, size: 12, bold: true, width: width * 0.36 });
  print.words(row.note, { x: x + width * 0.67, y: y + 4, size: 8, color: INK_2, width: width * 0.33 });
  page.y = Math.max(page.y, y + 24);
}

function advice(print: Printer, plan: JointPlan, units: UnitPreferences): void {
  const { page } = print;
  const show = showIn(units);
  page.moveDown(0.5);
  for (const caution of plan.cautions) {
    const stop = caution.severity === 'stop';
    print.words(`${stop ? 'Stop. ' : ''}${cautionText(caution, show)} (${cautionRuleText(caution)})`, {
      size: 9,
      bold: stop,
      color: stop ? RED : caution.severity === 'note' ? INK_2 : INK,
    });
  }
  const flame = flameWords(plan);
  if (flame) print.words(`${flame.steps.join(' ')} ${flame.why}`, { size: 9 });
  page.moveDown(0.5);
  print.words(`Fillers: ${plan.fillers.map((f) => `${f.filler.designation} ${f.verdict}`).join(', ')}.`, { size: 9 });
}

function planPage(print: Printer, joint: JointView, units: UnitPreferences): void {
  const { page } = print;
  heading(print, joint);
  if (!joint.plan) return print.words('Not planned yet.', { size: 12 });
  const { plan } = joint.plan;
  page.moveDown(0.4);
  const { text, good } = planHeadline(plan);
  print.words(text, { bold: true, size: 15, color: good ? INK : RED });
  const box = { x: MARGIN, y: page.y + 6, width: WIDTH, height: 150 };
  const scale = drawSection(page, sectionOf(plan), box);
  page.y = box.y + box.height + 4;
  print.words(`${drawnPlanText(plan, units)}; drawn ${((scale * 25.4) / 72).toFixed(1)} to 1`, { size: 9, color: INK_2 });
  figures(print, plan, units);
  advice(print, plan, units);
  page.moveDown(0.6);
  print.words('* assumed or taken from a table. Advice: local code, the maker’s sheet and licence win.', { size: 8, color: INK_2 });
  recordEnd(print, joint);
}

/** Where the joint's record stands as this is printed: the whole hash, for comparing or checking a file years later. */
export function recordEnd(print: Printer, { entries }: JointView): void {
  const last = entries.at(-1);
  if (!last) return;
  print.words(`Record: ${entries.length} entries, ends in (check with the file: kesto verify --head HASH)`, { size: 8, color: INK_2 });
  print.readings(last.hash, { size: 8 });
}

/** What stands as a question mark is named, so that nobody takes it for what was written. */
export function missingSigns(print: Printer): void {
  const signs = print.missing().map((sign) => `U+${(sign.codePointAt(0) ?? 0).toString(16).toUpperCase().padStart(4, '0')}`);
  if (signs.length === 0) return;
  print.words(`Signs that this page cannot print stand as ?: ${signs.join(', ')}. The screen shows them.`, { size: 8, color: INK_2 });
}

/** A page for each joint, as it is taken to the bench. */
export function plansPdf(joints: readonly JointView[], units: UnitPreferences, fonts: PrintFonts): Promise<Buffer> {
  const print = printer(fonts, joints.map((j) => j.tag).join(', '));
  joints.forEach((joint, i) => {
    if (i > 0) print.page.addPage();
    planPage(print, joint, units);
  });
  missingSigns(print);
  return print.done();
}
