import { PULL_VERDICT_WORDS, riseText } from '@kesto/contract/wording';
import { RISE } from '@kesto/core/pull';
import type { Tone } from '@/ui/Words';
import { WORDS } from '../words';
import type { PullWatchWork } from './usePullWatch';

export interface Glance {
  readonly title: string;
  readonly says: string;
  readonly tone: Tone;
}

const TONES: Readonly<Record<keyof typeof PULL_VERDICT_WORDS, Tone>> = {
  'tight-and-dry': 'teal',
  leak: 'red',
  wet: 'red',
  'cannot-tell': 'ink',
};

const capital = (text: string) => `${text.slice(0, 1).toUpperCase()}${text.slice(1)}`;
/** What stands behind the verdict's own word. */
const reasonOf = (text: string) => capital(text.replace(/^[^:.]*[:.] /, ''));

/** What the pull shows so far, and what that rests on. */
export function glanceOf({ state, judged, readings, isHeld }: PullWatchWork): Glance {
  if (state === 'pumping' || !judged) return { title: WORDS.pumping, says: '', tone: 'ink' };
  const soFar = state === 'watching' ? `, ${WORDS.soFar}` : '';
  const tightness = judged.verdict !== 'tight-and-dry' ? '' : ` ${isHeld ? WORDS.tightness : WORDS.noTightness}`;
  const counts = state === 'watching' && readings.length < RISE.leastReadings ? ` ${WORDS.needs(readings.length)}.` : '';
  return {
    title: `${capital(PULL_VERDICT_WORDS[judged.verdict])}${soFar}`,
    says: `${reasonOf(riseText(judged))}${tightness}${counts}`,
    tone: TONES[judged.verdict],
  };
}
