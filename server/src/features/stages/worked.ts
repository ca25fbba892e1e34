import {
  canonicalHash,
  canonicalText,
  ENGINE_VERSION,
  factsIn,
  isOnDrawing,
  isWorked,
  placesIn,
  RIG,
  safetyClassOf,
  toldOf,
  workOut,
  type CircuitGraph,
  type HeldFor,
  type JobLink,
  type StageEntryKind,
  type StageFact,
  type WorkedOut,
} from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { AppError } from '../../platform/errors';
import { refusal } from '../../platform/http/refusal';
import type { ToldJob } from '../jobs';
import { liveHeld, livePulled } from '../instruments';
import { append } from '../ledger';
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
async function checkPlaces({ kind, values }: AskedOfStage, all: Drawings): Promise<void> {
  const named = placesIn(kind, values).filter(({ place }) => place !== RIG);
  if (named.length === 0) return;
  const graphs = await all();
  const stranger = named.find(({ place }) => !graphs.some((graph) => isOnDrawing(graph, place)));
  if (!stranger) return;
  const field = `values.${stranger.field}`;
  throw new AppError('INVALID_INPUT', `${field} ${stranger.place} is on no drawing of this circuit: draw it first`, field);
}

/** The newest drawing that has every part named. */
async function drawingFor({ kind, values }: AskedOfStage, all: Drawings): Promise<CircuitGraph> {
  const named = placesIn(kind, values).map(({ place }) => place);
  const graphs = await all();
  return graphs.find((graph) => named.every((place) => isOnDrawing(graph, place))) ?? graphs[0] ?? NO_DRAWING;
}

async function heldFor(
  shop: ShopWork,
  asked: AskedOfStage,
  { told, all }: { told: ToldJob; all: Drawings },
  facts: readonly StageFact[],
): Promise<HeldFor> {
  const { job, circuit, site } = told;
  const { leaks } = await shop.finds.placeHistory({ jobId: job.id, circuitId: job.circuitId });
  const plate = toCircuit(circuit);
  return {
    graph: await drawingFor(asked, all),
    ...{ refrigerant: plate.refrigerant, safetyClass: safetyClassOf(plate) },
    altitudeM: site.altitudeM,
    facts,
    // Of this machine alone: what leaked on a sister says nothing of its age.
    earlierFinds: leaks.filter((leak) => leak.unit === undefined).length,
    engineVersion: ENGINE_VERSION,
    plate: { lowPa: plate.lowSideDesignGaugePa, highPa: plate.highSideDesignGaugePa },
    ...(plate.chargeKg === null ? {} : { chargeKg: plate.chargeKg }),
  };
}

/** A write of a kind that is kept in a stage. */
type AskedOfStage = Asked & { readonly kind: StageEntryKind; readonly values: Readonly<Record<string, unknown>> };

const hashOf = (graph: CircuitGraph) => (graph === NO_DRAWING ? null : canonicalHash(graph));

/** What this server makes of what was told; refused by the field that was told. */
async function make(shop: ShopWork, asked: AskedOfStage, { told, all }: { told: ToldJob; all: Drawings }, facts: readonly StageFact[]) {
  const { kind } = asked;
  if (!isWorked(kind)) return null;
  const held = await heldFor(shop, asked, { told, all }, facts);
  const by = typeof asked.values['by'] === 'string' ? asked.values['by'] : null;
  const live = kind === 'hold-ended' ? await liveHeld(shop, String(asked.values['hold']), by) : null;
  const vacuum = kind === 'rise' ? await livePulled(shop, String(asked.values['pull']), by) : null;
  const from = { ...held, ...(live ? { live } : {}), ...(vacuum ? { vacuum } : {}) };
  const worked = workOut(kind, toldOf(kind, asked.values), from);
  if (!worked.ok) throw refusal(worked.errors.map((error) => ('field' in error ? { ...error, field: `values.${error.field}` } : error)));
  return { engine: ENGINE_VERSION, drawing: hashOf(held.graph), values: worked.value as WorkedOut['values'] }; // cast: values by their key
}

/** Of what a device had on its screen, what differs from what this server says; null where nothing does. */
function shownOf(values: Readonly<Record<string, unknown>>, worked: WorkedOut['values']) {
  const differs = Object.entries(worked).filter(([key, value]) => key in values && canonicalText(values[key]) !== canonicalText(value));
  return differs.length === 0 ? null : Object.fromEntries(differs.map(([key]) => [key, values[key]]));
}

/** What is kept of an entry: what was told, and what this server makes of it. What the device made of it stands beside, where it differs. */
export async function workedOut(
  shop: ShopWork,
  asked: AskedOfStage,
  { told, facts }: { told: ToldJob; facts: readonly StageFact[] },
): Promise<{ readonly told: Readonly<Record<string, unknown>>; readonly worked: WorkedOut | null }> {
  const all = drawings(shop, told.job.circuitId);
  await checkPlaces(asked, all);
  const worked = await make(shop, asked, { told, all }, facts);
  if (!worked) return { told: asked.values, worked: null };
  const shown = shownOf(asked.values, worked.values);
  return { told: toldOf(asked.kind, asked.values), worked: { ...worked, ...(shown ? { shown } : {}) } };
}

/** What hung on an entry that was corrected is made anew, in an entry of Kesto's own. */
export async function workedAnew(
  shop: ShopWork,
  { asked, told }: { asked: Asked; told: ToldJob },
  links: readonly JobLink[],
  correctedId: string,
): Promise<void> {
  const facts = factsIn(links);
  const at = facts.findIndex(({ id }) => id === correctedId);
  const fact = facts[at];
  if (!fact) return;
  const of = { ...asked, kind: fact.kind, values: fact.values as Readonly<Record<string, unknown>> }; // cast: every kind carries an object
  const worked = await make(shop, of, { told, all: drawings(shop, told.job.circuitId) }, facts.slice(0, at));
  if (!worked) return;
  const chain = { of: 'job', id: asked.jobId } as const;
  await append(shop, links, {
    ...{ chain, id: uuid(), kind: 'worked-out', told: { of: correctedId, values: worked.values } },
    ...{ person: 'kesto', deviceTime: null, offsetS: null, now: asked.now, because: { chain, entry: asked.entryId }, requestHash: '' },
  });
}
