import PDFDocument from 'pdfkit';
import {
  cardReadings,
  cautionRuleText,
  cautionText,
  flameWords,
  partReadings,
  planHeadline,
  showIn,
  type CardReading,
} from '@kesto/contract/wording';
import type { JointView } from '@kesto/contract';
import { formatLength, formatOnRule, readingText, type JointPlan, type UnitPreferences } from '@kesto/core';
import { sectionOf } from '@kesto/core/section';
import { drawSection } from './drawSection';

type Page = PDFKit.PDFDocument;

const MARGIN = 40;
const WIDTH = 595.28 - 2 * MARGIN;
const INK = '#1D1B19';
const INK_2 = '#524C46';
const RED = '#8E1C15';

/** The standard fonts have no true minus sign. */
const plain = (text: string) => text.replaceAll('\u2212', '-');

function words(page: Page, text: string, at: { x?: number; size?: number; bold?: boolean; color?: string; width?: number } = {}): void {
  page
    .font(at.bold ? 'Helvetica-Bold' : 'Helvetica')
    .fontSize(at.size ?? 10)
    .fillColor(at.color ?? INK);
  page.text(plain(text), at.x ?? MARGIN, undefined, { width: at.width ?? WIDTH });
}

function heading(page: Page, joint: JointView): void {
  page.font('Courier-Bold').fontSize(28).fillColor(INK).text(joint.tag, MARGIN, MARGIN);
  words(page, joint.title, { bold: true, size: 12 });
  words(page, `${joint.unit.tag} ${joint.unit.name}, ${joint.circuit.refrigerant}, job ${joint.job.number}`, { color: INK_2 });
  const plan = joint.plan;
  if (plan)
    words(
      page,
      `planned by ${plan.by}, ${plan.at.slice(0, 10)}, engine ${plan.engineVersion}${plan.reason ? `. Why otherwise than advised: ${plan.reason}` : ''}`,
      { color: INK_2 },
    );
}

function figures(page: Page, plan: JointPlan, units: UnitPreferences): void {
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
    words(page, title, { x, bold: true, width: column });
    for (const row of rows) figure(page, row, { x, width: column });
  });
  page.moveDown(0.3);
  for (const row of partReadings(plan, units)) figure(page, row, { x: MARGIN, width: WIDTH });
}

function figure(page: Page, row: CardReading, { x, width }: { x: number; width: number }): void {
  const y = page.y + 3;
  page
    .lineWidth(0.4)
    .strokeColor('#CFC6B8')
    .moveTo(x, y)
    .lineTo(x + width, y)
    .stroke();
  page.y = y + 3;
  words(page, `${row.label}${row.assumed ? ' *' : ''}`, { x, size: 9, color: INK_2, width: width / 3 });
  page
    .font('Courier-Bold')
    .fontSize(12)
    .fillColor(INK)
    .text(plain(readingText(row.reading)), x + width * 0.3, y + 4, { width: width * 0.36 });
  page
    .font('Helvetica')
    .fontSize(8)
    .fillColor(INK_2)
    .text(plain(row.note), x + width * 0.67, y + 4, { width: width * 0.33 });
  page.y = Math.max(page.y, y + 24);
}

function advice(page: Page, plan: JointPlan, units: UnitPreferences): void {
  const show = showIn(units);
  page.moveDown(0.5);
  for (const caution of plan.cautions) {
    const stop = caution.severity === 'stop';
    words(page, `${stop ? 'Stop. ' : ''}${cautionText(caution, show)} (${cautionRuleText(caution)})`, {
      size: 9,
      bold: stop,
      color: stop ? RED : caution.severity === 'note' ? INK_2 : INK,
    });
  }
  const flame = flameWords(plan);
  if (flame) words(page, `${flame.steps.join(' ')} ${flame.why}`, { size: 9 });
  page.moveDown(0.5);
  words(page, `Fillers: ${plan.fillers.map((f) => `${f.filler.designation} ${f.verdict}`).join(', ')}.`, { size: 9 });
}

function planPage(page: Page, joint: JointView, units: UnitPreferences): void {
  heading(page, joint);
  if (!joint.plan) return words(page, 'Not planned yet.', { size: 12 });
  const { plan } = joint.plan;
  page.moveDown(0.4);
  const { text, good } = planHeadline(plan);
  words(page, text, { bold: true, size: 15, color: good ? INK : RED });
  const box = { x: MARGIN, y: page.y + 6, width: WIDTH, height: 150 };
  const scale = drawSection(page, sectionOf(plan), box);
  page.y = box.y + box.height + 4;
  const od = readingText(formatLength(plan.joint.male.outsideM, units));
  const depth = readingText(formatOnRule(plan.fit.insertM, units));
  words(page, `tube ${od}, ${depth} in the cup; drawn ${((scale * 25.4) / 72).toFixed(1)} to 1`, { size: 9, color: INK_2 });
  figures(page, plan, units);
  advice(page, plan, units);
  page.moveDown(0.6);
  words(page, '* assumed or taken from a table. Advice: local code, the maker’s sheet and licence win.', { size: 8, color: INK_2 });
  recordEnd(page, joint);
}

/** Where the joint's record stands as this is printed: the whole hash, for comparing or checking a file years later. */
function recordEnd(page: Page, { entries }: JointView): void {
  const last = entries.at(-1);
  if (!last) return;
  words(page, `Record: ${entries.length} entries, ends in (check with the file: kesto verify --head HASH)`, { size: 8, color: INK_2 });
  page.font('Courier').fontSize(8).fillColor(INK).text(last.hash, MARGIN);
}

/** A page for each joint, as it is taken to the bench. */
export function plansPdf(joints: readonly JointView[], units: UnitPreferences): Promise<Buffer> {
  const page = new PDFDocument({
    size: 'A4',
    margin: MARGIN,
    info: { Title: joints.map((j) => j.tag).join(', '), Producer: 'Kesto', Creator: 'Kesto' },
  });
  const chunks: Buffer[] = [];
  page.on('data', (chunk: Buffer) => chunks.push(chunk));
  const done = new Promise<Buffer>((resolve) => page.on('end', () => resolve(Buffer.concat(chunks))));
  joints.forEach((joint, i) => {
    if (i > 0) page.addPage();
    planPage(page, joint, units);
  });
  page.end();
  return done;
}
