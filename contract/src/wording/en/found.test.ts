import { INCH_PREFERENCES, METRIC_PREFERENCES } from '@kesto/core';
import { foundSentence, lostSentence, type FoundPlace } from './found';

const PLACE: FoundPlace = { name: 'liquid port', method: 'soap', signs: [], gramsPerYear: 100 };
const found = (rest: Partial<FoundPlace>) => foundSentence({ ...PLACE, ...rest }, METRIC_PREFERENCES);

test('a find in a sentence without the trade’s words: where, how it was seen, why, and how much', () => {
  expect(found({})).toBe('Liquid port: refrigerant gets out, seen as bubbles in soap. About 0.10 kg a year gets out here.');
  expect(found({ method: 'sniffer', gramsPerYear: null })).toBe('Liquid port: refrigerant gets out, found with a gas detector.');
  expect(found({ signs: ['rubbed', 'oil'], gramsPerYear: null })).toBe(
    'Liquid port: refrigerant gets out, seen as bubbles in soap; it is rubbed thin, oil lies there.',
  );
});

test('what was lost, in the reader’s own units; nothing where nobody knows', () => {
  const loss = { lostKg: 0.41, days: 61, gramsPerYear: 2453, explainedGramsPerYear: 100, unsized: 0 };
  expect(lostSentence(loss, METRIC_PREFERENCES)).toBe('It lost 0.41 kg of refrigerant in 61 days: at that pace 2.45 kg a year.');
  expect(lostSentence(loss, INCH_PREFERENCES)).toMatch(/^It lost 0 lb 14\.5 oz/);
  expect(lostSentence(null, METRIC_PREFERENCES)).toBeNull();
});
