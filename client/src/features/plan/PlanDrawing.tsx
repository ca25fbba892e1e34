import type { JointPlan, UnitPreferences } from '@kesto/core';
import { formatFlow, formatOnRule, readingText } from '@kesto/core';
import { sectionOf } from '@kesto/core/section';
import { useMemo, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { frameOf, type Detail, type Frame } from '@/drawing/joint/frame';
import { JointSection } from '@/drawing/joint/JointDrawing';
import { flagsOf, nearMarks, placesOf } from './planMarks';
import { arrange } from '@/ui/arrange';

export interface PlanDrawingProps {
  readonly plan: JointPlan;
  readonly units: UnitPreferences;
  readonly detail: Exclude<Detail, 'thumb' | 'cover'>;
  readonly onPart?: (part: 'male' | 'female') => void;
  /** The letters of the cautions that are listed beside it. */
  readonly flagged?: boolean;
}

/** A planned joint with everything on it, to be looked at. */
export function PlanDrawing(props: PlanDrawingProps) {
  return <Measured>{(width) => <Fitted {...props} width={width} />}</Measured>;
}

/** Draws once it is known how wide the paper is. */
export function Measured({ children }: { children: (width: number) => ReactNode }) {
  const [width, setWidth] = useState(0);
  return (
    <View onLayout={(e) => setWidth(e.nativeEvent.layout.width)} style={arrange.whole}>
      {width > 0 ? children(width) : null}
    </View>
  );
}

/** The frame in which all of a plan is in sight. */
export const useFrame = (plan: JointPlan, width: number, detail: PlanDrawingProps['detail']): Frame =>
  useMemo(() => frameOf(sectionOf(plan), width, detail, placesOf(plan)), [plan, width, detail]);

function Fitted(props: PlanDrawingProps & { width: number }) {
  return <Section {...props} frame={useFrame(props.plan, props.width, props.detail)} />;
}

/** The section in a frame that is given. */
export function Section({ plan, units, detail, onPart, flagged, width, frame }: PlanDrawingProps & { width: number; frame: Frame }) {
  const full = detail === 'plan' || detail === 'chart';
  return (
    <JointSection
      width={width}
      frame={frame}
      joint={sectionOf(plan)}
      detail={detail}
      units={units}
      gap={{ coldMm: plan.fit.radialGapColdM * 1000, hotMm: (plan.fit.radialGapHotM ?? plan.fit.radialGapColdM) * 1000 }}
      gas={plan.purge?.trickleM3PerS ? `nitrogen ${readingText(formatFlow(plan.purge.trickleM3PerS, units))}` : null}
      rod={plan.rod ? `feed ${readingText(formatOnRule(plan.rod.lengthM, units))}` : null}
      near={nearMarks(plan, units)}
      flags={(flagged ?? full) ? flagsOf(plan) : []}
      {...(onPart ? { onPart } : {})}
    />
  );
}
