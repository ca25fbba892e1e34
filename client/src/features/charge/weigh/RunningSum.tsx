import { formatMass, formatNumber, readingText } from '@kesto/core/unit';
import { scaleLinear } from 'd3-scale';
import { StyleSheet, View } from 'react-native';
import Svg, { Defs, G, Line, Pattern, Rect } from 'react-native-svg';
import { Label } from '@/drawing/joint/annotate';
import { useUnits } from '@/session/units';
import { useTokens } from '@/ui/theme';
import { Mono, Words } from '@/ui/Words';
import { WORDS } from '../words';
import type { ChargeWeighWork } from './useChargeWeigh';

const HEIGHT = 104;
const BAR = { top: 34, height: 40 } as const;
const BOTTOM = BAR.top + BAR.height;
const KG_PER_LB = 0.45359237;

type Scale = (kg: number) => number;

/** What went in, cylinder by cylinder, against what is wanted: kilograms above, pounds below. */
export function SumBar({ weigh, width }: { weigh: ChargeWeighWork; width: number }) {
  const t = useTokens();
  const { charge, cylinders } = weigh;
  if (!charge) return null;
  const { targetKg, doneKg, leftKg } = charge;
  const most = Math.max(targetKg, doneKg) * 1.04;
  const x = scaleLinear([0, most], [2, width - 2]);
  const starts = cylinders.map((_, i) => cylinders.slice(0, i).reduce((sum, { takenKg }) => sum + takenKg, 0));
  const left = { x: x(doneKg), y: BAR.top, width: x(targetKg) - x(doneKg), height: BAR.height };
  return (
    <Svg width={width} height={HEIGHT} role="img" aria-label={WORDS.kgKg(formatNumber(doneKg, 3), formatNumber(targetKg, 3))}>
      <Defs>
        <Pattern id="first" width={8} height={8} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <Line x1={0} y1={0} x2={0} y2={8} stroke={t.teal} strokeWidth={1.6} />
        </Pattern>
      </Defs>
      <Kilograms x={x} ticks={x.ticks(5)} targetKg={targetKg} width={width} />
      {cylinders.map((cylinder, i) => (
        <Cylinder key={cylinder.name} cylinder={cylinder} from={starts[i] ?? 0} x={x} isFirst={i % 2 === 0} />
      ))}
      {leftKg > 0 ? <Rect {...left} fill="none" stroke={t.copper} strokeWidth={2.4} strokeDasharray="6 4" /> : null}
      <Line x1={x(targetKg)} y1={BAR.top - 8} x2={x(targetKg)} y2={BOTTOM + 8} stroke={t.copper} strokeWidth={3} />
      <Pounds x={x} ticks={scaleLinear([0, most / KG_PER_LB], [2, width - 2]).ticks(6)} />
    </Svg>
  );
}

interface AxisProps {
  readonly x: Scale;
  readonly ticks: readonly number[];
}

/** Above the bar, with what is wanted. */
function Kilograms({ x, ticks, targetKg, width }: AxisProps & { targetKg: number; width: number }) {
  const t = useTokens();
  const figures = { y: BAR.top - 12, mono: true } as const;
  const target = formatNumber(targetKg, 2);
  return (
    <>
      <Label x={0} y={14} text={WORDS.kg} size={14} color={t.ink2} />
      {ticks.map((kg) => (
        <G key={kg}>
          <Line x1={x(kg)} y1={BAR.top - 8} x2={x(kg)} y2={BAR.top} stroke={t.ink} strokeWidth={1} />
          {kg > 0 && Math.abs(x(kg) - x(targetKg)) > 44 ? (
            <Label {...figures} x={x(kg)} text={String(kg)} size={14} anchor="middle" color={t.ink2} />
          ) : null}
        </G>
      ))}
      <Label {...figures} x={Math.min(width - 2, x(targetKg) + 18)} text={target} bold anchor="end" color={t.copper} cutOut />
    </>
  );
}

/** Below the bar. */
function Pounds({ x, ticks }: AxisProps) {
  const t = useTokens();
  return (
    <>
      <Label x={0} y={BOTTOM + 24} text={WORDS.lb} size={14} color={t.ink2} />
      {ticks.map((lb) => {
        const at = x(lb * KG_PER_LB);
        return (
          <G key={lb}>
            <Line x1={at} y1={BOTTOM} x2={at} y2={BOTTOM + 8} stroke={t.ink} strokeWidth={1} />
            {lb > 0 ? <Label x={at} y={BOTTOM + 24} text={String(lb)} mono size={14} anchor="middle" color={t.ink2} /> : null}
          </G>
        );
      })}
    </>
  );
}

/** Of a cylinder's name and weight, so that they are not drawn over its edge [px]. */
const NAME_PX = 76;

interface CylinderProps {
  readonly cylinder: ChargeWeighWork['cylinders'][number];
  readonly from: number;
  readonly x: Scale;
  /** Every other one is hatched. */
  readonly isFirst: boolean;
}

/** What came out of one cylinder. */
function Cylinder({ cylinder: { name, takenKg }, from, x, isFirst }: CylinderProps) {
  const t = useTokens();
  const wide = x(takenKg) - x(0);
  const piece = { x: x(from), y: BAR.top, width: Math.max(0, wide), height: BAR.height };
  const words = `${name} ${formatNumber(takenKg, 2)}`;
  return (
    <G>
      <Rect {...piece} fill={t.tealWash} stroke={t.ink} strokeWidth={1.4} />
      {isFirst ? <Rect {...piece} fill="url(#first)" opacity={0.35} /> : null}
      {wide > NAME_PX ? (
        <Label x={(x(from) + x(from + takenKg)) / 2} y={BAR.top + 26} text={words} mono bold anchor="middle" cutOut />
      ) : null}
    </G>
  );
}

interface RowProps {
  readonly name: string;
  readonly says: string;
  readonly kg: number;
  readonly bold?: boolean;
}

function Row({ name, says, kg, bold = false }: RowProps) {
  const t = useTokens();
  const pounds = formatMass(kg, { length: 'inch', pressure: 'psig', temperature: 'F', vacuum: 'micron', mass: 'lb-oz' });
  return (
    <View style={[styles.row, { borderColor: t.hair }]}>
      <Words size={15} bold={bold} style={styles.name}>
        {name}
      </Words>
      <Words size={14} tone="ink2" style={styles.says}>
        {says}
      </Words>
      <Mono size={17}>{`${formatNumber(kg, kg < 1 ? 3 : 2)} kg`}</Mono>
      <Words size={14} bold={bold} style={styles.pounds}>
        {readingText(pounds).split(' (')[0]}
      </Words>
    </View>
  );
}

/** The same as a table, in both units spelled out. */
export function SumTable({ weigh }: { weigh: ChargeWeighWork }) {
  const units = useUnits();
  const { charge, cylinders, began } = weigh;
  if (!charge) return null;
  const plain = (kg: number) => (units.mass === 'kg' ? formatNumber(kg, 2) : formatNumber(kg / KG_PER_LB, 2));
  const lines = began?.lines;
  return (
    <View>
      {cylinders.map(({ name, beforeKg, afterKg, takenKg }) => (
        <Row key={name} name={name} says={`${plain(beforeKg)} – ${plain(afterKg)}`} kg={takenKg} />
      ))}
      <Row name={WORDS.isIn} says={WORDS.both(cylinders.length)} kg={charge.doneKg} bold />
      <Row
        name={WORDS.wanted}
        says={lines ? WORDS.platePlus(`${lines.length.value} ${lines.length.unit}`) : WORDS.plate}
        kg={charge.targetKg}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 8, alignItems: 'baseline', borderTopWidth: 1, paddingVertical: 7 },
  name: { width: 64 },
  says: { flex: 1 },
  pounds: { width: 92, textAlign: 'right' },
});
