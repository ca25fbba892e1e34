import {
  ENGINE_VERSION,
  isOnDrawing,
  isWorked,
  placesIn,
  RIG,
  toldOf,
  workOut,
  type CircuitGraph,
  type HeldFor,
  type StageEntryKind,
  type StageFact,
} from '@kesto/core';
import { AppError } from '../../platform/errors';
import { refusal } from '../../platform/http/refusal';
import type { ToldJob } from '../jobs';
import type { ShopWork } from '../shopWork';
import { toCircuit } from '../units';
import type { Asked } from './stages.service';

const NO_DRAWING: CircuitGraph = { parts: [], links: [] };

/** Every drawing of the job's circuit, asked for once and only where an entry names a place. */
function drawings(shop: ShopWork, circuitId: string) {
  let all: Promise<readonly CircuitGraph[]> | null = null;
  return () => (all ??= shop.drawings.allOf(circuitId));
}
type Drawings = ReturnType<typeof drawings>;

/** A part or place that is not there is refused by its field. A circuit drawn anew meanwhile does not make a find of yesterday wrong. */
async function checkPlaces({ body }: Asked, all: Drawings): Promise<void> {
  const named = placesIn(body.kind, body.values).filter(({ place }) => place !== RIG);
  if (named.length === 0) return;
  const graphs = await all();
  const stranger = named.find(({ place }) => !graphs.some((graph) => isOnDrawing(graph, place)));
  if (!stranger) return;
  const field = `values.${stranger.field}`;
  throw new AppError('INVALID_INPUT', `${field} ${stranger.place} is on no drawing of this circuit: draw it first`, field);
}

/** The newest drawing that has every part named. */
async function drawingFor({ body }: Asked, all: Drawings): Promise<CircuitGraph> {
  const named = placesIn(body.kind, body.values).map(({ place }) => place);
  const graphs = await all();
  return graphs.find((graph) => named.every((place) => isOnDrawing(graph, place))) ?? graphs[0] ?? NO_DRAWING;
}

async function heldFor(
  shop: ShopWork,
  asked: Asked,
  { told, all }: { told: ToldJob; all: Drawings },
  facts: readonly StageFact[],
): Promise<HeldFor> {
  const { job, circuit, site } = told;
  const { leaks } = await shop.stageEntries.placeHistory({ jobId: job.id, circuitId: job.circuitId });
  return {
    graph: await drawingFor(asked, all),
    refrigerant: toCircuit(circuit).refrigerant,
    altitudeM: site.altitudeM,
    facts,
    // Of this machine alone: what leaked on a sister says nothing of its age.
    earlierFinds: leaks.filter((leak) => leak.unit === undefined).length,
    engineVersion: ENGINE_VERSION,
  };
}

/** What is kept of an entry: what was told, and what this server makes of it. What the device made of it is not asked. */
export async function keptValues(
  shop: ShopWork,
  asked: Asked,
  told: ToldJob,
  facts: readonly StageFact[],
): Promise<Readonly<Record<string, unknown>>> {
  const { kind, values }: { kind: StageEntryKind; values: Readonly<Record<string, unknown>> } = asked.body;
  const all = drawings(shop, told.job.circuitId);
  await checkPlaces(asked, all);
  if (!isWorked(kind)) return values;
  const said = toldOf(kind, values);
  const worked = workOut(kind, said, await heldFor(shop, asked, { told, all }, facts));
  if (!worked.ok) throw refusal(worked.errors.map((error) => ('field' in error ? { ...error, field: `values.${error.field}` } : error)));
  return { ...said, ...worked.value };
}
