import { partName } from '@kesto/contract/wording';
import type { Along, JointPlan, UnitPreferences } from '@kesto/core';
import { formatDuration, formatFlow, formatOnRule, formatTemperature, readingText } from '@kesto/core';
import { sectionOf } from '@kesto/core/section';
import { memo, useDeferredValue, useMemo, useState } from 'react';
import { View } from 'react-native';
import { letterOf } from '@/ui/Flag';
import { FrameKey } from '@/ui/Buttons';
import { Slider } from '@/ui/Slider';
import { Words } from '@/ui/Words';
import { axisMm } from './drawing/axis';
import { frameOf, type Detail, type Frame } from './drawing/frame';
import { Grips } from './drawing/Grips';
import { JointSection, type DrawnFlag } from './drawing/JointDrawing';
import type { NearMark } from './drawing/NearMarks';
import { TemperatureCurve } from './drawing/TemperatureCurve';
import { GripBar, PartProtectionBar } from './GripBar';
import { flaggedOf } from './heeded';
import { useReach } from './reach/useReach';
import { useGrips } from './useGrips';
import type { Planner } from './usePlanner';

const placeOf = (plan: JointPlan, along: Along, distanceM: number) => axisMm(along, distanceM, plan.joint.female);

function nearMarks(plan: JointPlan, units: UnitPreferences): readonly NearMark[] {
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

function flagsOf(plan: JointPlan): readonly DrawnFlag[] {
  return flaggedOf(plan).map((c, i) => ({ letter: letterOf(i), stop: c.severity === 'stop', place: PLACES[c.code] ?? ('mouth' as const) }));
}

interface PlannerDrawingProps {
  readonly plan: JointPlan;
  readonly units: UnitPreferences;
  readonly detail: Exclude<Detail, 'thumb' | 'cover'>;
  readonly onPart?: (part: 'male' | 'female') => void;
  /** The letters of the cautions that are listed beside it. */
  readonly flagged?: boolean;
  /** Whose draft the handles change; without one the drawing is only looked at. */
  readonly planner?: Planner;
}

/** The planned joint with everything on it; where a chart is wanted, the temperature along it on the same axis. */
export function PlannerDrawing(props: PlannerDrawingProps) {
  const [width, setWidth] = useState(0);
  return (
    <View onLayout={(e) => setWidth(e.nativeEvent.layout.width)} style={{ width: '100%' }}>
      {width > 0 ? <Drawn {...props} width={width} /> : null}
    </View>
  );
}

/** Parts and the far edges of their wraps; what is far off the joint, as a sprinkler is, has no place on a drawing of it. */
const placesOf = (plan: JointPlan) =>
  plan.protection
    .filter((p) => p.peakC !== null)
    .flatMap(({ part }) =>
      [part.distanceM, ...(part.protection.wet ? [part.protection.wet.toM] : [])].map((m) => placeOf(plan, part.along, m)),
    );

function Drawn({ plan, units, detail, onPart, planner, flagged, width }: PlannerDrawingProps & { width: number }) {
  const joint = sectionOf(plan);
  const fitting = useMemo(() => frameOf(sectionOf(plan), width, detail, placesOf(plan)), [plan, width, detail]);
  const { edits, held, selected } = useGrips({ planner, plan, units, frame: fitting });
  const frame = held ?? fitting;
  const later = useDeferredValue(plan);
  const full = detail === 'plan' || detail === 'chart';
  return (
    <>
      <View>
        <JointSection
          width={width}
          frame={frame}
          joint={joint}
          detail={detail}
          units={units}
          gap={{ coldMm: plan.fit.radialGapColdM * 1000, hotMm: (plan.fit.radialGapHotM ?? plan.fit.radialGapColdM) * 1000 }}
          gas={plan.purge?.trickleM3PerS ? `nitrogen ${readingText(formatFlow(plan.purge.trickleM3PerS, units))}` : null}
          rod={plan.rod ? `feed ${readingText(formatOnRule(plan.rod.lengthM, units))}` : null}
          near={nearMarks(plan, units)}
          flags={(flagged ?? full) ? flagsOf(plan) : []}
          {...(onPart ? { onPart } : {})}
        />
        {planner ? <Grips plan={plan} units={units} frame={frame} edits={edits} /> : null}
        {planner && width > 500 && full ? (
          <View style={{ position: 'absolute', right: 0, top: 0, width: 272 }}>
            <GripBar planner={planner} selected={selected} />
          </View>
        ) : null}
      </View>
      {planner && !(width > 500 && full) ? <GripBar planner={planner} selected={selected} /> : null}
      {planner ? <PartProtectionBar planner={planner} selected={selected} /> : null}
      {detail === 'chart' && later.heat ? <HeatBelow plan={later} units={units} frame={frame} /> : null}
    </>
  );
}

const CURVE_HEIGHT = { wide: 118, narrow: 190 } as const;

const HeatBelow = memo(function HeatBelow({ plan, units, frame }: { plan: JointPlan; units: UnitPreferences; frame: Frame }) {
  const [atS, setAtS] = useState<number | null>(null);
  const reach = useReach(plan, { maleM: Math.max(0.02, -frame.shown.left / 1000), femaleM: Math.max(0.02, frame.shown.right / 1000) });
  const lastS = reach?.male?.bare.frames.at(-1)?.seconds ?? 0;
  const at = atS ?? Math.round(reach?.male?.flameOffS ?? 0);
  return (
    <View>
      <TimeControl at={at} moving={atS !== null} lastS={lastS} onTime={setAtS} />
      <TemperatureCurve
        plan={plan}
        reach={reach}
        frame={frame}
        height={frame.width > 500 ? CURVE_HEIGHT.wide : CURVE_HEIGHT.narrow}
        units={units}
        atS={atS}
      />
    </View>
  );
});

interface TimeControlProps {
  readonly at: number;
  readonly moving: boolean;
  readonly lastS: number;
  readonly onTime: (seconds: number | null) => void;
}

/** The hottest each point gets, or one moment of it: drawn over the curve's empty upper right. */
function TimeControl({ at, moving, lastS, onTime }: TimeControlProps) {
  const text = readingText(formatDuration(at));
  return (
    <View
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        justifyContent: 'flex-end',
        gap: 12,
        height: 48,
        marginBottom: moving ? 0 : -38,
        zIndex: 1,
      }}
    >
      {moving ? (
        <>
          <View style={{ flex: 1 }}>
            <Slider label="time since lighting" value={at} min={0} max={lastS} step={2} text={text} onChange={onTime} />
          </View>
          <Words size={15} bold>
            {text} after lighting
          </Words>
        </>
      ) : (
        <Words size={14} tone="ink2">
          hottest each point gets
        </Words>
      )}
      <FrameKey label={moving ? 'hottest' : 'over time'} onPress={() => onTime(moving ? null : at)} />
    </View>
  );
}
