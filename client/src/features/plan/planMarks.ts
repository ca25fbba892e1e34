import { partName } from '@kesto/contract/wording';
import type { Along, JointPlan, UnitPreferences } from '@kesto/core';
import { formatTemperature, readingText } from '@kesto/core';
import { axisMm } from '@/drawing/joint/axis';
import type { DrawnFlag } from '@/drawing/joint/JointDrawing';
import type { NearMark } from '@/drawing/joint/NearMarks';
import { letterOf } from '@/ui/Flag';
import { flaggedOf } from './heeded';

const placeOf = (plan: JointPlan, along: Along, distanceM: number) => axisMm(along, distanceM, plan.joint.female);

/** What is near by, hung on the drawing with how hot it gets. */
export function nearMarks(plan: JointPlan, units: UnitPreferences): readonly NearMark[] {
  return plan.protection.map((p) => ({
    kind: p.part.kind,
    distance: Math.abs(placeOf(plan, p.part.along, p.part.distanceM)),
    onFemale: p.part.along !== 'male',
    wrap: p.part.protection.wet
      ? {
          from: Math.abs(placeOf(plan, p.part.along, p.part.protection.wet.fromM)),
          to: Math.abs(placeOf(plan, p.part.along, p.part.protection.wet.toM)),
          word: p.part.protection.kind.replace('-', ' '),
        }
      : null,
    reading: `${partName(p.part.kind)}${p.peakC === null ? '' : ` ${readingText(formatTemperature(p.peakC, units))}`}${p.verdict === 'too-hot' ? ', too hot' : ''}`,
    tooHot: p.verdict === 'too-hot',
  }));
}

const PLACES: Readonly<Record<string, DrawnFlag['place']>> = {
  'part-too-hot': 'part',
  'wrap-on-joint': 'part',
  'wrap-misses': 'part',
  'gap-loose': 'mouth',
  'gap-reject': 'mouth',
  'too-tight': 'mouth',
  'no-gap-hot': 'mouth',
  crimp: 'mouth',
  'plated-steel': 'cup',
  'strength-short': 'tube',
};

/** The letters of the cautions, each at the place it concerns. */
export function flagsOf(plan: JointPlan): readonly DrawnFlag[] {
  return flaggedOf(plan).map((c, i) => ({ letter: letterOf(i), stop: c.severity === 'stop', place: PLACES[c.code] ?? ('mouth' as const) }));
}

/** Parts and the far edges of their wraps; what is far off the joint, as a sprinkler is, has no place on a drawing of it. */
export const placesOf = (plan: JointPlan) =>
  plan.protection
    .filter((p) => p.peakC !== null)
    .flatMap(({ part }) =>
      [part.distanceM, ...(part.protection.wet ? [part.protection.wet.toM] : [])].map((m) => placeOf(plan, part.along, m)),
    );
