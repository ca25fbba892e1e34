import { flamePlaceWord } from '@kesto/contract/wording';
import { ALLOWED, type JointPlan } from '@kesto/core';
import { scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Line, Path, Rect } from 'react-native-svg';
import { Label } from '@/drawing/joint/annotate';
import { useTokens } from '@/ui/theme';
import { clockText } from './clock';

const HEIGHT = 78;
const BAR = { top: 24, height: 26 } as const;

/** The plan's time at the torch as a bar: where the flame is first and then, and where it is now. */
export function FlameScale({ plan, seconds }: { plan: JointPlan; seconds: number }) {
  const t = useTokens();
  const [width, setWidth] = useState(0);
  const planned = plan.heat?.seconds ?? null;
  if (planned === null) return null;
  const endS = Math.max(planned * 1.6, seconds * 1.05);
  const x = scaleLinear([0, endS], [1, width - 1]);
  const [first, then] = plan.flame?.steps ?? [];
  const splitS = first?.seconds ?? planned;
  const y = BAR.top;
  const most = planned * ALLOWED.heat.most;
  return (
    <View onLayout={(e) => setWidth(e.nativeEvent.layout.width)}>
      {width > 0 ? (
        <Svg width={width} height={HEIGHT} aria-hidden>
          <Rect x={x(0)} y={y} width={x(splitS) - x(0)} height={BAR.height} fill={t.metals.copper.fill} stroke={t.ink} />
          <Rect x={x(splitS)} y={y} width={x(planned) - x(splitS)} height={BAR.height} fill={t.metals.brass.fill} stroke={t.ink} />
          <Rect x={x(planned)} y={y} width={x(endS) - x(planned)} height={BAR.height} fill="none" stroke={t.ink} />
          {most < endS ? <Line x1={x(most)} y1={y} x2={x(most)} y2={y + BAR.height} stroke={t.red} strokeWidth={3} /> : null}
          {first ? <Label x={x(0) + 10} y={16} text={flamePlaceWord(first.on)} size={14} /> : null}
          {then && x(planned) - x(splitS) > 40 ? <Label x={x(splitS)} y={16} text={flamePlaceWord(then.on)} size={14} bold /> : null}
          <Path d={`M${x(seconds) - 7} 4 h14 l-7 10 z`} fill={t.ink} />
          <Line x1={x(seconds)} y1={10} x2={x(seconds)} y2={y + BAR.height + 4} stroke={t.ink} strokeWidth={3} />
          <Label x={x(0)} y={HEIGHT - 8} text="0:00" mono size={14} />
          <Label x={x(planned)} y={HEIGHT - 8} text={clockText(Math.round(planned))} mono bold size={14} anchor="middle" />
        </Svg>
      ) : null}
    </View>
  );
}
