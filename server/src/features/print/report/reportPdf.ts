import type { JobView, JointView } from '@kesto/contract';
import { placeName } from '@kesto/contract/wording';
import { factsIn, headOf, type CircuitGraph, type Head, type StageFact, type UnitPreferences } from '@kesto/core';
import type { PrintFonts } from '../fonts';
import { photosOfFinds } from '../foundPdf';
import type { PhotoBytes } from '../photoRow';
import { missingSigns } from '../planPdf';
import { printer } from '../printer';
import { frontPage } from './front';
import { titleBlocks } from './paper';
import { proofPages } from './proof';
import type { Sent } from './sent';

/** What the report is made from. */
export interface ReportPaper {
  readonly job: JobView;
  readonly joints: readonly JointView[];
  readonly facts: readonly StageFact[];
  readonly units: UnitPreferences;
  /** Joints that were made and stay. */
  readonly made: number;
  readonly nameOf: (place: string) => string;
  readonly sent: Sent;
  /** Photos of what was wrong. */
  readonly wrong: readonly Buffer[];
  /** What its code says: where the job stands. */
  readonly code: string;
}

interface Asked {
  readonly job: JobView;
  readonly joints: readonly JointView[];
  readonly graph: CircuitGraph | null;
  readonly sent: Sent;
  readonly photos: PhotoBytes;
  /** Where the job opens; null: nobody said by which address. */
  readonly publicUrl: URL | null;
}

const grouped = (hash: string): string => hash.slice(0, 16).replace(/(.{4})(?=.)/g, '$1 ');

/** The address of the job with its head behind it; without an address the head alone. */
const codeText = ({ id, number, unit }: JobView, { sequence, hash }: Head, publicUrl: URL | null): string => {
  const head = `${unit.tag}.${number}.${sequence}.${hash.slice(0, 32)}`;
  return publicUrl ? `${new URL(`/jobs/${id}`, publicUrl).href}#${head}` : `kesto job ${head}`;
};

/** A job's report: a page for whoever pays, then what proves it. */
export async function reportPdf(
  { job, joints, graph, sent, photos, publicUrl }: Asked,
  units: UnitPreferences,
  fonts: PrintFonts,
): Promise<{ readonly pdf: Buffer; readonly pages: number }> {
  const print = printer(fonts, `${job.unit.tag}, job ${job.number}, report`, { keepsPages: true });
  const facts = factsIn(job.stages.entries);
  const made = joints.filter(({ state }) => state !== 'cut-out').length;
  const head = headOf('job', job.id, job.stages.entries);
  const code = codeText(job, head, publicUrl);
  const wrong = photosOfFinds(job).flatMap((sha256) => photos.get(sha256) ?? []);
  const paper = { job, joints, facts, units, made, sent, wrong, code, nameOf: (place: string) => placeName(graph, place) };
  frontPage(print, paper, graph);
  proofPages(print, paper);
  missingSigns(print);
  titleBlocks(print, (page, pages) => [
    [job.unit.tag, `job ${job.number}`],
    ['page', `${page} of ${pages}: ${page === 1 ? 'for you' : 'proof'}`],
    ['chain', `${head.sequence} entries`],
    ['ends in', grouped(head.hash)],
  ]);
  const pages = print.page.bufferedPageRange().count;
  return { pdf: await print.done(), pages };
}
