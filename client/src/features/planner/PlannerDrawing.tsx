import type { JointPlan, UnitPreferences } from '@kesto/core';
import { formatDuration, formatFlow, formatLength, formatTemperature, readingText } from '@kesto/core';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { letterOf } from '@/ui/Flag';
import { FrameKey } from '@/ui/Keys';
import { Slider } from '@/ui/Slider';
import { Words } from '@/ui/Words';
import { frameOf, type Detail } from './drawing/frame';
import { JointSection, type DrawnFlag } from './drawing/JointDrawing';
import { sectionOf } from '@kesto/core/section';
import type { NearMark } from './drawing/NearMarks';
import { TemperatureCurve } from './drawing/TemperatureCurve';
import { useReach } from './reach/useReach';

function nearMarks(plan: JointPlan, units: UnitPreferences): readonly NearMark[] {
  return plan.protection.map((p) => ({
    kind: p.part.kind,
    distance: p.part.distanceM * 1000,
    onFemale: p.part.along === 'female',
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

function flagsOf(plan: JointPlan): readonly DrawnFlag[] {
  return plan.cautions
    .filter((c) => c.severity !== 'note')
    .map((c, i) => ({ letter: letterOf(i), stop: c.severity === 'stop', place: PLACES[c.code] ?? ('mouth' as const) }));
}

interface PlannerDrawingProps {
  readonly plan: JointPlan;
  readonly units: UnitPreferences;
  readonly detail: Exclude<Detail, 'thumb' | 'cover'>;
  readonly onPart?: (part: 'male' | 'female') => void;
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

function Drawn({ plan, units, detail, onPart, width }: PlannerDrawingProps & { width: number }) {
  return (
    <>
      <JointSection
        width={width}
        joint={sectionOf(plan)}
        detail={detail}
        units={units}
        gap={{ coldMm: plan.fit.radialGapColdM * 1000, hotMm: plan.fit.radialGapHotM * 1000 }}
        gas={plan.purge?.trickleM3PerS ? `nitrogen ${readingText(formatFlow(plan.purge.trickleM3PerS, units))}` : null}
        rod={plan.rod ? `feed ${readingText(formatLength(plan.rod.lengthM, units, 0))}` : null}
        near={nearMarks(plan, units)}
        flags={detail === 'sizes' ? [] : flagsOf(plan)}
        {...(onPart ? { onPart } : {})}
      />
      {detail === 'chart' && plan.heat ? <HeatBelow plan={plan} units={units} width={width} /> : null}
    </>
  );
}

const CURVE_HEIGHT = { wide: 126, narrow: 180 } as const;

function HeatBelow({ plan, units, width }: { plan: JointPlan; units: UnitPreferences; width: number }) {
  const [atS, setAtS] = useState<number | null>(null);
  const frame = useMemo(() => frameOf(sectionOf(plan), width, 'chart'), [plan, width]);
  const reach = useReach(plan, { maleM: Math.max(0.02, -frame.shown.left / 1000), femaleM: Math.max(0.02, frame.shown.right / 1000) });
  const lastS = reach?.male?.bare.frames.at(-1)?.seconds ?? 0;
  const at = atS ?? Math.round(reach?.male?.flameOffS ?? 0);
  return (
    <View>
      <View
        style={{ flexDirection: 'row', alignItems: 'center', justifyContent: 'flex-end', gap: 12, height: 40, marginTop: -22, zIndex: 1 }}
      >
        {atS === null ? (
          <Words size={14} tone="ink2">
            hottest each point gets
          </Words>
        ) : (
          <>
            <View style={{ flex: 1 }}>
              <Slider
                label="time since lighting"
                value={at}
                min={0}
                max={lastS}
                step={2}
                text={readingText(formatDuration(at))}
                onChange={setAtS}
              />
            </View>
            <Words size={15} bold>
              {readingText(formatDuration(at))} after lighting
            </Words>
          </>
        )}
        <FrameKey label={atS === null ? 'over time' : 'hottest'} onPress={() => setAtS(atS === null ? at : null)} />
      </View>
      <TemperatureCurve
        plan={plan}
        reach={reach}
        frame={frame}
        height={width > 500 ? CURVE_HEIGHT.wide : CURVE_HEIGHT.narrow}
        units={units}
        atS={atS}
      />
    </View>
  );
}
