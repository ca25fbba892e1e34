import { isPriceCheck, type JoiningMethod, type JoiningWhy, type PriceCheck } from '@kesto/core';

export const JOINING_METHOD_WORDS: Readonly<Record<JoiningMethod, string>> = {
  bend: 'bend the tube',
  bench: 'braze on the bench',
  braze: 'braze in place',
  press: 'press',
  flare: 'flare',
  'change-part': 'change the whole part',
};

const JOINING_WHYS: Readonly<Record<JoiningWhy, string>> = {
  'fewest-joints': 'no joint at all, where the tube can be bent',
  'flame-off-the-unit': 'the flame stays away from what is sensitive',
  usual: 'usual here',
  'no-flame': 'no flame allowed here',
  flammable: 'the refrigerant burns',
  'burns-near': 'something near can burn, or sprinklers and detectors are near',
  'above-press-range': 'larger than press fittings go',
  'above-flare-range': 'over 3/4 in: no flare',
  vibration: 'it shakes: braze it',
  'rating-asked': 'only where its own rating covers carbon dioxide’s design pressure',
  'burns-easily': 'no flare where the refrigerant burns easily; none indoors',
  'fewer-joints-on-old-tube': 'fewer joints on old tube',
};
export const joiningWhyText = (why: readonly JoiningWhy[]): string => why.map((code) => JOINING_WHYS[code]).join('; ');

/** What is looked at before a price is named. */
export const PRICE_CHECK_WORDS: Readonly<Record<PriceCheck, string>> = {
  access: 'access on both sides of the joint',
  sprinklers: 'sprinklers and detectors near, and who may put them out of service',
  'lead-time': 'parts, and when they can be here',
  'valves-close': 'whether the valves really close',
  'old-filler': 'what filler the old joints hold',
  'length-left': 'straight tube left: to cut now, and once more at the next repair',
  'steel-stubs': 'stubs of copper-plated steel',
  drier: 'the drier’s size and direction',
  acid: 'acid in the oil',
  charge: 'what is charged into it',
};
/** By its own words, or by what a person called it. */
export const priceCheckText = (check: string): string => (isPriceCheck(check) ? PRICE_CHECK_WORDS[check] : check);
