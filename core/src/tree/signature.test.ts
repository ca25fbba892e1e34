import { readLabel, writeLabel } from './label';
import { isLabelSignedBy, labelText } from './labelSignature';
import { isSignedBy } from './signature';
import { edKey } from '../testing/sealed';

test('a key, a signature or an alphabet that is none is never good', () => {
  const { key, sign: signed } = edKey(1);
  for (const value of ['', 'ab', signed('x').toUpperCase(), '0'.repeat(128)])
    expect(isSignedBy({ alg: 'Ed25519', key }, 'x', value)).toBe(false);
  expect(isSignedBy({ alg: 'P-256', key }, 'x', signed('x'))).toBe(false);
  expect(isSignedBy({ alg: 'Ed25519', key: 'zz' }, 'x', signed('x'))).toBe(false);
});

test('a label is read back with its address or without, and nothing else is one', () => {
  const { key, sign: signed } = edKey(3);
  const said = { tag: 'CR2-07', sequence: 9, head: 'ab'.repeat(32), key: key.slice(0, 16) };
  const label = { ...said, signature: signed(labelText(said)) };
  for (const text of [writeLabel(label), `https://kesto.example/joints/x#${writeLabel(label)}`]) expect(readLabel(text)).toEqual(label);
  expect(readLabel(writeLabel({ ...label, signature: null }))).toEqual({ ...label, signature: null });
  expect(isLabelSignedBy(label, key)).toBe(true);
  expect(isLabelSignedBy({ ...label, sequence: 8 }, key)).toBe(false);
  for (const text of ['', 'https://kesto.example/', '1~CR2-07~0~aa', `${writeLabel(label)}~more`]) expect(readLabel(text)).toBeNull();
});
