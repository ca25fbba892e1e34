import type { JointPlan, UnitPreferences } from '@kesto/core';
import { formatFlow, formatLength, formatTemperature, readingText } from '@kesto/core';
import { letterOf } from '@/ui/Flag';
import { JointDrawing, type DrawnFlag } from './drawing/JointDrawing';
import type { SectionJoint } from './drawing/geometry';
import type { NearMark } from './drawing/NearMarks';

export function sectionOf(plan: JointPlan): SectionJoint {
  const { male, female } = plan.joint;
  return {
    male: { metal: male.metal, od: male.outsideM * 1000, wall: male.wallM * 1000 },
    female: {
      metal: female.metal,
      form: female.form,
      bore: female.boreM * 1000,
      depth: female.cupDepthM * 1000,
      wall: female.wallM * 1000,
    },
  };
}

function nearMarks(plan: JointPlan, units: UnitPreferences): readonly NearMark[] {
  return plan.protection.map((p) => ({
    kind: p.part.kind,
    distance: p.part.distanceM * 1000,
    onFemale: plan.joint.female.form === 'component-stub' && ['valve', 'drier', 'expansion-valve', 'solenoid'].includes(p.part.kind),
    wrap: p.part.protection.wet
      ? { from: p.part.protection.wet.fromM * 1000, to: p.part.protection.wet.toM * 1000, word: p.part.protection.kind.replace('-', ' ') }
      : null,
    reading: `${p.part.kind.replaceAll('-', ' ')} ${readingText(formatTemperature(p.peakC, units))}`,
    tooHot: p.verdict === 'too-hot',
  }));
}

const PLACES: Readonly<Record<string, DrawnFlag['place']>> = {
  'part-too-hot': 'part',
  'flame-near': 'tube',
  'gap-loose': 'mouth',
  'gap-reject': 'mouth',
  'gap-tight': 'mouth',
  'gap-closes': 'mouth',
  'plated-steel': 'cup',
  'strength-short': 'tube',
};

/** The planned joint with everything on it. */
export function PlannerDrawing({ plan, units, detail }: { plan: JointPlan; units: UnitPreferences; detail: 'sizes' | 'plan' }) {
  const flags = plan.cautions
    .filter((c) => c.severity !== 'note')
    .map((c, i) => ({ letter: letterOf(i), stop: c.severity === 'stop', place: PLACES[c.code] ?? ('mouth' as const) }));
  return (
    <JointDrawing
      joint={sectionOf(plan)}
      detail={detail}
      units={units}
      gap={{ coldMm: plan.fit.radialGapColdM * 1000, hotMm: plan.fit.radialGapHotM * 1000 }}
      gas={plan.purge?.trickleM3PerS ? `nitrogen ${readingText(formatFlow(plan.purge.trickleM3PerS, units))}` : null}
      rod={plan.rod ? `feed ${readingText(formatLength(plan.rod.lengthM, units, 0))}` : null}
      near={nearMarks(plan, units)}
      flags={flags}
    />
  );
}
