import type { UnitHistory } from '@kesto/contract';
import { notFound } from '../../platform/errors';
import { summaries } from '../jointSummaries';
import type { ShopWork } from '../shopWork';

/** What was found on a unit and made of it, in a number of queries that does not grow with it. */
export async function unitHistory(shop: ShopWork, unitId: string): Promise<UnitHistory> {
  if (!(await shop.units.byId(unitId))) throw notFound('This unit');
  const circuits = (await shop.circuits.ofUnits([unitId])).map((circuit) => circuit.id);
  const joints = await shop.joints.ofCircuits(circuits);
  const states = new Map((await summaries(shop, joints)).map(({ id, state }) => [id, state]));
  const flames = await shop.records.lastFlames(joints.map((joint) => joint.id));
  return {
    leaks: await shop.finds.leaksOf(circuits),
    joints: joints.map(({ id, circuitId, tag, title, at }) => ({
      ...{ id, circuitId, tag, title, at },
      state: states.get(id) ?? 'not-planned',
      madeOn: flames.get(id) ?? null,
    })),
    jobs: (await shop.jobs.ofCircuits(circuits)).map(({ id, circuitId, number, title, done }) => ({ id, circuitId, number, title, done })),
  };
}
