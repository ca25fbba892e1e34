import type { CircuitView, VanStock } from '@kesto/contract';
import { calcErrorText } from '@kesto/contract/wording';
import {
  parseLength,
  parseMass,
  parseNumber,
  planJoint,
  type CalcError,
  type History,
  type JointPlan,
  type PlanRequest,
  type Protection,
  type Quantity,
  type Result,
  type Schools,
  type UnitPreferences,
} from '@kesto/core';
import type { Draft, NearDraft } from './drafts';

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

/** Reads lengths and remembers which could not be read. */
class DraftReader {
  readonly problems: Record<string, string> = {};
  constructor(private readonly units: UnitPreferences) {}

  length(field: string, text: string): Quantity | undefined {
    if (text.trim() === '') return undefined;
    return this.keep(field, parseLength(text, this.units.length === 'metric' ? 'mm' : 'in', field));
  }

  mass(field: string, text: string): Quantity | undefined {
    if (text.trim() === '') return undefined;
    return this.keep(field, parseMass(text, field));
  }

  minutes(text: string): number | undefined {
    const value = parseNumber(text);
    if (value === null) this.problems['purge.minutes'] = 'cannot be read; write it like 10';
    return value ?? undefined;
  }

  private keep(field: string, result: Result<Quantity>): Quantity | undefined {
    if (result.ok) return result.value;
    const [error] = result.errors;
    if (error) this.problems[field] = calcErrorText(error);
    return undefined;
  }
}

const historyFrom = (part: { state: Draft['male']['state']; oldFiller: string }): History =>
  part.oldFiller && part.state === 'brazed' ? { state: part.state, filler: part.oldFiller } : part.state;

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

function requestFrom(draft: Draft, { circuit, van, schools }: Surroundings, read: DraftReader): PlanRequest | null {
  const od = read.length('joint.male.od', draft.male.od);
  if (!od && !read.problems['joint.male.od']) read.problems['joint.male.od'] = 'is needed: pick a tube';
  const high = HIGH.includes(draft.side);
  const near = draft.near.map((part, i) => {
    const distance = read.length(`near[${i}].distance`, part.distance);
    if (!distance && !read.problems[`near[${i}].distance`]) read.problems[`near[${i}].distance`] = 'is needed';
    return {
      kind: part.kind,
      distance: distance ?? { value: 0, unit: 'mm' },
      along: part.along,
      protection: protectionFrom(part, `near[${i}].protection`, read),
    };
  });
  const request = {
    joint: {
      male: given({
        metal: draft.male.metal,
        form: 'tube' as const,
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
      }),
      access: draft.access,
    },
    service: {
      refrigerant: circuit.refrigerant,
      side: draft.side,
      designPressure: { value: (high ? circuit.highSideDesignGaugePa : circuit.lowSideDesignGaugePa) / 100_000, unit: 'barg' },
      minTemp: { value: high ? 5 : circuit.coldestC, unit: 'C' },
      maxTemp: { value: high ? 66 : 50, unit: 'C' },
      vibration: draft.vibration,
    },
    near,
    torch: van.torch,
    stock: van.fillers.map(({ designation, rod }) => given({ designation, rod })),
    purge: given({
      sections: circuit.purgeSections,
      flood: { value: 15, unit: 'L/min' },
      minutes: read.minutes(draft.minutes),
      outlet: { kind: draft.outlet },
      // The test of the whole circuit goes by its low side where that is in it: what the cylinder has to give at the end.
      testPressure: { value: circuit.lowSideDesignGaugePa / 100_000, unit: 'barg' },
      cylinder: van.cylinder,
    }),
    schools: { ...schools, ...draft.schools },
    ...(draft.choose ? { choose: draft.choose } : {}),
  } as PlanRequest; // cast: `given` widens optional keys
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
  if (draft.choose && result.errors.some((e) => e.field === 'choose')) return planDraft({ ...draft, choose: null }, around);
  return { request, plan: null, problems: problemsFrom(result.errors) };
}
