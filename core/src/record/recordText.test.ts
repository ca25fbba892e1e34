import { JSON_DEPTH, jsonProblem } from './jsonValue';
import { duplicateKey, readRecordText } from './recordText';

const nested = (levels: number): unknown => (levels === 0 ? 'end' : { a: nested(levels - 1) });

describe('what two readers could read differently is no record', () => {
  test.each<[string, string, string, string]>([
    ['no JSON at all', '{"a":', 'record', 'record-not-json'],
    ['a key that stands twice', '{"a":{"b":1,"b":2}}', 'b', 'record-duplicate-key'],
    ['a key that stands twice behind a list', '{"a":[{"x":1},2],"b":1,"a":2}', 'a', 'record-duplicate-key'],
    ['a key with a quote in it that stands twice', '{"a\\"":1,"a\\"":2}', 'a"', 'record-duplicate-key'],
    ['a key that stands twice, once escaped', '{"hash":1,"h\\u0061sh":2}', 'hash', 'record-duplicate-key'],
    ['a number beyond all numbers', '{"list":[1,{"x":1e999}]}', 'list[1].x', 'record-number'],
    ['half a pair of characters', '{"note":"\\ud800"}', 'note', 'record-text'],
    ['a text with a NUL', '["\\u0000"]', '[0]', 'record-text'],
    ['a key with a NUL', '{"a":{"\\u0000":1}}', 'a', 'record-text'],
    ['a bare number beyond all numbers', '1e999', 'record', 'record-number'],
  ])('%s', (_what, text, field, reason) =>
    expect(readRecordText(text)).toEqual({ ok: false, errors: [{ kind: 'refused', field, reason }] }),
  );

  test('too deep, and not a level too early', () => {
    expect(jsonProblem(nested(JSON_DEPTH))).toBeNull();
    expect(jsonProblem(nested(JSON_DEPTH + 1))?.problem).toBe('too-deep');
  });
});

describe('the same key elsewhere is another key', () => {
  test.each([
    '{"a":{"b":1},"b":2}',
    '[{"a":1},{"a":2}]',
    '{"a":"a","b":["a","a"]}',
    '{"a":"\\"b\\":1","b":1}',
    '{"a":"ends with a slash \\\\","b":1}',
    '{ "a" : 1 , "b" : { } }',
  ])('%s', (text) => {
    expect(duplicateKey(text)).toBeNull();
    expect(readRecordText(text)).toEqual({ ok: true, value: JSON.parse(text) });
  });

  test('space before the colon hides nothing', () => expect(duplicateKey('{"a"  :1,"a"\n:2}')).toBe('a'));
});
