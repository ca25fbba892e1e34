import { MATERIAL_UNIT_WORDS, plainReport, type ReportFigure } from '@kesto/contract/wording';
import { factsOf, leaksOf, safetyClassOf, tubePlace, type CircuitGraph, type StageFact } from '@kesto/core';
import { drawCircuit, type Mark } from '../drawCircuit';
import { INK, INK_2, MARGIN, utcText, WIDTH, type Printer } from '../printer';
import { isPicture } from '../photoRow';
import { drawCode } from './code';
import { columns, FOOT, ruleAcross, TONES } from './paper';
import type { ReportPaper } from './reportPdf';

const SIGNATURE = { width: 200, height: 62, drawn: { width: 340, height: 150 } } as const;

/** Who worked on it, by their entries, in the order they came. */
export const workedBy = (facts: readonly StageFact[]): readonly string[] =>
  [...new Set(facts.map(({ by }) => by))].filter((name) => name !== KESTO);
/** What the program notes by itself is nobody's work. */
const KESTO = 'Kesto';

/** Where it leaked, by number, and where new joints stand. */
function marksOf(facts: readonly StageFact[], joints: ReportPaper['joints']): readonly Mark[] {
  const made = joints.flatMap(({ at, tag, state }) =>
    at && state !== 'cut-out' ? [{ place: tubePlace(at), part: at.part, made: tag.split('-').at(-1) ?? tag }] : [],
  );
  return [...leaksOf(facts).map(({ place }, i) => ({ place, number: i + 1 })), ...made];
}

function signature(print: Printer, drawn: string | null, says: string, { x, y }: { x: number; y: number }): void {
  if (drawn) {
    const scale = Math.min(SIGNATURE.width / SIGNATURE.drawn.width, SIGNATURE.height / SIGNATURE.drawn.height);
    print.page.save().translate(x, y).scale(scale).path(drawn).lineWidth(3).lineJoin('round').strokeColor(INK).stroke().restore();
  }
  ruleAcross(print, { x, y: y + SIGNATURE.height + 4, width: SIGNATURE.width }, INK, 0.8);
  print.words(says, { x, y: y + SIGNATURE.height + 9, size: 9, color: INK_2, width: SIGNATURE.width + 30 });
}

/** Letters of a figure that stand in its column in full size. */
const FIGURE_FITS = 12;

/** The few figures that matter, side by side; answers where they end. */
function figureRow(print: Printer, figures: readonly ReportFigure[], y: number): number {
  const width = WIDTH / Math.max(figures.length, 1);
  figures.forEach(({ label, value, note, tone }, i) => {
    const x = MARGIN + i * width;
    print.words(label, { x, y, size: 9, color: INK_2, width });
    print.readings(value, { x, y: y + 12, size: value.length > FIGURE_FITS ? 11 : 13, bold: true, color: TONES[tone], width: width - 8 });
    print.words(note, { x, y: y + 30, size: 9, width: width - 8 });
  });
  return y + (figures.length > 0 ? 56 : 0);
}

/** What was used, in two columns; answers where it ends. */
function usedTable(print: Printer, facts: readonly StageFact[], y: number): number {
  const used = factsOf(facts, 'materials').flatMap(({ values }) => values.used);
  if (used.length === 0) return y;
  ruleAcross(print, { x: MARGIN, y, width: WIDTH });
  print.words('Used', { y: y + 6, size: 10, bold: true });
  used.forEach(({ what, amount, unit }, i) => {
    const at = { x: MARGIN + (i % 2) * (WIDTH / 2), y: y + 22 + Math.floor(i / 2) * 15 };
    print.words(what, { ...at, size: 9, width: WIDTH / 2 - 90 });
    print.readings(`${amount} ${MATERIAL_UNIT_WORDS[unit]}`, { x: at.x + WIDTH / 2 - 90, y: at.y, size: 9, bold: true, width: 80 });
  });
  return y + 26 + Math.ceil(used.length / 2) * 15;
}

/** Who signed, by hand and name, on a page of its own where there is no room. */
function signatures(print: Printer, facts: readonly StageFact[], from: number): void {
  const signed = factsOf(facts, 'signed-off');
  if (signed.length === 0) return;
  const hasRoom = from + SIGNATURE.height + 40 <= FOOT.top;
  if (!hasRoom) print.page.addPage();
  const y = (hasRoom ? from : MARGIN) + 8;
  signed
    .slice(-2)
    .forEach(({ values, at }, i) =>
      signature(print, values.drawn ?? null, `${values.role}: ${values.name}, ${utcText(at)}`, { x: MARGIN + i * (WIDTH / 2), y }),
    );
}

/** The code's side [pt]. */
const CODE = 62;
const PICTURE = { height: 190, photo: 150, gap: 12 } as const;

/** The machine with its marks, and beside it what was wrong as it was seen; answers where they end. */
function picture(print: Printer, { facts, joints, wrong }: ReportPaper, graph: CircuitGraph | null, y: number): number {
  const shown = wrong.filter(isPicture).slice(0, 2);
  const width = shown.length > 0 ? WIDTH - PICTURE.photo - PICTURE.gap : WIDTH;
  const drawn = graph ? drawCircuit(print, graph, marksOf(facts, joints), { x: MARGIN, y, width, height: PICTURE.height }) : 0;
  const each = (PICTURE.height - PICTURE.gap * (shown.length - 1)) / Math.max(1, shown.length);
  shown.forEach((bytes, i) => {
    const at = { x: MARGIN + WIDTH - PICTURE.photo, y: y + i * (each + PICTURE.gap) };
    print.page.image(bytes, at.x, at.y, { fit: [PICTURE.photo, each], align: 'right' });
  });
  const height = Math.max(drawn, shown.length > 0 ? PICTURE.height : 0);
  return height === 0 ? y : y + height + 14;
}

/** The page for whoever pays: what was wrong, with its picture, what was done, what to know, what was used, who signed. */
export function frontPage(print: Printer, paper: ReportPaper, graph: CircuitGraph | null): void {
  const { job, facts, units, nameOf, made } = paper;
  const plain = plainReport({
    facts,
    unitName: job.unit.name,
    title: job.title,
    refrigerant: job.circuit.refrigerant,
    made,
    about: { safetyClass: safetyClassOf(job.circuit), joints: paper.joints },
    units,
    nameOf,
  });
  const days = [facts[0]?.at.slice(0, 10), facts.at(-1)?.at.slice(0, 10)].filter((day, i, all) => day && day !== all[i - 1]);
  print.words(`for ${job.site.name}`, { y: MARGIN, size: 9, color: INK_2 });
  print.readings(job.unit.tag, { y: MARGIN + 14, size: 28, bold: true });
  print.words(plain.headline, { y: print.page.y + 2, size: 15, bold: true, width: WIDTH - CODE - 16 });
  print.words(`job ${job.number} · ${days.join(' to ')} · done by ${workedBy(facts).join(', ')}`, {
    ...{ size: 9, color: INK_2, width: WIDTH - CODE - 16 },
  });
  drawCode(print, paper.code, { x: MARGIN + WIDTH - CODE, y: MARGIN, side: CODE });
  let y = columns(
    print,
    [
      ['What was wrong', plain.wrong],
      ['What we did', plain.did],
      ['What you should know', plain.know],
    ],
    Math.max(print.page.y, MARGIN + CODE) + 14,
  );
  y = picture(print, paper, graph, y + 8);
  y = figureRow(print, plain.figures, y + 10);
  signatures(print, facts, usedTable(print, facts, y));
}
