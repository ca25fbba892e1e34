import { G, Line, Path, Text as SvgText } from 'react-native-svg';
import { useTokens } from '@/ui/theme';
import { READINGS, WORDS } from '@/ui/tokens';

interface LabelProps {
  readonly x: number;
  readonly y: number;
  readonly text: string;
  readonly color?: string;
  readonly bold?: boolean;
  readonly mono?: boolean;
  readonly size?: number;
  readonly anchor?: 'start' | 'middle' | 'end';
  /** Set on paper cut round the letters, where lines run behind them. */
  readonly cutOut?: boolean;
}

export function Label({ x, y, text, color, bold = false, mono = false, size = 15, anchor = 'start', cutOut = false }: LabelProps) {
  const t = useTokens();
  const letters = {
    x,
    y,
    fontSize: size,
    fontFamily: mono ? READINGS : WORDS,
    fontWeight: bold ? '700' : '400',
    textAnchor: anchor,
  } as const;
  return (
    <>
      {cutOut ? (
        <SvgText {...letters} stroke={t.paper} strokeWidth={5} strokeLinejoin="round" fill={t.paper} aria-hidden>
          {text}
        </SvgText>
      ) : null}
      <SvgText {...letters} fill={color ?? t.ink}>
        {text}
      </SvgText>
    </>
  );
}

const MONO_WIDTH = 0.63;

/** Where a dimension's text goes: before it, after it, or under it where neither side has room. */
function textPlace(x1: number, x2: number, room: { width: number; text: number }) {
  if (x1 - 8 - room.text >= 0) return { x: x1 - 8, dy: 5, anchor: 'end' as const };
  if (x2 + 8 + room.text <= room.width) return { x: x2 + 8, dy: 5, anchor: 'start' as const };
  return { x: Math.min(x1, room.width - room.text), dy: 24, anchor: 'start' as const };
}

/** Horizontal dimension with arrow heads and extension lines. */
export function Dimension({
  x1,
  x2,
  y,
  from,
  text,
  width,
}: {
  x1: number;
  x2: number;
  y: number;
  from: number;
  text: string;
  width: number;
}) {
  const t = useTokens();
  const head = Math.min(7, Math.abs(x2 - x1) / 3);
  const size = width > 500 ? 17 : 15;
  const place = textPlace(x1, x2, { width, text: text.length * size * MONO_WIDTH });
  return (
    <G>
      <Path d={`M${x1} ${from} V${y + 6} M${x2} ${from} V${y + 6}`} stroke={t.ink} strokeWidth={1} />
      <Line x1={x1} y1={y} x2={x2} y2={y} stroke={t.ink} strokeWidth={1.2} />
      <Path d={`M${x1} ${y} l${head} -3 v6 z M${x2} ${y} l${-head} -3 v6 z`} fill={t.ink} />
      <Label x={place.x} y={y + place.dy} text={text} mono bold anchor={place.anchor} size={size} cutOut />
    </G>
  );
}

interface AcrossProps {
  readonly x: number;
  readonly half: number;
  readonly axis: number;
  readonly text: string;
  readonly sub: string | null;
  /** Where the next line stands: the trade size is left out where it would run into it. */
  readonly until: number;
}

const ACROSS_SIZE = 17;

/** Vertical dimension across the tube. */
export function Across({ x, half, axis, text, sub, until }: AcrossProps) {
  const t = useTokens();
  const y = axis + (half > 30 ? 24 : half + 20);
  const subX = x + 22 + text.length * ACROSS_SIZE * MONO_WIDTH;
  const room = sub !== null && subX + sub.length * 9 < until;
  return (
    <G>
      <Line x1={x} y1={axis - half} x2={x} y2={axis + half} stroke={t.ink} strokeWidth={1.2} />
      <Path d={`M${x} ${axis - half} l-3 8 h6 z M${x} ${axis + half} l-3 -8 h6 z`} fill={t.ink} />
      <Label x={x + 10} y={y} text={text} mono bold size={ACROSS_SIZE} cutOut />
      {room ? <Label x={subX} y={y} text={sub} color={t.ink2} cutOut /> : null}
    </G>
  );
}

const GAS_SIZES = { usual: 15, least: 13 };
/** Of bold letters, in their size. */
const BOLD_WIDTH = 0.5;

/** The gas and which way it goes; its words stand over a tube too small to hold them. */
export function GasArrow({
  x1,
  x2,
  y,
  half,
  text,
  over,
  until,
}: {
  x1: number;
  x2: number;
  y: number;
  half: number;
  text: string;
  /** Where the words start when they stand over the tube. */
  over: number;
  /** Where the next thing over the tube stands: they are set a little smaller where they would run into it. */
  until: number;
}) {
  const t = useTokens();
  const isInside = half > 34;
  const lift = isInside ? 10 : half + 8;
  const fits = (until - over) / (text.length * BOLD_WIDTH);
  const size = isInside ? GAS_SIZES.usual : Math.max(GAS_SIZES.least, Math.min(GAS_SIZES.usual, fits));
  return (
    <G>
      <Line x1={x1} y1={y} x2={x2 - 12} y2={y} stroke={t.teal} strokeWidth={3.5} strokeDasharray="14 7" />
      <Path d={`M${x2} ${y} l-15 -7 v14 z`} fill={t.teal} />
      <Label x={isInside ? x1 + 4 : over} y={y - lift} text={text} size={size} color={t.teal} bold cutOut />
    </G>
  );
}

export function SvgFlag({ x, y, letter, stop }: { x: number; y: number; letter: string; stop: boolean }) {
  const t = useTokens();
  return (
    <G x={x - 12} y={y - 24}>
      <Path d="M0 0 H24 V15 L12 22 L0 15 Z" fill={stop ? t.redWash : t.amberWash} stroke={stop ? t.red : t.amber} strokeWidth={2} />
      <SvgText x={12} y={14} textAnchor="middle" fontSize={14} fontWeight="700" fontFamily={READINGS} fill={stop ? t.red : t.amber}>
        {letter}
      </SvgText>
    </G>
  );
}
