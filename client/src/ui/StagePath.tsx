import { STAGES, type Stage } from '@kesto/contract/api';
import { STAGE_WORDS } from '@kesto/contract/wording/stages';
import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import Svg, { Circle, G, Path, Text as SvgText } from 'react-native-svg';
import { useTokens } from './theme';
import { READINGS, WORDS } from './tokens';

interface StageProps {
  readonly stage: Stage;
  /** What lies before is not kept here: neither done nor to come. */
  readonly began: Stage;
  readonly done?: boolean;
}

/** The eleven stages as a row of small boxes: done filled, here raised, to come open; what is not kept here a dash. */
export function StageRow({ stage, began, done = false }: StageProps) {
  const t = useTokens();
  const here = STAGES.indexOf(stage);
  const from = STAGES.indexOf(began);
  return (
    <View aria-label={`stage ${here + 1} of ${STAGES.length}, ${STAGE_WORDS[stage]}`} role="img" style={styles.row}>
      {STAGES.map((name, i) => {
        const isHere = i === here && !done;
        const past = done || i < here;
        if (i < from) return <View key={name} style={{ width: 8, height: 2, backgroundColor: t.ink2 }} />;
        return (
          <View
            key={name}
            style={{
              width: isHere ? 9 : 8,
              height: isHere ? 12 : 8,
              backgroundColor: isHere ? t.copper : past ? t.ink : 'transparent',
              borderWidth: past || isHere ? 0 : 1,
              borderColor: t.ink2,
            }}
          />
        );
      })}
    </View>
  );
}

const COIL = { width: 358, height: 236, left: 46, step: 89, top: 34, row: 78 } as const;

/** Place of a stage on the coil: four to the right, four back, three to the right. */
function place(index: number): { x: number; y: number } {
  const row = Math.floor(index / 4);
  const column = index % 4;
  return { x: COIL.left + (row === 1 ? 3 - column : column) * COIL.step, y: COIL.top + row * COIL.row };
}

function coilPath(): string {
  const right = place(3);
  const left = place(7);
  const r = COIL.row / 2;
  const [first, second, third, last] = [place(0), place(4), place(8), place(10)];
  return `M${first.x} ${first.y} H${right.x} A${r} ${r} 0 0 1 ${second.x} ${second.y} H${left.x} A${r} ${r} 0 0 0 ${third.x} ${third.y} H${last.x}`;
}

/** The stages as a serpentine tube, filled as far as the work has come. */
export function StageCoil({ stage, began, done = false, onOpen }: StageProps & { onOpen?: (stage: Stage) => void }) {
  const t = useTokens();
  const here = done ? STAGES.length : STAGES.indexOf(stage);
  const from = STAGES.indexOf(began);
  const path = coilPath();
  return (
    <View style={{ width: '100%', maxWidth: 480, aspectRatio: COIL.width / COIL.height }}>
      <Svg
        width="100%"
        height="100%"
        viewBox={`0 0 ${COIL.width} ${COIL.height}`}
        role="img"
        aria-label={`the job stands at ${STAGE_WORDS[stage]}`}
      >
        <Path d={path} fill="none" stroke={t.ink2} strokeWidth={9} />
        <Path d={path} fill="none" stroke={t.paper} strokeWidth={6} />
        {STAGES.map((name, i) => {
          const at = place(i);
          const before = i > from && i <= here ? place(i - 1) : null;
          return before && before.y === at.y ? (
            <Path key={name} d={`M${before.x} ${at.y} H${at.x}`} stroke={t.copper} strokeWidth={9} />
          ) : null;
        })}
        {STAGES.map((name, i) => (
          <StageDot key={name} name={STAGE_WORDS[name]} index={i} here={here} from={from} />
        ))}
      </Svg>
      {onOpen ? STAGES.map((name) => <StageTarget key={name} name={name} onPress={() => onOpen(name)} />) : null}
    </View>
  );
}

/** A stage opens its sheet, or what is noted of it. */
function StageTarget({ name, onPress }: { name: Stage; onPress: () => void }) {
  const { x, y } = place(STAGES.indexOf(name));
  const share = (value: number, whole: number): `${number}%` => `${(100 * value) / whole}%`;
  return (
    <TouchableRipple
      role="link"
      aria-label={`open ${STAGE_WORDS[name]}`}
      onPress={onPress}
      style={{
        position: 'absolute',
        left: share(x - 40, COIL.width),
        top: share(y - 24, COIL.height),
        width: share(80, COIL.width),
        height: share(68, COIL.height),
      }}
    >
      <View />
    </TouchableRipple>
  );
}

function StageDot({ name, index, here, from }: { name: string; index: number; here: number; from: number }) {
  const t = useTokens();
  const { x, y } = place(index);
  const notKept = index < from;
  const past = index < here && !notKept;
  const now = index === here;
  return (
    <G>
      <Circle
        cx={x}
        cy={y}
        r={now ? 21 : 16}
        fill={past ? t.copper : now ? t.ink : t.paper}
        stroke={past ? t.copper : notKept ? t.ink2 : t.ink}
        strokeWidth={1.8}
        {...(notKept ? { strokeDasharray: '3 4' } : {})}
      />
      {past ? (
        <Path d={`M${x - 8} ${y + 1} l6 6 l10 -13`} fill="none" stroke={t.onCopper} strokeWidth={3.2} />
      ) : (
        <SvgText
          x={x}
          y={y + (now ? 6 : 5)}
          textAnchor="middle"
          fontFamily={READINGS}
          fontWeight="700"
          fontSize={now ? 17 : 14}
          fill={now ? t.paper : notKept ? t.ink2 : t.ink}
        >
          {index + 1}
        </SvgText>
      )}
      <SvgText
        x={x}
        y={y + (now ? 39 : 35)}
        textAnchor="middle"
        fontFamily={WORDS}
        fontWeight={now ? '700' : '400'}
        fontSize={14}
        fill={now ? t.ink : t.ink2}
      >
        {name}
      </SvgText>
    </G>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 2, alignItems: 'center' },
});
