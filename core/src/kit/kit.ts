import type { JointPlan } from '../plan/planJoint';
import { cylinderContentM3, cylinderPressurePa } from '../nitrogen/nitrogen';
import { findFiller } from '../filler/fillers';
import type { FluxClass } from '../flux/fluxes';
import { rodLength, sticksLengthM, usualRod } from '../rod/rods';
import type { RodUsed } from '../record/rodUsed';
import { FieldReader } from '../unit/fieldReader';
import { SEA_LEVEL } from '../unit/units';
import type { CarriedWrap, VanCount } from '../van/readVan';
import { WRAPS } from '../van/readVan';
import type { CircuitKind, Form } from '../vocabulary';
import type { Rod } from '../vocabulary/torch';
import type { ColdJoint, KitPart, KitPort } from './request';

/** Whether the van has enough of it: `not-counted` where nobody counts it. */
export type OnVan = 'enough' | 'short' | 'not-counted';

/** One thing to take along. `id` stays the same as long as it is the same thing. */
export type KitLine = { readonly id: string; readonly onVan: OnVan } & (
  | { readonly of: 'part'; readonly kind: CircuitKind; readonly place: string }
  /** Cups of fittings for tubes of one outside. */
  | { readonly of: 'fitting'; readonly form: Form; readonly odM: number; readonly count: number }
  | {
      readonly of: 'rod';
      readonly designation: string;
      readonly rod: Rod;
      readonly massKg: number;
      readonly sticks: number;
      readonly leftSticks: number;
    }
  | { readonly of: 'flux'; readonly class: FluxClass }
  | {
      readonly of: 'nitrogen';
      readonly neededM3: number;
      readonly heldM3: number;
      readonly leftPercent: number;
      readonly lastsForHold: boolean;
    }
  | { readonly of: 'wrap'; readonly wrap: CarriedWrap; readonly joints: number }
  | { readonly of: 'spare'; readonly what: 'core' | 'cap' | 'seal'; readonly count: number }
  | { readonly of: 'jaw' | 'flare-nut'; readonly odM: number | null; readonly count: number }
);

/** What is to be made and opened, and what the van carries. */
export interface KitRequest {
  /** Plans of the joints that are still to be made. */
  readonly plans: readonly JointPlan[];
  /** Joints that are pressed or flared instead. */
  readonly cold: readonly ColdJoint[];
  /** Parts that are changed. */
  readonly parts: readonly KitPart[];
  /** Ports whose core comes out. */
  readonly ports: readonly KitPort[];
  readonly seals: number;
  readonly van: Pick<VanCount, 'fillers' | 'flux' | 'wraps' | 'cylinder'>;
  /** What joints took of each rod since the van was counted. */
  readonly used: readonly RodUsed[];
}

/** More rod than is worked out goes along: drops, a second try. Judgement. */
const SPARE_ROD = 1.5;
/** A regulator needs this above the test pressure to finish a hold [Pa]. Source: as the purge's own. */
const HEADROOM_PA = 300_000;
const CUPS: readonly Form[] = ['fitting-cup'];
const WATER_M3 = { min: 0.0001, max: 0.1 } as const;
const GAUGE_PA = { min: 0, max: 32e6 } as const;

const grouped = <T>(things: readonly T[], key: (thing: T) => string): readonly (readonly T[])[] => {
  const groups = new Map<string, T[]>();
  for (const thing of things) groups.set(key(thing), [...(groups.get(key(thing)) ?? []), thing]);
  return [...groups.values()];
};

function rodLines({ plans, van, used }: KitRequest): readonly KitLine[] {
  const fed = plans.flatMap(({ chosen, rod }) => (chosen && rod ? [{ designation: chosen.filler.designation, ...rod }] : []));
  return grouped(fed, ({ designation }) => designation).flatMap((group) => {
    const [first] = group;
    const filler = first && findFiller(first.designation);
    if (!first || !filler) return [];
    const row = van.fillers.find(({ designation }) => designation === first.designation);
    const rod = row?.rod ?? first.rod ?? usualRod(filler);
    const lengthM = group.reduce((sum, one) => sum + one.lengthM, 0) * SPARE_ROD;
    const { massKg, sticks } = rodLength(filler, rod, lengthM);
    const usedM = used.find(({ designation }) => designation === first.designation)?.lengthM ?? 0;
    const leftSticks = row ? Math.max(0, row.count - usedM / sticksLengthM(rod, 1)) : 0;
    return [
      {
        ...{ id: `rod/${first.designation}`, of: 'rod' as const, designation: first.designation, rod, massKg, sticks, leftSticks },
        onVan: leftSticks >= sticks ? ('enough' as const) : ('short' as const),
      },
    ];
  });
}

function fluxLines({ plans, van }: KitRequest): readonly KitLine[] {
  const wanted = [...new Set(plans.flatMap(({ flux }) => (flux.required && flux.class ? [flux.class] : [])))];
  return wanted.map((fluxClass) => {
    const grams = van.flux?.find((row) => row.class === fluxClass)?.grams;
    const onVan = van.flux === undefined ? 'not-counted' : (grams ?? 0) > 0 ? 'enough' : 'short';
    return { id: `flux/${fluxClass}`, of: 'flux', class: fluxClass, onVan };
  });
}

/** Every joint floods and trickles by itself; the fill of the test is let in once. */
function nitrogenLines({ plans, van }: KitRequest): readonly KitLine[] {
  const purges = plans.flatMap(({ purge }) => purge ?? []);
  if (purges.length === 0) return [];
  const own = purges.map(({ floodFlowM3PerS, floodSeconds, trickleM3PerS, minutes }) => {
    return floodFlowM3PerS * floodSeconds + (trickleM3PerS ?? 0) * minutes * 60;
  });
  const once = Math.max(0, ...purges.map(({ nitrogenM3 }, i) => nitrogenM3 - (own[i] ?? 0)));
  const neededM3 = own.reduce((sum, one) => sum + one, once);
  const read = new FieldReader();
  const waterM3 = read.volumeM3('waterVolume', van.cylinder.waterVolume, WATER_M3);
  const pressurePa = read.plainGaugePressure('pressure', van.cylinder.pressure, GAUGE_PA) + SEA_LEVEL;
  const heldM3 = cylinderContentM3(waterM3, pressurePa, SEA_LEVEL);
  const leftM3 = heldM3 - neededM3;
  const endPa = leftM3 > 0 ? cylinderPressurePa(waterM3, leftM3, SEA_LEVEL) - SEA_LEVEL : 0;
  const testPa = Math.max(0, ...purges.map(({ testGaugePa }) => testGaugePa ?? 0));
  const lastsForHold = leftM3 > 0 && endPa >= testPa + HEADROOM_PA;
  return [
    {
      ...{ id: 'nitrogen', of: 'nitrogen', neededM3, heldM3, leftPercent: Math.max(0, (100 * leftM3) / heldM3), lastsForHold },
      onVan: lastsForHold ? 'enough' : 'short',
    },
  ];
}

function fittingLines({ plans }: KitRequest): readonly KitLine[] {
  const cups = plans.filter(({ joint }) => CUPS.includes(joint.female.form));
  const keyOf = ({ joint }: JointPlan) => `fitting/${joint.female.form}/${(joint.male.outsideM * 1000).toFixed(1)}`;
  return grouped(cups, keyOf).flatMap(([first, ...rest]) =>
    first
      ? [
          {
            id: keyOf(first),
            of: 'fitting',
            form: first.joint.female.form,
            odM: first.joint.male.outsideM,
            count: 1 + rest.length,
            onVan: 'not-counted',
          },
        ]
      : [],
  );
}

function wrapLines({ plans, van }: KitRequest): readonly KitLine[] {
  return WRAPS.flatMap((wrap) => {
    const joints = plans.filter(({ protection }) => protection.some(({ measures }) => measures.includes(wrap))).length;
    if (joints === 0) return [];
    const onVan = van.wraps === undefined ? ('not-counted' as const) : van.wraps.includes(wrap) ? ('enough' as const) : ('short' as const);
    return [{ id: `wrap/${wrap}`, of: 'wrap' as const, wrap, joints, onVan }];
  });
}

const spares = ({ ports, seals }: KitRequest): readonly KitLine[] =>
  (
    [
      ['core', ports.length],
      ['cap', ports.length],
      ['seal', seals],
    ] as const
  ).flatMap(([what, count]) => (count > 0 ? [{ id: `spare/${what}`, of: 'spare', what, count, onVan: 'not-counted' }] : []));

const coldLines = ({ cold }: KitRequest): readonly KitLine[] =>
  (['press', 'flare'] as const).flatMap((method) =>
    grouped(
      cold.filter((joint) => joint.method === method),
      ({ odM }) => String(odM),
    ).flatMap(([first, ...rest]) =>
      first
        ? [
            {
              id: `${method}/${first.odM === null ? 'size' : (first.odM * 1000).toFixed(1)}`,
              of: method === 'press' ? ('jaw' as const) : ('flare-nut' as const),
              ...{ odM: first.odM, count: 1 + rest.length, onVan: 'not-counted' as const },
            },
          ]
        : [],
    ),
  );

/**
 * What a job needs to be taken along, against what is on the van.
 *
 * @param request  plans of the joints that are still to be made; what is pressed or flared; parts that are changed; ports whose core comes
 *                 out; the van as it was counted, with what joints took since
 * @returns        lines in the order they are laid out: parts, fittings by size, jaws and nuts, rods [kg, sticks, half as much again as
 *                 worked out], flux, nitrogen [m3 at room conditions: floods and trickles of all joints, the test's fill once], wraps, spares
 * @source         rod, flux, purge and protection as each plan has them; half as much rod again by trade habit
 */
export const kitOf = (request: KitRequest): readonly KitLine[] => [
  ...request.parts.map(({ kind, place }) => ({ id: `part/${place}`, of: 'part' as const, kind, place, onVan: 'not-counted' as const })),
  ...fittingLines(request),
  ...coldLines(request),
  ...rodLines(request),
  ...fluxLines(request),
  ...nitrogenLines(request),
  ...wrapLines(request),
  ...spares(request),
];
