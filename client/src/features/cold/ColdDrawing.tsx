import type { ColdMethod } from '@kesto/core';
import { useId, type ReactNode } from 'react';
import Svg, { Circle, Ellipse, G, Line, Path } from 'react-native-svg';
import { Label } from '@/drawing/joint/annotate';
import { MetalPattern } from '@/drawing/joint/hatch';
import { useTokens } from '@/ui/theme';
import { WORDS } from './words';

const SIZE = { width: 330, height: 132 } as const;
const AXIS_Y = 66;

/** What the finished joint looks like in section: the mark at the edge, the cone under its nut, the round of the bend. */
export function ColdDrawing({ method }: { method: ColdMethod }) {
  const Drawn = DRAWN[method];
  return (
    <Svg width="100%" height={SIZE.height} viewBox={`0 0 ${SIZE.width} ${SIZE.height}`} role="img" aria-label={WORDS.aJointThatIs(method)}>
      <Drawn />
    </Svg>
  );
}

/** Fills of the two metals; ids of their own, since several drawings stand on one page. */
function useMetals() {
  const own = useId().replace(/\W/g, '');
  const [copper, brass] = [`copper${own}`, `brass${own}`];
  const defs = (
    <>
      <MetalPattern id={copper} metal="copper" />
      <MetalPattern id={brass} metal="brass" />
    </>
  );
  return { copper: `url(#${copper})`, brass: `url(#${brass})`, defs };
}

/** Both halves of what is round about the axis. */
function Halves({ children }: { children: ReactNode }) {
  const t = useTokens();
  return (
    <>
      <G transform={`translate(0 ${AXIS_Y})`}>{children}</G>
      <G transform={`translate(0 ${AXIS_Y}) scale(1 -1)`}>{children}</G>
      <Line x1={0} y1={AXIS_Y} x2={SIZE.width} y2={AXIS_Y} stroke={t.rule} strokeWidth={1} strokeDasharray="14 4 3 4" />
    </>
  );
}

function Pressed() {
  const t = useTokens();
  const { copper, defs } = useMetals();
  const edge = { stroke: t.ink, strokeWidth: 1.5 } as const;
  return (
    <>
      {defs}
      <Halves>
        <Path d="M0 -18 H206 V-13 H0 Z" fill={copper} {...edge} />
        <Path
          d="M118 -27 H140 L146 -22 L152 -27 L156 -38 H178 L182 -27 L188 -22 L194 -27 H212 L222 -18 H330 V-13 H220 L212 -19 H182 L178 -32 H156 L152 -19 H118 Z"
          fill={copper}
          {...edge}
        />
        <Ellipse cx={167} cy={-25} rx={9} ry={6} fill={t.ink} />
      </Halves>
      <Line x1={115} y1={AXIS_Y - 32} x2={115} y2={AXIS_Y + 32} stroke={t.teal} strokeWidth={3} />
      <Label x={108} y={AXIS_Y - 30} text={WORDS.markAtTheEdge} size={14} bold anchor="end" color={t.teal} />
      <Label x={200} y={AXIS_Y - 36} text={WORDS.witnessOfTheJaw} size={14} bold color={t.copper} />
    </>
  );
}

function Flared() {
  const t = useTokens();
  const { copper, brass, defs } = useMetals();
  const edge = { stroke: t.ink, strokeWidth: 1.5 } as const;
  return (
    <>
      {defs}
      <Halves>
        <Path d="M150 -9 L176 -35 H252 V-46 H286 V-30 H330 V-9 Z" fill={brass} {...edge} />
        <Path d="M100 -20 H142 L166 -44 H178 V-36 H214 V-56 H114 L100 -44 Z" fill={brass} {...edge} />
        <Path d="M0 -18 H144 L168 -42 L174 -37 L148 -12 H0 Z" fill={copper} {...edge} />
        <Path d="M145 -19 L168 -42" stroke={t.teal} strokeWidth={4} />
      </Halves>
      <Label x={92} y={AXIS_Y - 38} text={WORDS.oilOnItsBack} size={14} bold anchor="end" color={t.teal} />
      <Line x1={94} y1={AXIS_Y - 42} x2={152} y2={AXIS_Y - 27} stroke={t.teal} strokeWidth={1.5} />
    </>
  );
}

function Bent() {
  const t = useTokens();
  const way = 'M0 112 H150 A62 62 0 0 0 212 50 V0';
  return (
    <>
      <Path d={way} stroke={t.ink} strokeWidth={37} fill="none" />
      <Path d={way} stroke={t.metals.copper.fill} strokeWidth={34} fill="none" />
      <Path d={way} stroke={t.ink} strokeWidth={26} fill="none" />
      <Path d={way} stroke={t.paper} strokeWidth={23} fill="none" />
      <Path d={way} stroke={t.ink2} strokeWidth={1} strokeDasharray="14 4 3 4" fill="none" />
      <Circle cx={150} cy={50} r={3} fill={t.teal} />
      <Line x1={150} y1={50} x2={193} y2={93} stroke={t.teal} strokeWidth={2} />
      <Label x={140} y={44} text={WORDS.atLeast3Its} size={14} bold anchor="end" color={t.teal} />
    </>
  );
}

const DRAWN: Readonly<Record<ColdMethod, () => ReactNode>> = { press: Pressed, flare: Flared, bend: Bent };
