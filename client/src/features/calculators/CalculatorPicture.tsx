import { formatLength, formatOnRule, readingText, type UnitPreferences } from '@kesto/core';
import { sectionOf } from '@kesto/core/section';
import { useId, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Path, Rect } from 'react-native-svg';
import { Across, Label } from '@/drawing/joint/annotate';
import { MetalPattern } from '@/drawing/joint/hatch';
import { JointDrawing } from '@/drawing/joint/JointDrawing';
import { OxygenCurve } from '@/features/plan';
import { useTokens } from '@/ui/theme';
import { LineChart } from '@/chart/LineChart';
import type { Picture } from './picture';
import { WORDS } from './words';

/** The sum as a drawing: what the figures under it are figures of. */
export function CalculatorPicture({ picture, units }: { picture: Picture; units: UnitPreferences }) {
  switch (picture.kind) {
    case 'joint': {
      const { fit, rod } = picture.plan;
      return (
        <JointDrawing
          joint={sectionOf(picture.plan)}
          detail="plan"
          units={units}
          gas={null}
          gap={{ coldMm: fit.radialGapColdM * 1000, hotMm: (fit.radialGapHotM ?? fit.radialGapColdM) * 1000 }}
          rod={rod ? `feed ${readingText(formatOnRule(rod.lengthM, units))}` : null}
        />
      );
    }
    case 'oxygen':
      return <OxygenCurve purge={picture.purge} />;
    case 'line':
      return <Measured>{(width) => <LineChart picture={picture} width={width} />}</Measured>;
    case 'ring':
      return <Ring {...picture} units={units} />;
    case 'cylinder':
      return <Cylinder leftPercent={picture.leftPercent} />;
  }
}

function Measured({ children }: { children: (width: number) => ReactNode }) {
  const [width, setWidth] = useState(0);
  return <View onLayout={(e) => setWidth(e.nativeEvent.layout.width)}>{width > 0 ? children(width) : null}</View>;
}

const HEIGHT = 180;

/** The tube cut across, to scale. */
function Ring({ outsideM, wallM, metal, units }: Extract<Picture, { kind: 'ring' }> & { units: UnitPreferences }) {
  const t = useTokens();
  const id = useId();
  const r = HEIGHT / 2 - 10;
  const wall = (wallM / (outsideM / 2)) * r;
  const show = (m: number, decimals = 1) => readingText(formatLength(m, units, decimals));
  const [x, y] = [r + 12, HEIGHT / 2];
  return (
    <Svg width={420} height={HEIGHT} role="img" aria-label={WORDS.tubeCutAcrossOutside(show(outsideM), show(wallM, 2))}>
      <MetalPattern id={id} metal={metal} />
      <Circle cx={x} cy={y} r={r - wall / 2} fill="none" stroke={`url(#${id})`} strokeWidth={wall} />
      <Circle cx={x} cy={y} r={r} fill="none" stroke={t.ink} strokeWidth={1.5} />
      <Circle cx={x} cy={y} r={r - wall} fill="none" stroke={t.ink} strokeWidth={1.5} />
      <Across x={2 * r + 40} half={r} axis={y} text={show(outsideM)} sub={null} until={420} />
      <Path d={`M${x} ${y} L${x + r - wall} ${y}`} stroke={t.rule} strokeWidth={1} strokeDasharray="8 3 2 3" />
      <Label x={x} y={y - 8} text={WORDS.wall(show(wallM, 2))} anchor="middle" bold mono />
    </Svg>
  );
}

/** The bottle with what is left in it. */
function Cylinder({ leftPercent }: { leftPercent: number }) {
  const t = useTokens();
  const [left, top, width, bottom] = [30, 26, 64, HEIGHT - 6];
  const level = bottom - (bottom - top) * (leftPercent / 100);
  return (
    <Svg width={300} height={HEIGHT} role="img" aria-label={WORDS.percentLeftInThe(leftPercent.toFixed(0))}>
      <Rect x={left} y={top} width={width} height={bottom - top} rx={22} fill={t.paper} stroke={t.ink} strokeWidth={2} />
      <Path
        d={`M${left + 3} ${Math.max(level, top + 22)} V${bottom - 22} Q${left + 3} ${bottom - 3} ${left + 24} ${bottom - 3} H${left + width - 24} Q${left + width - 3} ${bottom - 3} ${left + width - 3} ${bottom - 22} V${Math.max(level, top + 22)} Z`}
        fill={t.tealWash}
        stroke={t.teal}
        strokeWidth={1.5}
      />
      <Rect x={left + width / 2 - 9} y={8} width={18} height={18} fill={t.metals.brass.fill} stroke={t.ink} strokeWidth={1.5} />
      <Path d={`M${left + width + 8} ${level} h26`} stroke={t.teal} strokeWidth={2} />
      <Label x={left + width + 42} y={level + 6} text={WORDS.left(leftPercent.toFixed(0))} bold size={17} color={t.teal} />
    </Svg>
  );
}
