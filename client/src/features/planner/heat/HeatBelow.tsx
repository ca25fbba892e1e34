import type { JointPlan, UnitPreferences } from '@kesto/core';
import { formatDuration, readingText } from '@kesto/core';
import { memo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Frame } from '@/drawing/joint/frame';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { Slider } from '@/ui/Slider';
import { useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { useReach } from '../reach/useReach';
import { TemperatureCurve } from './TemperatureCurve';
import { WORDS } from '../words';

const CURVE_HEIGHT = { wide: 118, narrow: 190 } as const;

/** How hot the joint's parts get along the axis of the drawing above. */
export const HeatBelow = memo(function HeatBelow({ plan, units, frame }: { plan: JointPlan; units: UnitPreferences; frame: Frame }) {
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
  const t = useTokens();
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
          <View style={arrange.fill}>
            <Slider label={WORDS.timeSinceLighting} value={at} min={0} max={lastS} step={2} text={text} onChange={onTime} />
          </View>
          <Words size={15} bold>
            {WORDS.afterLighting(text)}
          </Words>
        </>
      ) : (
        <Words size={14} tone="ink2">
          {WORDS.hottestEachPointGets}
        </Words>
      )}
      <View style={[styles.key, { backgroundColor: t.paper }]}>
        <FrameKey label={moving ? WORDS.hottest : WORDS.overTime} onPress={() => onTime(moving ? null : at)} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({ key: { borderRadius: 6 } });
