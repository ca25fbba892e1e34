import { LENGTH_UNITS, metresOf, usualInside, WRAPS } from '@kesto/core';
import type { CarriedWrap, CircuitKind, FinishedNear, JointOnCircuit, Quantity } from '@kesto/core';
import { tradeFraction } from '@kesto/core/unit';
import { NEW_DRAFT, type Draft, type NearDraft } from './drafts';

const INCH_M = LENGTH_UNITS.in;

/** As the trade types it: a fraction where it is one. */
function typed({ value, unit }: Quantity): string {
  const fraction = unit === 'in' ? tradeFraction(value * INCH_M) : null;
  return `${fraction ?? Number(value.toPrecision(6))} ${unit}`;
}

const BRASS = { metal: 'brass', form: 'component-stub', wall: '1.6 mm' } as const;
const PLATED = { metal: 'copper-plated-steel', form: 'component-stub', wall: '1 mm' } as const;

/** What a part's stub is usually made of. It is shown on the planner and meant to be looked at; copper where nothing says otherwise. */
const STUBS: Readonly<Partial<Record<CircuitKind, Partial<Draft['female']>>>> = {
  compressor: PLATED,
  accumulator: PLATED,
  receiver: PLATED,
  drier: PLATED,
  valve: BRASS,
  'check-valve': BRASS,
  'expansion-valve': BRASS,
  solenoid: BRASS,
  'sight-glass': BRASS,
  'reversing-valve': BRASS,
};

/** What sits behind the stub, as the planner takes it. */
function insideOf({ kind, tube }: JointOnCircuit): NearDraft | null {
  const inside = usualInside(kind, tube ? metresOf(tube.od) : null);
  return (
    inside && { kind: inside.kind, distance: `${Math.round(inside.distanceM * 1000)} mm`, along: 'female', protection: inside.protection }
  );
}

/** What is near by the drawing, as the planner takes it. */
const nearOf = ({ near }: Pick<JointOnCircuit, 'near'>): readonly NearDraft[] =>
  near.map((part): NearDraft => ({ kind: part.kind, distance: typed(part.distance), along: 'male', protection: 'none' }));

/** Joints that are finished by then, at the part's other stubs or the tube's other end. */
const finishedOf = (finished: readonly FinishedNear[]): readonly NearDraft[] =>
  finished.map((joint): NearDraft => ({
    ...{ kind: joint.kind, distance: typed(joint.distance), along: 'female', protection: 'none' },
    ...(joint.filler === undefined ? {} : { filler: joint.filler }),
  }));

const tubeOf = ({ tube }: JointOnCircuit) => (tube ? { od: typed(tube.od), wall: tube.wall ? typed(tube.wall) : '' } : {});

/** A kept plan with what the drawing says now: size, side, outlet, and what is near that it did not know. */
export const withDrawing = (draft: Draft, place: JointOnCircuit): Partial<Draft> => ({
  male: { ...draft.male, ...tubeOf(place) },
  side: place.side,
  outlet: place.outlet,
  near: [...draft.near, ...nearOf(place).filter((part) => !draft.near.some((known) => known.kind === part.kind))],
});

/** As it is usually protected, or by what is on the van where that is not. */
function protectedBy(part: NearDraft, wraps: readonly CarriedWrap[] | undefined): NearDraft {
  const [other] = wraps ?? [];
  const isCarried =
    wraps === undefined || !(WRAPS as readonly string[]).includes(part.protection) || wraps.some((wrap) => wrap === part.protection);
  return isCarried || other === undefined ? part : { ...part, protection: other };
}

/**
 * A joint as the drawing knows it: sizes, metals, side, neighbours and the way the gas leaves, protected by what is on the van. Everything of it can
 * be changed.
 */
export function draftOnCircuit(
  place: JointOnCircuit & { readonly finished?: readonly FinishedNear[] },
  wraps?: readonly CarriedWrap[],
): Draft {
  const { kind, side, outlet } = place;
  const inside = insideOf(place);
  return {
    ...NEW_DRAFT,
    male: { ...NEW_DRAFT.male, ...tubeOf(place) },
    female: { ...NEW_DRAFT.female, ...STUBS[kind] },
    side,
    vibration: kind === 'compressor',
    near: [...(inside ? [protectedBy(inside, wraps)] : []), ...nearOf(place), ...finishedOf(place.finished ?? [])],
    outlet,
  };
}
