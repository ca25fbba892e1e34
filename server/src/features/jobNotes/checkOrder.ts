import type { KeptOrderValues } from '@kesto/contract';
import { orderBreakText } from '@kesto/contract/wording';
import { drawnJointsOf, factsIn, orderBreaks, sequenceOfDrawing, stateAfter } from '@kesto/core';
import { AppError, notFound } from '../../platform/errors';
import type { ShopWork } from '../shopWork';

/** An order holds each joint of the job once; one that breaks a rule on the drawing as it stands needs its reason. Nothing is searched here. */
export async function checkKeptOrder(shop: ShopWork, jobId: string, { order, reason }: KeptOrderValues): Promise<void> {
  const told = await shop.jobs.told(jobId);
  if (!told) throw notFound('This job');
  const isWhole = order.length === told.joints.length && told.joints.every(({ id }) => order.includes(id));
  if (!isWhole) throw new AppError('INVALID_INPUT', 'values.order must name each joint of this job once.', 'values.order');
  if (reason) return;
  const drawing = await shop.drawings.latestOf(told.job.circuitId);
  if (!drawing) return;
  const joints = told.joints.map(({ id, at, facts, filler }) => ({ id, at, state: stateAfter(facts, filler !== null) }));
  const request = sequenceOfDrawing(drawing.graph, drawnJointsOf(joints, factsIn(told.entries)), null);
  const found = request ? orderBreaks(request, order) : null;
  const [first] = found?.ok ? found.value : [];
  if (!first) return;
  const name = (id: string) => told.joints.find((joint) => joint.id === id)?.tag ?? id;
  throw new AppError('INVALID_INPUT', `${orderBreakText(first, name)}: write why it is made in this order.`, 'values.reason');
}
