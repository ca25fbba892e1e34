import { INCH_PREFERENCES, METRIC_PREFERENCES } from '@kesto/core';
import { changedIn, correctableOf, specsOf, textsOf } from './correctable';

const keysOf = (kind: Parameters<typeof correctableOf>[0], values: object = {}) =>
  correctableOf(kind, values as never).map(({ key }) => key); // cast: an entry's own values
const NOBODY_TYPED = () => false;

describe('what of an entry can be said anew', () => {
  test('is what was told of it: figures, words, one of a few, yes or no', () => {
    expect(keysOf('loss')).toEqual(expect.arrayContaining(['lostKg', 'days']));
    expect(correctableOf('checked-place', { place: 'a', method: 'soap', result: 'leak' })).toEqual(
      expect.arrayContaining([
        expect.objectContaining({ key: 'method', as: 'word' }),
        expect.objectContaining({ key: 'result', as: 'word' }),
      ]),
    );
    expect(correctableOf('locked-off', { keyHolder: 'Ilta', dead: true })).toEqual(
      expect.arrayContaining([expect.objectContaining({ key: 'dead', as: 'truth' })]),
    );
  });

  test('never the result of a look, nor which point of a list it was', () => {
    expect(keysOf('looked-at')).not.toContain('result');
    expect(keysOf('hot-work')).not.toContain('point');
  });

  test.each(['isolation', 'hold-ended', 'rise', 'charge-began', 'heat-check', 'signed-off'] as const)(
    '%s is struck out and noted anew instead',
    (kind) => expect(keysOf(kind)).toEqual([]),
  );
});

describe('the form', () => {
  const LOSS = { lostKg: 0.41, days: 61 };
  const fields = correctableOf('loss', LOSS);

  test('begins with what stands, in the person’s own unit', () => {
    expect(textsOf(fields, LOSS, METRIC_PREFERENCES)).toMatchObject({ lostKg: '0.41 kg', days: '61' });
    expect(textsOf(fields, LOSS, INCH_PREFERENCES)['lostKg']).toMatch(/lb|oz/);
    expect(Object.keys(specsOf(fields))).toEqual(expect.arrayContaining(['lostKg', 'days']));
  });

  test('says only what was typed anew; a mass goes back as kilograms', () => {
    const read = { lostKg: { value: 500, unit: 'g' }, days: { value: 90, unit: '' } };
    expect(changedIn(fields, read, NOBODY_TYPED)).toEqual({});
    expect(changedIn(fields, read, (key) => key === 'days')).toEqual({ days: 90 });
    expect(changedIn(fields, read, () => true)).toMatchObject({ lostKg: 0.5, days: 90 });
  });

  test('a pressure stays as it was typed, with its unit', () => {
    const values = { what: 'liquid valve', capped: true, reads: { value: 9, unit: 'barg' }, steady: true };
    const own = correctableOf('held-back', values);
    expect(textsOf(own, values, METRIC_PREFERENCES)['reads']).toBe('9 barg');
    const read = { reads: { value: 130, unit: 'psig' } };
    expect(changedIn(own, read, (key) => key === 'reads')).toEqual(read);
  });
});
