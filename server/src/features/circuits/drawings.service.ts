import type { DrawingView, Drawn } from '@kesto/contract';
import { readCircuit, type CircuitGraph } from '@kesto/core';
import { requestHash, sameOrConflict } from '../../platform/db/idempotency';
import type { DrawingRow } from '../../platform/db/rows';
import type { ShopWork } from '../../platform/db/shop';
import { notFound } from '../../platform/errors';
import { refusal } from '../../platform/http/refusal';
import { circuitById, lockUnit } from '../units';
import { addDrawing, drawingById, drawnBy, latestDrawing } from './drawings.repository.typeorm';

async function toView(shop: ShopWork, row: Omit<DrawingRow, 'shop_id'>): Promise<DrawingView> {
  return { circuit: row.graph, by: await drawnBy(shop, row.person_id), at: row.made_at.toISOString() };
}

/** The circuit as it was drawn last; null where nobody drew it. */
export async function drawing(shop: ShopWork, circuitId: string): Promise<Drawn> {
  if (!(await circuitById(shop, circuitId))) throw notFound('This circuit');
  const row = await latestDrawing(shop, circuitId);
  return { drawing: row && (await toView(shop, row)) };
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
  const circuit = await circuitById(shop, circuitId);
  if (!circuit) throw notFound('This circuit');
  await lockUnit(shop, circuit.unit_id);
  const hash = requestHash({ circuit: circuitId, ...body });
  const before = await drawingById(shop, id);
  if (before) {
    sameOrConflict(before, hash, 'drawing');
    return toView(shop, before);
  }
  const read = readCircuit(body);
  if (!read.ok) throw refusal(read.errors);
  const place = 1 + ((await latestDrawing(shop, circuitId))?.place ?? 0);
  const row = { id, circuit_id: circuitId, person_id: personId, graph: read.value, made_at: now, place, request_hash: hash };
  await addDrawing(shop, row);
  return toView(shop, row);
}
