import type { PutSiteRequest, PutUnitRequest, UnitDetails, UnitKind, UnitView } from '@kesto/contract';
import { calcErrorText } from '@kesto/contract/wording';
import { check, putSiteRequest, putUnitRequest } from '@kesto/contract/schemas';
import {
  flowByDropM3PerS,
  gaugePascals,
  readPlate,
  writeGaugePressure,
  writeMass,
  writeTemperature,
  type CircuitFacts,
  type FlowRow,
  type Quantity,
  type SafetyClass,
  type UnitPreferences,
} from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { DraftReader } from '@/forms/draftReader';

/** One circuit as it is typed. */
export interface CircuitForm {
  readonly id: string;
  readonly name: string;
  readonly refrigerant: string;
  readonly safetyClass: SafetyClass | '';
  readonly highSide: string;
  readonly lowSide: string;
  readonly coldest: string;
  readonly charge: string;
  readonly oil: string;
  /** The longest line, for the nitrogen: its tube and its length. */
  readonly lineOd: string;
  readonly lineLength: string;
  /** What is known to be swept already: stands until a line is typed. */
  readonly swept: CircuitFacts['purgeSections'];
}

/** A unit's plate as it is typed, with the ids it is stored under: sent again, it is the same write. */
export interface UnitForm {
  readonly unitId: string;
  /** What it is made from; null for a unit that is new. */
  readonly from: UnitView | null;
  readonly tag: string;
  readonly name: string;
  readonly kind: UnitKind | '';
  /** An id of a site that is there, or NEW_SITE. */
  readonly siteId: string;
  readonly newSiteId: string;
  readonly siteName: string;
  readonly altitude: string;
  readonly model: string;
  readonly serial: string;
  /** Days as 2027-03-31. */
  readonly installedOn: string;
  readonly warrantyUntil: string;
  readonly registeredOn: string;
  /** Hashes of photos of the plate. */
  readonly platePhotos: readonly string[];
  /** The maker's table of the water side, a line each. */
  readonly waterTable: readonly { readonly drop: string; readonly flow: string }[];
  readonly circuits: readonly CircuitForm[];
}

export const NEW_SITE = 'new';

export const newCircuit = (name: string): CircuitForm => ({
  id: uuid(),
  name,
  refrigerant: '',
  safetyClass: '',
  highSide: '',
  lowSide: '',
  coldest: '',
  charge: '',
  oil: '',
  lineOd: '',
  lineLength: '',
  swept: [],
});

export const newUnitForm = (siteId: string): UnitForm => ({
  unitId: uuid(),
  from: null,
  tag: '',
  name: '',
  kind: '',
  siteId,
  newSiteId: uuid(),
  siteName: '',
  altitude: '',
  ...{ model: '', serial: '', installedOn: '', warrantyUntil: '', registeredOn: '' },
  platePhotos: [],
  waterTable: [],
  circuits: [newCircuit('main')],
});

const asTyped = ({ value, unit }: Quantity): string => `${value} ${unit}`;

/** A plate that is there already, for putting it right. */
export function formOfUnit(unit: UnitView, units: UnitPreferences): UnitForm {
  const pressure = (pa: number) => writeGaugePressure(gaugePascals(pa), units);
  return {
    ...newUnitForm(unit.site.id),
    unitId: unit.id,
    from: unit,
    tag: unit.tag,
    name: unit.name,
    kind: unit.kind,
    model: unit.model ?? '',
    serial: unit.serial ?? '',
    installedOn: unit.installedOn ?? '',
    warrantyUntil: unit.warrantyUntil ?? '',
    registeredOn: unit.registeredOn ?? '',
    platePhotos: unit.platePhotos ?? [],
    waterTable: (unit.waterTable ?? []).map(({ drop, flow }) => ({ drop: asTyped(drop), flow: asTyped(flow) })),
    circuits: unit.circuits.map((circuit) => ({
      ...newCircuit(circuit.name),
      id: circuit.id,
      refrigerant: circuit.refrigerant,
      safetyClass: circuit.safetyClass ?? '',
      highSide: pressure(circuit.highSideDesignGaugePa),
      lowSide: pressure(circuit.lowSideDesignGaugePa),
      coldest: writeTemperature(circuit.coldestC, units),
      charge: circuit.chargeKg === undefined ? '' : writeMass(circuit.chargeKg, units),
      oil: circuit.oil ?? '',
      swept: circuit.purgeSections,
    })),
  };
}

export interface ReadUnit {
  readonly site: { readonly id: string; readonly body: PutSiteRequest } | null;
  readonly body: PutUnitRequest;
}

export type UnitProblems = Readonly<Record<string, string>>;

const NEEDED = 'is needed';

function circuitFrom(form: CircuitForm, i: number, read: DraftReader) {
  const at = (key: string) => `circuits.${i}.${key}`;
  const needed = <T>(key: string, value: T | undefined): T => {
    if (value === undefined) read.problems[at(key)] ??= NEEDED;
    return value as T; // cast: what is missing is a problem, and a form with problems is not sent
  };
  const od = read.length(at('lineOd'), form.lineOd);
  const length = read.distance(at('lineLength'), form.lineLength);
  const charge = read.mass(at('charge'), form.charge);
  if (od && !length) read.problems[at('lineLength')] ??= 'say how long this line is';
  if (length && !od) read.problems[at('lineOd')] ??= 'say which tube this line is';
  if (form.refrigerant.trim() === '') read.problems[at('refrigerant')] = NEEDED;
  return {
    id: form.id,
    name: form.name.trim() || 'main',
    refrigerant: form.refrigerant.trim(),
    ...(form.safetyClass ? { safetyClass: form.safetyClass } : {}),
    highSide: needed('highSide', read.pressure(at('highSide'), form.highSide)),
    lowSide: needed('lowSide', read.pressure(at('lowSide'), form.lowSide)),
    coldest: needed('coldest', read.temperature(at('coldest'), form.coldest)),
    ...(charge ? { charge } : {}),
    ...(form.oil.trim() === '' ? {} : { oil: form.oil.trim() }),
    swept: od && length ? [{ od, length }] : form.swept,
  };
}

/** `circuits[0].lowSide` of the wire as the form's own `circuits.0.lowSide`. */
export const formPath = (field: string) =>
  field.replace(/\[(\d+)\]/g, '.$1').replace(/^circuits\.(\d+)\.swept\.0\.(od|wall)$/, 'circuits.$1.lineOd');

/** `table[1].drop` of the engine as the form's own `waterTable.1.drop`; the table as a whole stands at its first line. */
const tablePath = (field: string) => (field === 'table' ? 'waterTable.0.drop' : field.replace(/^table\[(\d+)\]/, 'waterTable.$1'));

const DETAILS = ['model', 'serial', 'installedOn', 'warrantyUntil', 'registeredOn'] as const;

/** What was typed of the machine itself; what was left empty is not said. */
const detailsFrom = (form: UnitForm): UnitDetails =>
  Object.fromEntries(DETAILS.flatMap((key) => (form[key].trim() === '' ? [] : [[key, form[key].trim()]])));

/** Lines of the maker's table; one that is empty is none. */
const tableFrom = ({ waterTable }: UnitForm, read: DraftReader): readonly FlowRow[] =>
  waterTable.flatMap((row, i) => {
    if (row.drop.trim() === '' && row.flow.trim() === '') return [];
    const [drop, flow] = [read.pressureDrop(`waterTable.${i}.drop`, row.drop), read.waterFlow(`waterTable.${i}.flow`, row.flow)];
    for (const key of ['drop', 'flow'] as const) if (row[key].trim() === '') read.problems[`waterTable.${i}.${key}`] = NEEDED;
    return drop && flow ? [{ drop, flow }] : [];
  });

function siteFrom(form: UnitForm, read: DraftReader): ReadUnit['site'] {
  if (form.siteId !== NEW_SITE) return null;
  const altitude = read.distance('altitude', form.altitude) ?? { value: 0, unit: 'm' };
  const body = { name: form.siteName.trim(), altitude };
  const checked = check(putSiteRequest, body);
  if (!checked.ok) read.problems[checked.problem.field === 'name' ? 'siteName' : 'altitude'] ??= NEEDED;
  return { id: form.newSiteId, body };
}

/** Reads the whole form, or says field by field what cannot be read; the contract's own schema and the plate's own rules have the last word. */
export function readUnit(form: UnitForm, units: UnitPreferences): { readonly read: ReadUnit | null; readonly problems: UnitProblems } {
  const reader = new DraftReader(units);
  const circuits = form.circuits.map((circuit, i) => circuitFrom(circuit, i, reader));
  const site = siteFrom(form, reader);
  const waterTable = tableFrom(form, reader);
  const { problems } = reader;
  const body = {
    siteId: site?.id ?? form.siteId,
    tag: form.tag.trim().toUpperCase(),
    name: form.name.trim(),
    kind: form.kind,
    ...detailsFrom(form),
    ...(form.platePhotos.length > 0 ? { platePhotos: form.platePhotos } : {}),
    ...(waterTable.length > 0 ? { waterTable } : {}),
    circuits,
  } as PutUnitRequest; // cast: checked below
  if (form.tag.trim() === '') problems['tag'] = NEEDED;
  if (form.name.trim() === '') problems['name'] = NEEDED;
  if (form.kind === '') problems['kind'] = 'pick what it is like';
  const [first] = waterTable;
  if (first) {
    const found = flowByDropM3PerS(waterTable, first.drop);
    if (!found.ok) for (const error of found.errors) problems[tablePath(error.field)] ??= calcErrorText(error);
  }
  if (Object.keys(problems).length === 0) {
    const checked = check(putUnitRequest, body);
    if (!checked.ok) problems[formPath(checked.problem.field)] = checked.problem.message;
  }
  if (Object.keys(problems).length === 0) {
    for (const [i, circuit] of circuits.entries()) {
      const plate = readPlate(circuit, `circuits[${i}].`);
      if (!plate.ok) for (const error of plate.errors) problems[formPath(error.field)] ??= calcErrorText(error);
    }
  }
  return Object.keys(problems).length === 0 ? { read: { site, body }, problems } : { read: null, problems };
}
