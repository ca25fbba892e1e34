import { RUN_STEP_WORDS } from '@kesto/contract/wording';
import { RUN_STEPS, type RunStep } from '@kesto/core';
import Svg, { Circle, Line, Path, Text } from 'react-native-svg';
import { useTokens } from '@/ui/theme';
import { READINGS, WORDS } from '@/ui/tokens';
import { WORDS as SAID } from './words';

const SHEET = { width: 358, height: 64, left: 26, y: 24 } as const;
const APART = (SHEET.width - 2 * SHEET.left) / (RUN_STEPS.length - 1);
const placeOf = (i: number) => SHEET.left + i * APART;

/** The steps of one joint as a tube that fills as far as the work has come. */
export function RunTube({ step }: { step: RunStep }) {
  const t = useTokens();
  const here = RUN_STEPS.indexOf(step);
  const line = { y1: SHEET.y, y2: SHEET.y } as const;
  return (
    <Svg
      width="100%"
      height={SHEET.height}
      viewBox={`0 0 ${SHEET.width} ${SHEET.height}`}
      role="img"
      aria-label={SAID.stepOf(here + 1, RUN_STEPS.length, RUN_STEP_WORDS[step])}
    >
      <Line {...line} x1={placeOf(0)} x2={placeOf(RUN_STEPS.length - 1)} stroke={t.ink2} strokeWidth={8} />
      <Line {...line} x1={placeOf(0)} x2={placeOf(RUN_STEPS.length - 1)} stroke={t.paper} strokeWidth={5} />
      <Line {...line} x1={placeOf(0)} x2={placeOf(here)} stroke={t.copper} strokeWidth={8} />
      {RUN_STEPS.map((name, i) => (
        <Step key={name} name={RUN_STEP_WORDS[name]} i={i} here={here} />
      ))}
    </Svg>
  );
}

function Step({ name, i, here }: { name: string; i: number; here: number }) {
  const t = useTokens();
  const x = placeOf(i);
  const isDone = i < here;
  const isHere = i === here;
  return (
    <>
      <Circle
        cx={x}
        cy={SHEET.y}
        r={isHere ? 18 : 12}
        fill={isDone ? t.copper : isHere ? t.ink : t.paper}
        stroke={isDone ? t.copper : t.ink}
        strokeWidth={1.6}
      />
      {isDone ? (
        <Path d={`M${x - 6} ${SHEET.y + 1} l4 4 l8 -9`} fill="none" stroke={t.onCopper} strokeWidth={2.6} />
      ) : (
        <Text
          x={x}
          y={SHEET.y + 5}
          textAnchor="middle"
          fontFamily={READINGS}
          fontWeight="700"
          fontSize={isHere ? 17 : 13}
          fill={isHere ? t.paper : t.ink2}
        >
          {i + 1}
        </Text>
      )}
      <Text
        x={x}
        y={SHEET.height - 4}
        textAnchor="middle"
        fontFamily={WORDS}
        fontWeight={isHere ? '700' : '400'}
        fontSize={14}
        fill={isHere ? t.ink : t.ink2}
      >
        {name}
      </Text>
    </>
  );
}
