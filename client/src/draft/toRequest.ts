import { calcErrorText } from '@kesto/contract/wording';
import {
  carriedRequest,
  outletBy,
  planJoint,
  requestFor,
  sweptSection,
  type CalcError,
  type History,
  type JointPlan,
  type PlanRequest,
  type Protection,
  type Said,
  type UnitPreferences,
} from '@kesto/core';
import { draftFromPlan } from './draftFromPlan';
import { DraftReader } from '@/forms/draftReader';
import { asksSwept, SWEPT_UNKNOWN, type Draft, type DrawnAround, type NearDraft } from './drafts';

export interface Surroundings extends DrawnAround {
  readonly units: UnitPreferences;
}

export interface Planned {
  readonly request: PlanRequest | null;
  readonly plan: JointPlan | null;
  /** Complaint by field path, as the engine names it. */
  readonly problems: Readonly<Record<string, string>>;
}

function historyFrom({ state, oldFiller, removed, year }: Draft['male'] | Draft['female'], field: string, read: DraftReader): History {
  const made = state === 'new' ? undefined : read.number(`${field}.history.year`, year ?? '', '2009');
  if (state === 'new' || (!oldFiller && !removed && made === undefined)) return state;
  return given({ state, filler: oldFiller && state === 'brazed' ? oldFiller : undefined, removed: removed || undefined, year: made });
}

const designations = (text = ''): readonly string[] | undefined => {
  const words = text.split(/[,;]/).map((word) => word.trim());
  const said = words.filter((word) => word !== '');
  return said.length > 0 ? said : undefined;
};

/** Drops keys without a value: the request is stored as it is sent. */
function given<T extends object>(value: T): { [K in keyof T]: Exclude<T[K], undefined> } {
  return Object.fromEntries(Object.entries(value).filter(([, v]) => v !== undefined)) as never; // cast: only undefined values were dropped
}

/** The bare word, unless something of the wrap was said. */
function protectionFrom({ protection, wrap }: NearDraft, field: string, read: DraftReader): Protection {
  if (!wrap || protection === 'none' || protection === 'removed') return protection;
  const figures = given({
    from: read.length(`${field}.from`, wrap.from),
    to: read.length(`${field}.to`, wrap.to),
    water: read.mass(`${field}.water`, wrap.water),
  });
  return Object.keys(figures).length === 0 ? protection : { kind: protection, ...figures };
}

function nearFrom(part: NearDraft, i: number, read: DraftReader) {
  const field = `near[${i}]`;
  const distance = read.length(`${field}.distance`, part.distance);
  if (!distance && !read.problems[`${field}.distance`]) read.problems[`${field}.distance`] = 'is needed';
  return given({
    kind: part.kind,
    distance: distance ?? { value: 0, unit: 'mm' },
    along: part.along,
    height: read.length(`${field}.height`, part.height ?? ''),
    filler: part.filler || undefined,
    limit: read.temperature(`${field}.limit`, part.limit ?? ''),
    mass: read.mass(`${field}.mass`, part.mass ?? ''),
    protection: protectionFrom(part, `${field}.protection`, read),
  });
}

function jointFrom(draft: Draft, read: DraftReader) {
  const od = read.length('joint.male.od', draft.male.od);
  if (!od && !read.problems['joint.male.od']) read.problems['joint.male.od'] = 'is needed: pick a tube';
  const runOd = read.length('joint.female.run.od', draft.female.runOd);
  const runWall = read.length('joint.female.run.wall', draft.female.runWall);
  return given({
    male: given({
      metal: draft.male.metal,
      form: draft.male.form,
      od: od ?? { value: 0, unit: 'mm' },
      wall: read.length('joint.male.wall', draft.male.wall),
      history: historyFrom(draft.male, 'joint.male', read),
    }),
    female: given({
      metal: draft.female.metal,
      form: draft.female.form,
      bore: read.length('joint.female.bore', draft.female.bore),
      cupDepth: read.length('joint.female.cupDepth', draft.female.cupDepth),
      wall: read.length('joint.female.wall', draft.female.wall),
      history: historyFrom(draft.female, 'joint.female', read),
      run: draft.female.form === 'saddle' && runOd && runWall ? { od: runOd, wall: runWall } : undefined,
    }),
    position: draft.place.position || undefined,
    access: draft.access,
  });
}

const torchFrom = ({ fuel, tipKw, regulator, fuelGas }: Draft['place'], read: DraftReader) =>
  given({
    fuel: fuel || undefined,
    powerKw: read.number('torch.powerKw', tipKw, '2.4'),
    regulator: read.pressure('torch.regulator', regulator),
    cylinder: read.volume('torch.cylinder', fuelGas, 'm3'),
  });

const serviceFrom = ({ side, vibration, place }: Draft, read: DraftReader) =>
  given({
    side,
    vibration,
    designPressure: read.pressure('service.designPressure', place.design),
    rating: read.pressure('service.rating', place.rating),
    testRating: read.pressure('service.testRating', place.testRating ?? ''),
    makersFillers: designations(place.makersFillers),
    minTemp: read.temperature('service.minTemp', place.coldest),
    maxTemp: read.temperature('service.maxTemp', place.hottest),
    sulphur: place.sulphur || undefined,
  });

/** The line that is swept, where no drawing has it measured. */
function sweptFrom({ male, place }: Draft, read: DraftReader) {
  const length = read.distance('purge.sections', place.swept ?? '');
  const od = read.length('joint.male.od', male.od);
  const wall = read.length('joint.male.wall', male.wall);
  const section = length && od ? sweptSection({ od, length, ...(wall ? { wall } : {}) }) : null;
  return section ? [section] : undefined;
}

function purgeFrom(draft: Draft, around: Surroundings, read: DraftReader) {
  const { outlet, minutes, place } = draft;
  const isAsked = asksSwept(around);
  if (isAsked && place.swept === SWEPT_UNKNOWN) return null;
  const room = read.volume('purge.room.volume', place.room, 'm3');
  return given({
    flood: read.flow('purge.flood', place.flood),
    minutes: read.number('purge.minutes', minutes, '10'),
    room: room ? { volume: room } : undefined,
    ventilation: read.flow('purge.ventilation', place.ventilation),
    outlet: outletBy(outlet),
    sections: isAsked ? sweptFrom(draft, read) : undefined,
  });
}

const circuitFrom = ({ circuit, oil }: Draft['place']) =>
  circuit || oil ? given({ state: circuit || undefined, oil: oil ? oil === 'yes' : undefined }) : undefined;

function saidIn(draft: Draft, around: Surroundings, read: DraftReader): Said {
  return given({
    ambient: read.temperature('ambient', draft.place.ambient),
    wind: !draft.place.wind || draft.place.wind === 'calm' ? undefined : draft.place.wind,
    site: draft.place.belowGround ? { belowGround: true } : undefined,
    joint: jointFrom(draft, read),
    service: serviceFrom(draft, read),
    circuit: circuitFrom(draft.place),
    near: draft.near.map((part, i) => nearFrom(part, i, read)),
    torch: torchFrom(draft.place, read),
    purge: purgeFrom(draft, around, read),
    schools: draft.schools,
    holdSeconds: read.number('holdSeconds', draft.place.holdSeconds, '10'),
    choose: draft.choose ?? undefined,
  }) as Said; // cast: `given` widens optional keys
}

/** What the draft asks; of an opened plan only what was changed in it, the rest as it was kept. */
function requestFrom(draft: Draft, around: Surroundings, read: DraftReader): PlanRequest {
  const now = requestFor(around, saidIn(draft, around, read));
  if (!draft.kept) return now;
  const opened = draftFromPlan(draft.kept, around);
  const kept = { ...draft.kept.request, choose: draft.kept.chosen };
  return carriedRequest(kept, requestFor(around, saidIn(opened, around, new DraftReader(around.units))), now);
}

function problemsFrom(errors: readonly CalcError[]): Readonly<Record<string, string>> {
  return Object.fromEntries(errors.map((error) => [error.field, calcErrorText(error)]));
}

/** A draft worked out by the engine; a chosen filler that has become forbidden is let go, not held against the person. */
export function planDraft(draft: Draft, around: Surroundings): Planned {
  const read = new DraftReader(around.units);
  const request = requestFrom(draft, around, read);
  if (Object.keys(read.problems).length > 0) return { request: null, plan: null, problems: read.problems };
  const result = planJoint(request);
  if (result.ok) return { request, plan: result.value, problems: {} };
  if (draft.choose && result.errors.some((e) => e.field.startsWith('choose'))) return planDraft({ ...draft, choose: null }, around);
  return { request, plan: null, problems: problemsFrom(result.errors) };
}
