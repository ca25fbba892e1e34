import type { JobView } from '@kesto/contract';
import { foundSentence, lostSentence, placeName } from '@kesto/contract/wording';
import { factsIn, factsOf, leaksOf, lossOf, type CircuitGraph, type StageFact, type UnitPreferences } from '@kesto/core';
import { drawCircuit } from './drawCircuit';
import type { PrintFonts } from './fonts';
import { photoRow, type PhotoBytes } from './photoRow';
import { missingSigns } from './planPdf';
import { INK_2, MARGIN, printer, utcText, WIDTH } from './printer';

/** What the page is made from. */
export interface FoundPaper {
  readonly job: JobView;
  readonly graph: CircuitGraph | null;
  readonly photos: PhotoBytes;
}

const atPlace = (fact: StageFact, place: string) =>
  (fact.kind === 'checked-place' || fact.kind === 'sign') && fact.values.place === place ? fact.photos.map(({ sha256 }) => sha256) : [];

/** What was found, on one page for whoever pays: where, how it looks, and what it means, in plain words. */
export function foundPdf({ job, graph, photos }: FoundPaper, units: UnitPreferences, fonts: PrintFonts): Promise<Buffer> {
  const print = printer(fonts, `${job.unit.tag}, what was found`);
  const facts = factsIn(job.stages.entries);
  const leaks = leaksOf(facts);
  print.words('What was found', { y: MARGIN, size: 26, bold: true });
  print.words(`${job.unit.name} (${job.unit.tag}), ${job.site.name}`, { size: 13 });
  print.words(job.title, { size: 11, color: INK_2 });
  const lost = lostSentence(lossOf(facts), units);
  print.page.moveDown(0.5);
  if (lost) print.words(lost, { size: 12 });
  if (leaks.length === 0) print.words('No place where refrigerant gets out was found yet.', { size: 12 });
  if (graph) {
    const marks = leaks.map(({ place }, i) => ({ place, number: i + 1 }));
    const y = print.page.y + 10;
    print.page.y = y + drawCircuit(print, graph, marks, { x: MARGIN, y, width: WIDTH, height: 240 }) + 16;
  }
  leaks.forEach(({ place, method, gramsPerYear = null }, i) => {
    const signs = factsOf(facts, 'sign').flatMap(({ values }) => (values.place === place ? [values.sign] : []));
    const sentence = foundSentence({ name: placeName(graph, place), method, signs, gramsPerYear }, units);
    print.words(`${i + 1}. ${sentence}`, { size: 12 });
    photoRow(print, [...new Set(facts.flatMap((fact) => atPlace(fact, place)))].slice(0, 3), photos);
    print.page.moveDown(0.4);
  });
  const last = facts.at(-1);
  if (last) print.words(`Job ${job.number}, as of ${utcText(last.at)}.`, { size: 9, color: INK_2 });
  missingSigns(print);
  return print.done();
}

/** Photos of the places that leak. */
export const photosOfFinds = (job: JobView): readonly string[] => {
  const facts = factsIn(job.stages.entries);
  return leaksOf(facts).flatMap(({ place }) => facts.flatMap((fact) => atPlace(fact, place)));
};
