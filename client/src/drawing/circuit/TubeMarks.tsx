import type { Point } from '@kesto/core';
import { useContext } from 'react';
import { G, Path } from 'react-native-svg';
import { useTokens } from '@/ui/theme';
import { Lettering, LetterScale } from './Lettering';
import { longestRun } from './longestRun';

/** Shorter runs have no room for an arrow between two signs. */
const LEAST_RUN = 56;
const SIZE = 15;
const BESIDE = 16;
/** Clear of the tube's edge, to the foot of the letters. */
const ABOVE = 9;

/** Which way it flows, and how large and long the tube is: above what lies, line under line beside what stands. */
export function TubeMarks({ points, text }: { points: readonly Point[]; text: string }) {
  const t = useTokens();
  const scale = useContext(LetterScale);
  const run = longestRun(points);
  if (!run) return null;
  const stands = Math.abs(Math.abs(run.angle) - 90) < 1;
  const { x, y } = run.mid;
  const lines = stands ? text.split(', ') : [text];
  return (
    <>
      {run.length < LEAST_RUN ? null : (
        <G x={x} y={y} rotation={run.angle}>
          <Path d="M-4 -9 L6 0 L-4 9" fill="none" stroke={t.ink} strokeWidth={2.5} />
        </G>
      )}
      {text === ''
        ? null
        : lines.map((line, i) => (
            <Lettering
              key={line}
              x={stands ? x + BESIDE : x}
              y={stands ? y + (i - 0.5) * SIZE * 1.2 * scale : y - ABOVE - SIZE * scale}
              anchor={stands ? 'start' : 'middle'}
              text={line}
              size={SIZE}
              reading
            />
          ))}
    </>
  );
}
