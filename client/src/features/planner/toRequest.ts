import type { CircuitView, VanStock } from '@kesto/contract';
import { calcErrorText } from '@kesto/contract/wording';
import {
  planJoint,
  type CalcError,
  type History,
  type JointPlan,
  type PlanRequest,
  type Protection,
  type Schools,
  type UnitPreferences,
} from '@kesto/core';
import { DraftReader } from './draftReader';
import type { Draft, NearDraft, UsualPlace } from './drafts';

export interface Surroundings {
  readonly circuit: CircuitView;
  readonly van: VanStock;
  readonly schools: Schools;
  readonly units: UnitPreferences;
}

export interface Planned {
  readonly request: PlanRequest | null;
  readonly plan: JointPlan | null;
  /** Complaint by field path, as the engine names it. */
  readonly problems: Readonly<Record<string, string>>;
}

const HIGH = ['high', 'discharge', 'liquid'];

function historyFrom({ state, oldFiller, removed }: Draft['male'] | Draft['female']): History {
  if (state === 'new' || (!oldFiller && !removed)) return state;
  return given({ state, filler: oldFiller && state === 'brazed' ? oldFiller : undefined, removed: removed || undefined });
}

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

/** What circuit and van say of the place by themselves, where the person says nothing else. */
export function usualPlace({ circuit, van }: Pick<Surroundings, 'circuit' | 'van'>, side: Draft['side']): Required<UsualPlace> {
  const high = HIGH.includes(side);
  const barg = (gaugePa: number) => ({ value: gaugePa / 100_000, unit: 'barg' });
  return {
    service: {
      refrigerant: circuit.refrigerant,
      side,
      designPressure: barg(high ? circuit.highSideDesignGaugePa : circuit.lowSideDesignGaugePa),
      minTemp: { value: high ? 5 : circuit.coldestC, unit: 'C' },
      maxTemp: { value: high ? 66 : 50, unit: 'C' },
    },
    torch: van.torch,
    purge: {
      sections: circuit.purgeSections,
      flood: { value: 15, unit: 'L/min' },
      outlet: { kind: 'port-core-out' },
      // The test of the whole circuit goes by its low side where that is in it: what the cylinder has to give at the end.
      testPressure: barg(circuit.lowSideDesignGaugePa),
      cylinder: van.cylinder,
    },
  };
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
      history: historyFrom(draft.male),
    }),
    female: given({
      metal: draft.female.metal,
      form: draft.female.form,
      bore: read.length('joint.female.bore', draft.female.bore),
      cupDepth: read.length('joint.female.cupDepth', draft.female.cupDepth),
      wall: read.length('joint.female.wall', draft.female.wall),
      history: historyFrom(draft.female),
      run: draft.female.form === 'saddle' && runOd && runWall ? { od: runOd, wall: runWall } : undefined,
    }),
    position: draft.place.position || undefined,
    access: draft.access,
  });
}

function torchFrom({ fuel, tipKw, regulator, fuelGas }: Draft['place'], van: VanStock, read: DraftReader) {
  // Another fuel has tips and a cylinder of its own: nothing of the van's torch stands for it.
  const base = fuel && fuel !== van.torch.fuel ? { fuel } : van.torch;
  return {
    ...base,
    ...given({
      powerKw: read.number('torch.powerKw', tipKw, '2.4'),
      regulator: read.pressure('torch.regulator', regulator),
      cylinder: read.volume('torch.cylinder', fuelGas, 'm3'),
    }),
  };
}

function requestFrom(draft: Draft, around: Surroundings, read: DraftReader): PlanRequest | null {
  const { van, schools } = around;
  const { place } = draft;
  const usual = usualPlace(around, draft.side);
  const room = read.volume('purge.room.volume', place.room, 'm3');
  const request = given({
    ambient: read.temperature('ambient', place.ambient),
    joint: jointFrom(draft, read),
    service: {
      ...usual.service,
      ...given({
        designPressure: read.pressure('service.designPressure', place.design),
        rating: read.pressure('service.rating', place.rating),
        minTemp: read.temperature('service.minTemp', place.coldest),
        maxTemp: read.temperature('service.maxTemp', place.hottest),
        sulphur: place.sulphur || undefined,
      }),
      vibration: draft.vibration,
    },
    circuit:
      place.circuit || place.oil
        ? given({ state: place.circuit || undefined, oil: place.oil ? place.oil === 'yes' : undefined })
        : undefined,
    near: draft.near.map((part, i) => nearFrom(part, i, read)),
    torch: torchFrom(place, van, read),
    stock: van.fillers.map(({ designation, rod }) => given({ designation, rod })),
    purge: {
      ...usual.purge,
      ...given({
        flood: read.flow('purge.flood', place.flood),
        minutes: read.number('purge.minutes', draft.minutes, '10'),
        room: room ? { volume: room } : undefined,
        ventilation: read.flow('purge.ventilation', place.ventilation),
      }),
      outlet: { kind: draft.outlet },
    },
    schools: { ...schools, ...draft.schools },
    holdSeconds: read.number('holdSeconds', place.holdSeconds, '10'),
    choose: draft.choose ?? undefined,
  }) as PlanRequest; // cast: `given` widens optional keys
  return Object.keys(read.problems).length === 0 ? request : null;
}

function problemsFrom(errors: readonly CalcError[]): Readonly<Record<string, string>> {
  return Object.fromEntries(errors.map((error) => [error.field, calcErrorText(error)]));
}

/** A draft worked out by the engine; a chosen filler that has become forbidden is let go, not held against the person. */
export function planDraft(draft: Draft, around: Surroundings): Planned {
  const read = new DraftReader(around.units);
  const request = requestFrom(draft, around, read);
  if (!request) return { request: null, plan: null, problems: read.problems };
  const result = planJoint(request);
  if (result.ok) return { request, plan: result.value, problems: {} };
  if (draft.choose && result.errors.some((e) => e.field.startsWith('choose'))) return planDraft({ ...draft, choose: null }, around);
  return { request, plan: null, problems: problemsFrom(result.errors) };
}
