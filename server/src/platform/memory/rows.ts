import type { ChainId, LedgerLink } from '@kesto/core';
import type { SignedTreeHead } from '@kesto/core/tree';
import type { Audited, RefusedTry } from '../../features/audit';
import type { KeptDrawing } from '../../features/circuits';
import type { DayPinRow, PinUse } from '../../features/dayPins';
import type { Series, SeriesBlock } from '../../features/instruments';
import type { Job } from '../../features/jobs';
import type { Joint, KeptPlan } from '../../features/joints';
import type { LinkColumns } from '../../features/ledger';
import type { FoundRow } from '../../features/found';
import type { ImportRow } from '../../features/imports';
import type { GivenLabel } from '../../features/labels';
import type { Invite, Person } from '../../features/people';
import type { CleanPhoto, SentPhoto } from '../../features/photos';
import type { Session } from '../../features/session';
import type { PlacedLeaf, PlacedNode } from '../../features/seal';
import type { Shop } from '../../features/shop';
import type { Circuit, Site, Unit } from '../../features/units';

/** A link without what an erasure takes away, and what lists ask by. */
export interface MemoryLink extends LinkColumns {
  readonly link: LedgerLink;
}

/** One shop's rows, each list in the order they were added. Rows are replaced, never changed, so that a copy of the lists is a snapshot. */
export interface MemoryRows {
  shop: Shop | null;
  people: Person[];
  invites: Invite[];
  sessions: Session[];
  sites: Site[];
  units: Unit[];
  circuits: Circuit[];
  drawings: KeptDrawing[];
  jobs: Job[];
  joints: Joint[];
  jobJoints: { readonly jobId: string; readonly jointId: string }[];
  plans: KeptPlan[];
  links: MemoryLink[];
  photos: CleanPhoto[];
  photosSent: SentPhoto[];
  audit: Audited[];
  refusedTries: RefusedTry[];
  dayPins: DayPinRow[];
  pinUses: PinUse[];
  series: Series[];
  seriesBlocks: SeriesBlock[];
  treeLeaves: PlacedLeaf[];
  treeNodes: PlacedNode[];
  treeHeads: SignedTreeHead[];
  treeGiven: (ChainId & { readonly size: number })[];
  chainsGrown: ChainId[];
  jointFound: FoundRow[];
  jointStale: string[];
  labelsGiven: GivenLabel[];
  imports: ImportRow[];
}

export const noRows = (): MemoryRows => ({
  shop: null,
  ...{ people: [], invites: [], sessions: [], sites: [], units: [], circuits: [], drawings: [] },
  ...{ jobs: [], joints: [], jobJoints: [], plans: [], links: [], photos: [] },
  ...{ photosSent: [], audit: [], refusedTries: [], dayPins: [], pinUses: [], series: [], seriesBlocks: [] },
  ...{
    treeLeaves: [],
    treeNodes: [],
    treeHeads: [],
    treeGiven: [],
    chainsGrown: [],
    jointFound: [],
    jointStale: [],
    labelsGiven: [],
    imports: [],
  },
});

export const copyOf = (rows: MemoryRows): MemoryRows =>
  Object.fromEntries(Object.entries(rows).map(([name, list]) => [name, Array.isArray(list) ? [...list] : list])) as unknown as MemoryRows; // cast: the same lists

interface HasId {
  readonly id: string;
}

export const byId = <Row extends HasId>(rows: readonly Row[], id: string): Row | null => rows.find((row) => row.id === id) ?? null;

/** Adds a row; an id that is there already is refused, as by a primary key. */
export function addRow<Row extends HasId>(rows: Row[], row: Row): void {
  if (byId(rows, row.id)) throw new Error(`a row with the id ${row.id} is there already`);
  rows.push(row);
}

/** Adds a row, or puts it in the place of the one that has its id. */
export function saveRow<Row extends HasId>(rows: Row[], row: Row): void {
  const at = rows.findIndex(({ id }) => id === row.id);
  if (at < 0) rows.push(row);
  else rows[at] = row;
}

/** Changes the rows that are meant; how many they were. */
export function changeRows<Row>(rows: Row[], isMeant: (row: Row) => boolean, part: Partial<Row>): number {
  const at = [...rows.keys()].filter((i) => isMeant(rows[i] as Row)); // cast: an index of the list
  for (const i of at) rows[i] = { ...(rows[i] as Row), ...part };
  return at.length;
}

/** Takes the rows away that are meant; how many they were. */
export function removeRows<Row>(rows: Row[], isMeant: (row: Row) => boolean): number {
  const stay = rows.filter((row) => !isMeant(row));
  const removed = rows.length - stay.length;
  rows.splice(0, rows.length, ...stay);
  return removed;
}

/** From the least to the greatest of a key; rows with the same one stay in their order. */
export const sortedBy = <Row>(rows: readonly Row[], key: (row: Row) => string | number | Date): Row[] =>
  rows.toSorted((a, b) => (key(a) < key(b) ? -1 : Number(key(a) > key(b))));

/** Something was noted of a joint: the row it is found again by is worked out anew before it is asked for. */
export function markStale(rows: MemoryRows, jointId: string): void {
  if (!rows.jointStale.includes(jointId)) rows.jointStale.push(jointId);
}
