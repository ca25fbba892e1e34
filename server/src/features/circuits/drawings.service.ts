import type { DrawingView, Drawn } from '@kesto/contract';
import { readCircuit, type CircuitGraph } from '@kesto/core';
import { requestHash, sameOrConflict } from '../../platform/db/idempotency';
import { notFound } from '../../platform/errors';
import { refusal } from '../../platform/http/refusal';
import type { ShopWork } from '../shopWork';
import type { KeptDrawing } from './drawings.repository';

async function toView(shop: ShopWork, { graph, personId, madeAt }: KeptDrawing): Promise<DrawingView> {
  const names = await shop.people.namesOf([personId]);
  return { circuit: graph, by: names.get(personId) ?? '', at: madeAt.toISOString() };
}

/** The circuit as it was drawn last; null where nobody drew it. */
export async function drawing(shop: ShopWork, circuitId: string): Promise<Drawn> {
  if (!(await shop.circuits.byId(circuitId))) throw notFound('This circuit');
  const latest = await shop.drawings.latestOf(circuitId);
  return { drawing: latest && (await toView(shop, latest)) };
}

interface Asked {
  readonly circuitId: string;
  readonly id: string;
  readonly personId: string;
  readonly body: CircuitGraph;
  readonly now: Date;
}

/** Keeps a drawing beside those before it. Repeating it changes nothing. */
export async function putDrawing(shop: ShopWork, { circuitId, id, personId, body, now }: Asked): Promise<DrawingView> {
  const circuit = await shop.circuits.byId(circuitId);
  if (!circuit) throw notFound('This circuit');
  await shop.units.lock(circuit.unitId);
  const hash = requestHash({ circuit: circuitId, ...body });
  const before = await shop.drawings.byId(id);
  if (before) {
    sameOrConflict(before.requestHash, hash, 'drawing');
    return toView(shop, before);
  }
  const read = readCircuit(body);
  if (!read.ok) throw refusal(read.errors);
  const place = 1 + ((await shop.drawings.latestOf(circuitId))?.place ?? 0);
  const drawing = { id, circuitId, personId, graph: read.value, madeAt: now, place, requestHash: hash };
  await shop.drawings.add(drawing);
  return toView(shop, drawing);
}
