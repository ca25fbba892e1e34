import { UNIT_KINDS, type UnitKind } from '@kesto/contract/api';
import { UNIT_KIND_WORDS } from '@kesto/contract/wording';
import { StyleSheet, View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { arrange } from '@/ui/arrange';
import { ChoiceCard } from '@/ui/ChoiceCard';
import { FieldError } from '@/ui/FieldError';
import { Tick } from '@/ui/marks';
import { useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { WORDS } from './words';

/** The loop of each kind, as a few strokes: compressor round, coils as steps, what is special about it in its place. */
function Loop({ kind, weight }: { kind: UnitKind; weight: number }) {
  const t = useTokens();
  const line = { stroke: t.ink, strokeWidth: weight, fill: 'none' } as const;
  const compressor = <Circle cx={14} cy={16} r={8} {...line} fill={t.paper} />;
  const coil = <Path d="M74 16 h8 v10 h10 v12 h-10 v8" {...line} />;
  const wall = <Line x1={52} y1={4} x2={52} y2={54} stroke={t.ink} strokeWidth={weight} strokeDasharray="3 3" />;
  const loop = <Path d="M22 16 H74 M82 46 H14 V24" {...line} />;
  const simple = (
    <G>
      {loop}
      {coil}
      {compressor}
    </G>
  );
  switch (kind) {
    case 'split':
      return (
        <G>
          {simple}
          {wall}
        </G>
      );
    case 'heat-pump':
      return (
        <G>
          {simple}
          <Rect x={30} y={8} width={14} height={14} {...line} fill={t.paper} />
          {wall}
        </G>
      );
    case 'cold-room':
      return (
        <G>
          {simple}
          <Rect x={34} y={39} width={26} height={14} rx={7} {...line} fill={t.paper} />
        </G>
      );
    case 'chamber':
      return (
        <G>
          <Path d="M22 16 H74 M82 46 H62 q-4 -8 -8 0 q-4 8 -8 0 q-4 -8 -8 0 H14 V24" {...line} />
          {coil}
          {compressor}
        </G>
      );
    case 'packaged-unit':
      return (
        <G>
          <G transform="translate(10 8) scale(0.8)">{simple}</G>
          <Rect x={2} y={2} width={100} height={54} rx={2} {...line} />
        </G>
      );
    case 'rooftop-unit':
      return (
        <G>
          {[8, 40].map((y) => (
            <G key={y}>
              <Path d={`M20 ${y} H94 V${y + 12} H14 V${y + 6}`} {...line} />
              <Circle cx={14} cy={y} r={6} {...line} fill={t.paper} />
            </G>
          ))}
        </G>
      );
    case 'other':
      return <Path d="M14 16 H90 V46 H14 Z" {...line} strokeDasharray="5 4" />;
  }
}

const PAPER = { width: 104, height: 58 } as const;
/** As wide as it is wanted, lines are this thick on the screen. */
const LINE_PX = 1.8;

/** A kind's loop, as wide as is wanted and there is room for. */
export function KindDrawing({ kind, width }: { kind: UnitKind; width: number }) {
  return (
    <Svg
      width="100%"
      viewBox={`0 0 ${PAPER.width} ${PAPER.height}`}
      style={{ width: '100%', maxWidth: width, aspectRatio: PAPER.width / PAPER.height }}
      aria-hidden
    >
      <Loop kind={kind} weight={(LINE_PX * PAPER.width) / width} />
    </Svg>
  );
}

/** What is it like? Each kind as its loop. */
export function KindPicker({
  value,
  onPick,
  error,
}: {
  value: UnitKind | '';
  onPick: (kind: UnitKind) => void;
  error?: string | undefined;
}) {
  return (
    <View style={arrange.stack6}>
      <View role="radiogroup" aria-label={WORDS.whatItIsLike} style={arrange.wrap8}>
        {UNIT_KINDS.map((kind) => (
          <ChoiceCard
            key={kind}
            chosen={value === kind}
            says={UNIT_KIND_WORDS[kind]}
            width={{ likes: 104, most: 150 }}
            onPress={() => onPick(kind)}
          >
            <View style={styles.kind}>
              <KindDrawing kind={kind} width={96} />
              <Words size={15} bold={value === kind}>
                {UNIT_KIND_WORDS[kind]}
              </Words>
              {value === kind ? (
                <View style={styles.help}>
                  <Tick size={16} />
                </View>
              ) : null}
            </View>
          </ChoiceCard>
        ))}
      </View>
      <FieldError text={error} />
    </View>
  );
}

const styles = StyleSheet.create({
  kind: { alignItems: 'center', gap: 2, width: '100%' },
  help: { position: 'absolute', right: -6, top: 0 },
});
