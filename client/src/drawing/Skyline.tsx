import { StyleSheet } from 'react-native';
import type { Today, UnitKind } from '@kesto/contract';
import Svg, { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { useTokens } from '@/ui/theme';
import { READINGS } from '@/ui/tokens';

const BASE = 150;
const SLOT = 72;
/** Where each kind's roof is, for the staff its job's number stands on. */
const ROOFS: Readonly<Partial<Record<UnitKind, number>>> = {
  'cold-room': 58,
  'heat-pump': 66,
  'rooftop-unit': 66,
  'packaged-unit': 66,
  chamber: 100,
};

/** The station as a skyline of its units, with what waits at each. */
export function Skyline({ today }: { today: Today }) {
  const t = useTokens();
  const width = today.units.length * SLOT;
  return (
    <Svg
      width="100%"
      viewBox={`0 0 ${width} 178`}
      style={{ aspectRatio: width / 178, maxWidth: 640 }}
      role="img"
      aria-label={`station: ${today.units.map((u) => u.tag).join(', ')}`}
    >
      {today.units.map((unit, i) => {
        const job = today.jobs.find((j) => j.unit.id === unit.id);
        const back = today.sentBack.some((s) => s.joint.tag.startsWith(unit.tag));
        return (
          <G key={unit.id} x={i * SLOT}>
            <House kind={unit.kind} />
            <SvgText x={SLOT / 2} y={BASE + 22} textAnchor="middle" fontFamily={READINGS} fontWeight="700" fontSize={16} fill={t.ink}>
              {unit.tag}
            </SvgText>
            {job ? (
              <G>
                <Line x1={SLOT / 2} y1={24} x2={SLOT / 2} y2={ROOFS[unit.kind] ?? 86} stroke={t.ink} strokeWidth={1.5} />
                <Circle cx={SLOT / 2} cy={18} r={13} fill={back ? t.redWash : t.ink} stroke={back ? t.red : t.ink} strokeWidth={2} />
                <SvgText
                  x={SLOT / 2}
                  y={23}
                  textAnchor="middle"
                  fontFamily={READINGS}
                  fontWeight="700"
                  fontSize={14}
                  fill={back ? t.red : t.paper}
                >
                  {job.number}
                </SvgText>
              </G>
            ) : null}
          </G>
        );
      })}
      <Line x1={0} y1={BASE} x2={width} y2={BASE} stroke={t.ink} strokeWidth={2.5} />
    </Svg>
  );
}

/** The ground before the first machine stands on it: where it will be, as a dashed outline. */
export function EmptyGround() {
  const t = useTokens();
  const outline = { fill: 'none', stroke: t.ink2, strokeWidth: 1.8, strokeDasharray: '7 6' } as const;
  return (
    <Svg width="100%" viewBox="0 0 360 178" style={styles.ground} role="img" aria-label="no machine yet">
      <Rect x={36} y={66} width={92} height={84} {...outline} />
      <Circle cx={66} cy={112} r={18} {...outline} />
      <Path d={`M84 112 H236 M236 112 V96 h18 v22 h-18 v22 H66 V130`} {...outline} />
      <Path d={`M200 ${BASE} V86 L262 44 L324 86 V${BASE}`} {...outline} />
      <Line x1={0} y1={BASE} x2={360} y2={BASE} stroke={t.ink} strokeWidth={2.5} />
    </Svg>
  );
}

function House({ kind }: { kind: UnitKind }) {
  const t = useTokens();
  const line = { fill: t.paper, stroke: t.ink, strokeWidth: 1.6 };
  if (kind === 'cold-room')
    return (
      <G>
        <Path d={`M2 ${BASE} Q12 58 36 58 Q60 58 70 ${BASE} Z`} {...line} />
        <Rect x={20} y={104} width={32} height={46} {...line} />
        {[0, 1, 2].map((r) => (
          <Line key={r} x1={25} y1={114 + r * 12} x2={47} y2={114 + r * 12} stroke={t.ink2} strokeWidth={5} strokeDasharray="5 4" />
        ))}
      </G>
    );
  if (kind === 'heat-pump')
    return (
      <G>
        <Path d={`M8 ${BASE} V96 L36 66 L64 96 V${BASE} Z`} {...line} />
        {[22, 36, 50].map((x) => (
          <Path key={x} d={`M${x} ${BASE} V112 q-8 -6 -8 6 M${x} 118 q8 -6 8 6`} fill="none" stroke={t.teal} strokeWidth={2} />
        ))}
        <Rect x={62} y={122} width={10} height={28} fill={t.metals.steel.fill} stroke={t.ink} strokeWidth={1.4} />
      </G>
    );
  if (kind === 'rooftop-unit' || kind === 'packaged-unit')
    return (
      <G>
        <Rect x={4} y={94} width={64} height={56} {...line} />
        <Rect x={16} y={66} width={40} height={28} {...line} />
        <Line x1={20} y1={76} x2={52} y2={76} stroke={t.ink} strokeDasharray="3 3" />
      </G>
    );
  if (kind === 'chamber')
    return (
      <G>
        <Rect x={8} y={100} width={56} height={50} {...line} />
        <Rect x={16} y={112} width={40} height={26} fill={t.tealWash} stroke={t.ink} strokeWidth={1.4} />
      </G>
    );
  return (
    <G>
      <Rect x={6} y={86} width={60} height={64} {...line} />
      {[16, 30, 44].map((x) => (
        <Rect key={x} x={x} y={100} width={11} height={34} fill={t.panel} stroke={t.ink} strokeWidth={1.3} />
      ))}
    </G>
  );
}

const styles = StyleSheet.create({
  ground: { aspectRatio: 360 / 178, maxWidth: 640 },
});
