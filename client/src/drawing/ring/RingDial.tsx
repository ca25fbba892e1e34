import type { Flaw } from '@kesto/core';
import { useId } from 'react';
import Svg, { Circle, G, Line, Path } from 'react-native-svg';
import { Label } from '@/drawing/joint/annotate';
import { MetalPattern } from '@/drawing/joint/hatch';
import { useTokens } from '@/ui/theme';
import { arc, DIAL, onDial, piece, ring } from './dial';

export type RingMetals = Readonly<Record<'male' | 'female', Parameters<typeof MetalPattern>[0]['metal']>>;

interface RingDialProps {
  readonly width: number;
  readonly metals: RingMetals;
  readonly flaw: Flaw | null;
  /** What stands in the middle: of a flaw a word, a large figure, a small one; else three lines. */
  readonly says: readonly [string, string, string];
  readonly words: { readonly mirror: string; readonly eye: string; readonly you: string };
  readonly label: string;
}

const HOURS = Array.from({ length: 12 }, (_, i) => i + 1);

/** The joint end on, as a clock face: cup, filler and tube as rings, what the eye sees below and the mirror above. */
export function RingDial({ width, metals, flaw, says, words, label }: RingDialProps) {
  const t = useTokens();
  const id = useId();
  return (
    <Svg
      width={width}
      height={(width * DIAL.height) / DIAL.width}
      viewBox={`0 0 ${DIAL.width} ${DIAL.height}`}
      role="img"
      aria-label={label}
    >
      <MetalPattern id={`${id}f`} metal={metals.female} />
      <MetalPattern id={`${id}m`} metal={metals.male} />
      <Path d={arc(300, 60, DIAL.arcs)} fill="none" stroke={t.ink2} strokeWidth={1.6} strokeDasharray="5 4" />
      <Path d={arc(100, 130, DIAL.arcs)} fill="none" stroke={t.ink2} strokeWidth={1.6} />
      <Path d={arc(230, 260, DIAL.arcs)} fill="none" stroke={t.ink2} strokeWidth={1.6} />
      <Label x={6} y={22} text={words.mirror} size={14} color={t.ink2} />
      <Label x={DIAL.width - 6} y={22} text={words.mirror} size={14} color={t.ink2} anchor="end" />
      <Label x={6} y={270} text={words.eye} size={14} color={t.ink2} />
      <Label x={DIAL.width - 6} y={270} text={words.eye} size={14} color={t.ink2} anchor="end" />
      {HOURS.map((hour) => (
        <Hour key={hour} hour={hour} />
      ))}
      <Path d={ring([DIAL.gap, DIAL.cup])} fillRule="evenodd" fill={`url(#${id}f)`} stroke={t.ink} strokeWidth={1.4} />
      <Path d={ring([DIAL.tube, DIAL.gap])} fillRule="evenodd" fill={t.metals.filler.fill} />
      <Path d={ring([DIAL.bore, DIAL.tube])} fillRule="evenodd" fill={`url(#${id}m)`} stroke={t.ink} strokeWidth={1.4} />
      {flaw ? (
        <G>
          <Path d={piece(flaw.fromDeg, flaw.toDeg, [DIAL.tube, DIAL.gap])} fill={t.paper} stroke={t.red} strokeWidth={2.4} />
          <Path d={arc(flaw.fromDeg, flaw.toDeg, DIAL.handles)} fill="none" stroke={t.red} strokeWidth={3.4} />
          {[flaw.fromDeg, flaw.toDeg].map((deg, i) => {
            const [cx, cy] = onDial(deg, DIAL.handles);
            return <Circle key={i} cx={cx} cy={cy} r={10} fill={t.paper} stroke={t.red} strokeWidth={3} />;
          })}
        </G>
      ) : null}
      <Middle says={says} isFlaw={flaw !== null} />
      <Path d={`M${DIAL.x} ${DIAL.height - 26} l-9 13 h18 z`} fill={t.ink} />
      <Label x={DIAL.x + 18} y={DIAL.height - 13} text={words.you} bold size={15} />
    </Svg>
  );
}

function Hour({ hour }: { hour: number }) {
  const t = useTokens();
  const [x, y] = onDial(hour * 30, DIAL.numbers);
  const [from, to] = [onDial(hour * 30, DIAL.cup + 3), onDial(hour * 30, DIAL.cup + 8)];
  const isQuarter = hour % 3 === 0;
  return (
    <G>
      <Line x1={from[0]} y1={from[1]} x2={to[0]} y2={to[1]} stroke={isQuarter ? t.ink : t.ink2} strokeWidth={2} />
      <Label
        x={x}
        y={y + 6}
        text={String(hour)}
        mono
        bold={isQuarter}
        size={isQuarter ? 17 : 14}
        anchor="middle"
        color={isQuarter ? t.ink : t.ink2}
      />
    </G>
  );
}

function Middle({ says: [word, large, small], isFlaw }: { says: readonly [string, string, string]; isFlaw: boolean }) {
  const t = useTokens();
  if (!isFlaw)
    return [word, large, small].map((line, i) => (
      <Label key={line} x={DIAL.x} y={DIAL.y - 16 + 20 * i} text={line} size={14} anchor="middle" color={t.ink2} />
    ));
  return (
    <G>
      <Label x={DIAL.x} y={DIAL.y - 24} text={word} bold size={15} anchor="middle" color={t.red} />
      <Label x={DIAL.x} y={DIAL.y + 12} text={large} mono bold size={34} anchor="middle" color={t.red} />
      <Label x={DIAL.x} y={DIAL.y + 36} text={small} mono bold size={15} anchor="middle" />
    </G>
  );
}
