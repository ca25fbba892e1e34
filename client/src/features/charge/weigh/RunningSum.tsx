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
const KG_PER_LB = 0.45359237;

/** What went in, cylinder by cylinder, against what is wanted: kilograms above, pounds below. */
export function SumBar({ weigh, width }: { weigh: ChargeWeighWork; width: number }) {
  const t = useTokens();
  const { charge, cylinders } = weigh;
  if (!charge) return null;
  const most = Math.max(charge.targetKg, charge.doneKg) * 1.04;
  const x = scaleLinear([0, most], [2, width - 2]);
  const starts = cylinders.map((_, i) => cylinders.slice(0, i).reduce((sum, { takenKg }) => sum + takenKg, 0));
  const bottom = BAR.top + BAR.height;
  return (
    <Svg
      width={width}
      height={HEIGHT}
      role="img"
      aria-label={`${formatNumber(charge.doneKg, 3)} kg / ${formatNumber(charge.targetKg, 3)} kg`}
    >
      <Defs>
        <Pattern id="first" width={8} height={8} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <Line x1={0} y1={0} x2={0} y2={8} stroke={t.teal} strokeWidth={1.6} />
        </Pattern>
      </Defs>
      <Label x={0} y={14} text="kg" size={14} color={t.ink2} />
      {x.ticks(5).map((kg) => (
        <G key={kg}>
          <Line x1={x(kg)} y1={BAR.top - 8} x2={x(kg)} y2={BAR.top} stroke={t.ink} strokeWidth={1} />
          {kg > 0 && Math.abs(x(kg) - x(charge.targetKg)) > 44 ? (
            <Label x={x(kg)} y={BAR.top - 12} text={String(kg)} mono size={14} anchor="middle" color={t.ink2} />
          ) : null}
        </G>
      ))}
      <Label
        x={Math.min(width - 2, x(charge.targetKg) + 18)}
        y={BAR.top - 12}
        text={formatNumber(charge.targetKg, 2)}
        mono
        bold
        anchor="end"
        color={t.copper}
        cutOut
      />
      {cylinders.map(({ name, takenKg }, i) => (
        <G key={name}>
          <Rect
            x={x(starts[i] ?? 0)}
            y={BAR.top}
            width={Math.max(0, x(takenKg) - x(0))}
            height={BAR.height}
            fill={t.tealWash}
            stroke={t.ink}
            strokeWidth={1.4}
          />
          {i % 2 === 0 ? (
            <Rect
              x={x(starts[i] ?? 0)}
              y={BAR.top}
              width={Math.max(0, x(takenKg) - x(0))}
              height={BAR.height}
              fill="url(#first)"
              opacity={0.35}
            />
          ) : null}
          {x(takenKg) - x(0) > 76 ? (
            <Label
              x={(x(starts[i] ?? 0) + x((starts[i] ?? 0) + takenKg)) / 2}
              y={BAR.top + 26}
              text={`${name} ${formatNumber(takenKg, 2)}`}
              mono
              bold
              anchor="middle"
              cutOut
            />
          ) : null}
        </G>
      ))}
      {charge.leftKg > 0 ? (
        <Rect
          x={x(charge.doneKg)}
          y={BAR.top}
          width={x(charge.targetKg) - x(charge.doneKg)}
          height={BAR.height}
          fill="none"
          stroke={t.copper}
          strokeWidth={2.4}
          strokeDasharray="6 4"
        />
      ) : null}
      <Line x1={x(charge.targetKg)} y1={BAR.top - 8} x2={x(charge.targetKg)} y2={bottom + 8} stroke={t.copper} strokeWidth={3} />
      <Label x={0} y={bottom + 24} text="lb" size={14} color={t.ink2} />
      {scaleLinear([0, most / KG_PER_LB], [2, width - 2])
        .ticks(6)
        .map((lb) => (
          <G key={lb}>
            <Line x1={x(lb * KG_PER_LB)} y1={bottom} x2={x(lb * KG_PER_LB)} y2={bottom + 8} stroke={t.ink} strokeWidth={1} />
            {lb > 0 ? (
              <Label x={x(lb * KG_PER_LB)} y={bottom + 24} text={String(lb)} mono size={14} anchor="middle" color={t.ink2} />
            ) : null}
          </G>
        ))}
    </Svg>
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
