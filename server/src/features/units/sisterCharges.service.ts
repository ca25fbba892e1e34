import type { SisterCharge } from '@kesto/contract';
import { factsIn, leftWith, type JobLink } from '@kesto/core';
import { notFound } from '../../platform/errors';
import type { ShopWork } from '../shopWork';
import type { Circuit } from './units.repository';
import { isSister } from './units.service';

/** So many machines are compared, and so many of the last jobs of each are read. */
const MOST = { sisters: 5, jobs: 3 } as const;

/** What a circuit was left with last, in its newest jobs. */
async function lastCharge(shop: ShopWork, circuitId: string): Promise<SisterCharge['last']> {
  const jobs = (await shop.jobs.ofCircuits([circuitId])).toSorted((a, b) => b.number - a.number).slice(0, MOST.jobs);
  for (const { id, number } of jobs) {
    const links = (await shop.ledger.of({ of: 'job', id })) as readonly JobLink[]; // cast: a job's chain holds its own links
    const left = leftWith(factsIn(links));
    if (left) return { ...left, jobNumber: number };
  }
  return null;
}

async function chargeOf(shop: ShopWork, tag: string, { id, details }: Circuit): Promise<SisterCharge> {
  return { tag, refrigerant: details.refrigerant, plateKg: details.chargeKg ?? null, last: await lastCharge(shop, id) };
}

/** Machines of the same model, with what they hold. */
export async function sisterCharges(shop: ShopWork, unitId: string): Promise<readonly SisterCharge[]> {
  const unit = await shop.units.byId(unitId);
  if (!unit) throw notFound('This unit');
  const { model } = unit.details;
  const kin = model === undefined ? [] : await shop.units.ofModels([model], MOST.sisters + 1);
  const sisters = kin.filter((other) => isSister(unit, other)).slice(0, MOST.sisters);
  const circuits = await shop.circuits.ofUnits(sisters.map(({ id }) => id));
  const found: SisterCharge[] = [];
  for (const sister of sisters)
    for (const circuit of circuits.filter(({ unitId: of }) => of === sister.id)) found.push(await chargeOf(shop, sister.tag, circuit));
  return found;
}
