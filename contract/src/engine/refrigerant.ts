import type { Readings, ReadingsRequest, SaturationAnswer } from '@kesto/core/refrigerant';
import { pointerText } from '../wording/en/pointers';
import { cautionsAnswer } from './plan';

/** The answer of `kesto saturation`. */
export function saturationAnswer(answer: SaturationAnswer) {
  const { glideK, liquidKgPerL, vapourKgPerM3 } = answer;
  const both = { glideK, liquidKgPerL, vapourKgPerM3 };
  if ('bubblePa' in answer) return { bubbleKpa: answer.bubblePa / 1000, dewKpa: answer.dewPa / 1000, ...both };
  return { bubbleC: answer.bubbleC, dewC: answer.dewC, ...both };
}

/** The answer of `kesto readings`. */
export function readingsAnswer(
  { pointers, cautions, targetSuperheatK, ...rest }: Readings,
  { metering }: Pick<ReadingsRequest, 'metering'>,
) {
  return {
    ...rest,
    ...(targetSuperheatK === null ? {} : { targetSuperheatK }),
    pointers: pointers.map((code) => ({ code, text: pointerText(code, metering) })),
    cautions: cautionsAnswer(cautions),
  };
}
