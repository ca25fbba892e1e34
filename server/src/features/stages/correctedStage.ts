import { check, stageCorrectionOf } from '@kesto/contract/schemas';
import { misfitText } from '@kesto/contract/wording';
import { factsIn, isLedgerLink, tellsWell, type JobLink } from '@kesto/core';
import { LEADS } from '@kesto/contract';
import { AppError } from '../../platform/errors';
import type { Asked } from './stages.service';

const writerOf = (links: readonly JobLink[], id: string): string | null => {
  const link = links.find((one) => (isLedgerLink(one) ? one.content.said.id : one.content.id) === id);
  if (!link) return null;
  return isLedgerLink(link) ? link.content.said.person : link.content.person.id;
};

/** A correction or striking out names an entry that stands, is its writer's or a lead's, and says only what that kind of entry can say. */
export function checkCorrected({ body, person }: Asked, links: readonly JobLink[]): void {
  const isAboutAnother = body.kind === 'corrected' || body.kind === 'struck-out';
  if (isAboutAnother !== (body.corrects !== undefined)) {
    throw new AppError('INVALID_INPUT', 'A correction names the entry it corrects, and nothing else does.', 'corrects');
  }
  if (!body.corrects) return;
  const corrected = factsIn(links).find(({ id }) => id === body.corrects?.entry);
  if (!corrected) throw new AppError('INVALID_INPUT', 'corrects.entry is not an entry of this job’s stages that stands', 'corrects.entry');
  if (writerOf(links, corrected.id) !== person.id && !LEADS.includes(person.role)) {
    throw new AppError('FORBIDDEN', `Only ${corrected.by} or a lead corrects this entry.`);
  }
  if (body.kind === 'struck-out') return;
  const checked = check(stageCorrectionOf(corrected.kind), body.values);
  if (!checked.ok) throw new AppError('INVALID_INPUT', checked.problem.message, `values.${checked.problem.field}`.replace(/\.$/, ''));
  const misfit = tellsWell(corrected.kind, { ...corrected.values, ...body.values });
  if (misfit) throw new AppError('INVALID_INPUT', `values.${misfit.field} ${misfitText(misfit)}`, `values.${misfit.field}`);
}
