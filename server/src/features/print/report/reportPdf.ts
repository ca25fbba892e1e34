import type { JobView, JointView } from '@kesto/contract';
import { placeName } from '@kesto/contract/wording';
import { factsIn, headOf, type CircuitGraph, type StageFact, type UnitPreferences } from '@kesto/core';
import type { PrintFonts } from '../fonts';
import { missingSigns } from '../planPdf';
import { printer } from '../printer';
import { frontPage } from './front';
import { titleBlocks } from './paper';
import { proofPages } from './proof';

/** What the report is made from. */
export interface ReportPaper {
  readonly job: JobView;
  readonly joints: readonly JointView[];
  readonly facts: readonly StageFact[];
  readonly units: UnitPreferences;
  /** Joints that were made and stay. */
  readonly made: number;
  readonly nameOf: (place: string) => string;
}

interface Asked {
  readonly job: JobView;
  readonly joints: readonly JointView[];
  readonly graph: CircuitGraph | null;
}

const grouped = (hash: string): string => hash.slice(0, 16).replace(/(.{4})(?=.)/g, '$1 ');

/** A job's report: a page for whoever pays, then what proves it. */
export async function reportPdf(
  { job, joints, graph }: Asked,
  units: UnitPreferences,
  fonts: PrintFonts,
): Promise<{ readonly pdf: Buffer; readonly pages: number }> {
  const print = printer(fonts, `${job.unit.tag}, job ${job.number}, report`, { keepsPages: true });
  const facts = factsIn(job.stages.entries);
  const made = joints.filter(({ state }) => state !== 'cut-out').length;
  const paper = { job, joints, facts, units, made, nameOf: (place: string) => placeName(graph, place) };
  frontPage(print, paper, graph);
  proofPages(print, paper);
  missingSigns(print);
  const head = headOf('job', job.id, job.stages.entries);
  titleBlocks(print, (page, pages) => [
    [job.unit.tag, `job ${job.number}`],
    ['page', `${page} of ${pages}: ${page === 1 ? 'for you' : 'proof'}`],
    ['chain', `${head.sequence} entries`],
    ['ends in', grouped(head.hash)],
  ]);
  const pages = print.page.bufferedPageRange().count;
  return { pdf: await print.done(), pages };
}
