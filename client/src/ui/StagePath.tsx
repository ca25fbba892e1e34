import { JOB_STAGES, type JobStage } from '@kesto/contract/api';
import { View } from 'react-native';
import Svg, { Circle, G, Path, Text as SvgText } from 'react-native-svg';
import { useTokens } from './theme';
import { READINGS, WORDS } from './tokens';

/** The eleven stages as a row of small boxes: done filled, here raised, to come open. */
export function StageRow({ stage, done = false }: { stage: JobStage; done?: boolean }) {
  const t = useTokens();
  const here = JOB_STAGES.indexOf(stage);
  return (
    <View
      aria-label={`stage ${here + 1} of ${JOB_STAGES.length}, ${stage}`}
      role="img"
      style={{ flexDirection: 'row', gap: 2, alignItems: 'center' }}
    >
      {JOB_STAGES.map((name, i) => {
        const isHere = i === here && !done;
        const past = done || i < here;
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
export function StageCoil({ stage, done = false }: { stage: JobStage; done?: boolean }) {
  const t = useTokens();
  const here = done ? JOB_STAGES.length : JOB_STAGES.indexOf(stage);
  const path = coilPath();
  return (
    <Svg
      width="100%"
      viewBox={`0 0 ${COIL.width} ${COIL.height}`}
      style={{ aspectRatio: COIL.width / COIL.height, maxWidth: 480 }}
      role="img"
      aria-label={`the job stands at ${stage}`}
    >
      <Path d={path} fill="none" stroke={t.ink2} strokeWidth={9} />
      <Path d={path} fill="none" stroke={t.paper} strokeWidth={6} />
      {JOB_STAGES.map((name, i) => {
        const at = place(i);
        const before = i > 0 && i <= here ? place(i - 1) : null;
        return before && before.y === at.y ? (
          <Path key={name} d={`M${before.x} ${at.y} H${at.x}`} stroke={t.copper} strokeWidth={9} />
        ) : null;
      })}
      {JOB_STAGES.map((name, i) => (
        <StageDot key={name} name={name} index={i} here={here} />
      ))}
    </Svg>
  );
}

function StageDot({ name, index, here }: { name: string; index: number; here: number }) {
  const t = useTokens();
  const { x, y } = place(index);
  const past = index < here;
  const now = index === here;
  return (
    <G>
      <Circle
        cx={x}
        cy={y}
        r={now ? 21 : 16}
        fill={past ? t.copper : now ? t.ink : t.paper}
        stroke={past ? t.copper : t.ink}
        strokeWidth={1.8}
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
          fill={now ? t.paper : t.ink}
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
