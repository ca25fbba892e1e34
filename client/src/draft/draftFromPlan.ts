import {
  ASSUMED_SWEPT_M,
  canonicalHash,
  usualPlace,
  type Around,
  type PlanRequest,
  type Quantity,
  type SchoolQuestion,
  type Schools,
  LENGTH_UNITS,
} from '@kesto/core';
import { tradeFraction } from '@kesto/core/unit';
import {
  asksSwept,
  NEW_DRAFT,
  SWEPT_UNKNOWN,
  type Draft,
  type DrawnAround,
  type KeptPlan,
  type NearDraft,
  type PlaceDraft,
} from './drafts';

/** A quantity as a person would have typed it: whole sixteenths of an inch as their fraction, all else as it stands. */
function text(quantity: Quantity | undefined): string {
  if (!quantity) return '';
  const { value, unit } = quantity;
  const fraction = unit === 'in' && Number.isInteger(value * 16) ? tradeFraction(value * LENGTH_UNITS.in) : null;
  return `${fraction ?? value} ${unit}`;
}

function historyOf(history: PlanRequest['joint']['male']['history']): Pick<Draft['male'], 'state' | 'oldFiller' | 'removed' | 'year'> {
  if (history === undefined || typeof history === 'string') return { state: history ?? 'new', oldFiller: '', removed: '', year: '' };
  return {
    state: history.state,
    oldFiller: history.filler ?? '',
    removed: history.removed ?? '',
    year: history.year === undefined ? '' : String(history.year),
  };
}

type NearAsked = NonNullable<PlanRequest['near']>[number];

function nearFrom({ kind, distance, along = 'male', protection = 'none', ...more }: NearAsked): NearDraft {
  const place = {
    kind,
    distance: text(distance),
    along,
    ...(more.limit ? { limit: text(more.limit) } : {}),
    ...(more.mass ? { mass: text(more.mass) } : {}),
    ...(more.height ? { height: text(more.height) } : {}),
    ...(more.filler ? { filler: more.filler } : {}),
  };
  if (typeof protection === 'string') return { ...place, protection };
  return {
    ...place,
    protection: protection.kind,
    wrap: { from: text(protection.from), to: text(protection.to), water: text(protection.water) },
  };
}

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

/** The figures a person gave for the place: what the circuit and the van say by themselves is left empty. */
function placeFrom(request: PlanRequest, usual: ReturnType<typeof usualPlace>): PlaceDraft {
  const { service, torch, purge, circuit } = request;
  const said = (q: Quantity | undefined, usually: Quantity | undefined) => (same(q, usually) ? '' : text(q));
  return {
    position: request.joint.position ?? '',
    ambient: text(request.ambient),
    fuel: torch && torch.fuel !== usual.torch.fuel ? torch.fuel : '',
    tipKw: torch?.powerKw === undefined || torch.powerKw === usual.torch.powerKw ? '' : String(torch.powerKw),
    regulator: said(torch?.regulator, usual.torch.regulator),
    fuelGas: said(torch?.cylinder, usual.torch.cylinder),
    flood: said(purge?.flood, usual.purge.flood),
    room: text(purge?.room?.volume),
    ventilation: text(purge?.ventilation),
    coldest: said(service?.minTemp, usual.service.minTemp),
    hottest: said(service?.maxTemp, usual.service.maxTemp),
    design: said(service?.designPressure, usual.service.designPressure),
    rating: text(service?.rating),
    testRating: text(service?.testRating),
    makersFillers: (service?.makersFillers ?? []).join(', '),
    sulphur: service?.sulphur ?? false,
    circuit: circuit?.state ?? '',
    oil: circuit?.oil === undefined ? '' : circuit.oil ? 'yes' : 'no',
    wind: request.wind ?? 'calm',
    belowGround: request.site?.belowGround ?? false,
    holdSeconds: request.holdSeconds === undefined ? '' : String(request.holdSeconds),
  };
}

/** What was answered of the line that is swept, where the drawing has none. */
function sweptOf({ purge }: PlanRequest, { purgeSections }: Around['circuit']): string {
  if (!purge) return SWEPT_UNKNOWN;
  if (purgeSections.length > 0 && (purge.sections.length !== 1 || canonicalHash(purge.sections) === canonicalHash(purgeSections)))
    return '';
  const [section] = purge.sections;
  const isAssumed = !section || !('length' in section) || (section.length.value === ASSUMED_SWEPT_M && section.length.unit === 'm');
  return isAssumed ? '' : text(section.length);
}

/** Answers of the plan that are not what is usual here: those are the joint's own. */
function ownSchools(asked: Schools, here: Schools): Schools {
  return Object.fromEntries(Object.entries(asked).filter(([question, answer]) => here[question as SchoolQuestion] !== answer)); // cast: keys of schools
}

/** A stored plan, opened again for changing. */
export function draftFromPlan(kept: KeptPlan, around: DrawnAround): Draft {
  const { request, chosen, reason } = kept;
  const { male, female } = request.joint;
  const usual = usualPlace(around, request.service?.side ?? NEW_DRAFT.side);
  return {
    male: { metal: male.metal, form: male.form ?? 'tube', od: text(male.od), wall: text(male.wall), ...historyOf(male.history) },
    female: {
      metal: female.metal,
      form: female.form ?? 'fitting-cup',
      bore: text(female.bore),
      cupDepth: text(female.cupDepth),
      wall: text(female.wall),
      ...historyOf(female.history),
      runOd: text(female.run?.od),
      runWall: text(female.run?.wall),
    },
    place: { ...placeFrom(request, usual), ...(asksSwept(around) ? { swept: sweptOf(request, around.circuit) } : {}) },
    side: request.service?.side ?? 'suction',
    vibration: request.service?.vibration ?? false,
    access: request.joint.access ?? 'open',
    near: (request.near ?? []).map(nearFrom),
    outlet: request.purge?.outlet.kind ?? 'port-core-out',
    minutes: String(request.purge?.minutes ?? 10),
    schools: ownSchools(request.schools ?? {}, around.schools),
    choose: chosen,
    reason: reason ?? '',
    kept: { request, chosen, reason },
  };
}
