import type { JobView, JointView } from '@kesto/contract';
import { JOINT_STATE_WORDS, placeName, stageEntryWord, stageFactText } from '@kesto/contract/wording';
import { STAGE_WORDS } from '@kesto/contract/wording/stages';
import { factsIn, KEPT_STAGES, type CircuitGraph, type StageFact, type UnitPreferences } from '@kesto/core';
import { drawCircuit } from './drawCircuit';
import type { PrintFonts } from './fonts';
import { photoRow, type PhotoBytes } from './photoRow';
import { missingSigns } from './planPdf';
import { INK_2, MARGIN, printer, utcText, WIDTH, type Printer } from './printer';
import { recordPage } from './recordPdf';

/** What a job's pages are made from. */
export interface JobPaper {
  readonly job: JobView;
  readonly graph: CircuitGraph | null;
  /** Joints with an entry, each a page of its own. */
  readonly joints: readonly JointView[];
  readonly photos: PhotoBytes;
}

/** How it was entered is no news on paper. */
const UNSAID: readonly StageFact['kind'][] = ['began'];

function stage(print: Printer, name: string, facts: readonly StageFact[], graph: CircuitGraph | null): void {
  if (facts.length === 0) return;
  print.page.moveDown(0.4);
  print.words(name, { bold: true, size: 12 });
  for (const fact of facts) {
    const says = stageFactText(fact, (place) => placeName(graph, place));
    print.words(`${stageEntryWord(fact.kind)}${says === '' ? '' : `: ${says}`}`, { size: 9 });
    print.words(`${fact.by}, ${utcText(fact.at)}`, { size: 8, color: INK_2, x: MARGIN + 14 });
  }
}

function jobPage(print: Printer, { job, graph, photos }: JobPaper): void {
  print.readings(`job ${job.number}`, { y: MARGIN, size: 28, bold: true });
  print.words(job.title, { bold: true, size: 12 });
  print.words(`${job.unit.tag} ${job.unit.name}, ${job.site.name}, ${job.circuit.refrigerant}`, { color: INK_2 });
  if (graph) {
    const y = print.page.y + 8;
    print.page.y = y + drawCircuit(print, graph, [], { x: MARGIN, y, width: WIDTH, height: 190 }) + 14;
  }
  const facts = factsIn(job.stages.entries).filter(({ kind }) => !UNSAID.includes(kind));
  for (const kept of KEPT_STAGES)
    stage(
      print,
      STAGE_WORDS[kept],
      facts.filter((fact) => fact.stage === kept),
      graph,
    );
  for (const note of job.stageNotes ?? [])
    print.words(`${STAGE_WORDS[note.of]}: ${note.text} (${note.by}, ${utcText(note.at)})`, { size: 9 });
  if (job.order.length > 0) {
    print.page.moveDown(0.4);
    print.words('Joints', { bold: true, size: 12 });
  }
  for (const joint of job.order) print.words(`${joint.tag}  ${joint.title}: ${JOINT_STATE_WORDS[joint.state]}`, { size: 10 });
  photoRow(print, [...new Set(facts.flatMap((fact) => fact.photos.map(({ sha256 }) => sha256)))], photos);
}

/** The whole job on paper: what was kept of its stages, then each made joint on a page. */
export function jobPdf(paper: JobPaper, units: UnitPreferences, fonts: PrintFonts): Promise<Buffer> {
  const print = printer(fonts, `${paper.job.unit.tag}, job ${paper.job.number}`);
  jobPage(print, paper);
  for (const joint of paper.joints) {
    print.page.addPage();
    recordPage(print, joint, { units, photos: paper.photos });
  }
  missingSigns(print);
  return print.done();
}
