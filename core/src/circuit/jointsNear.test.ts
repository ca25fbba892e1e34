import { jointsNear } from './jointsNear';
import { TEMPLATE_CIRCUITS } from './templates';

const PUMP = TEMPLATE_CIRCUITS['heat-pump'];
const at = (part: string, from: string, to: string) => ({ part, from, to });
const STUBS = [
  { at: at('reversing', 'compressor', 'reversing'), filler: 'BCuP-5' },
  { at: at('reversing', 'gas-valve', 'reversing'), filler: 'BAg-7' },
  { at: at('drier', 'outdoor-coil', 'drier'), filler: 'BAg-24' },
  { at: null, filler: 'BCuP-2' },
];

test('the third stub of a four-stub valve knows the two that are made, by what they are made with', () => {
  expect(jointsNear(PUMP, at('reversing', 'reversing', 'outdoor-coil'), STUBS)).toEqual([
    { kind: 'brazed-joint', distance: { value: 35, unit: 'mm' }, filler: 'BCuP-5' },
    { kind: 'brazed-joint', distance: { value: 35, unit: 'mm' }, filler: 'BAg-7' },
  ]);
});

test('the joint at the other end of a short tube is near, of a long or unmeasured one not', () => {
  const place = at('liquid-valve', 'drier', 'liquid-valve');
  const made = [{ at: at('drier', 'drier', 'liquid-valve'), filler: 'BAg-24' }];
  const near = (length?: number) => {
    const links = PUMP.links.map((link) =>
      link.from === 'drier' && length !== undefined
        ? { ...link, tube: { od: { value: 3 / 8, unit: 'in' }, length: { value: length, unit: 'mm' } } }
        : link,
    );
    return jointsNear({ ...PUMP, links }, place, made).map(({ distance }) => distance.value);
  };
  expect(near(300)).toEqual([300]);
  expect(near(1500)).toEqual([]);
  expect(near()).toEqual([]);
});

test('the same joint, made again, is not near itself', () => {
  expect(jointsNear(PUMP, at('drier', 'outdoor-coil', 'drier'), STUBS)).toEqual([]);
});

test('a joint of another part on another tube is not near, nor is a capillary’s other end: it has no stubs', () => {
  expect(jointsNear(PUMP, at('drier', 'drier', 'liquid-valve'), [{ at: at('expansion', 'liquid-valve', 'expansion') }])).toEqual([]);
  expect(jointsNear(PUMP, at('outdoor-coil', 'outdoor-coil', 'drier'), [{ at: at('outdoor-coil', 'reversing', 'outdoor-coil') }])).toEqual(
    [],
  );
});

test('what an earlier joint is made with may be unknown', () => {
  expect(jointsNear(PUMP, at('drier', 'drier', 'liquid-valve'), [{ at: at('drier', 'outdoor-coil', 'drier') }])).toEqual([
    { kind: 'brazed-joint', distance: { value: 150, unit: 'mm' } },
  ]);
});

test('the length that counts is the joint’s own tube’s, up to a metre', () => {
  const lengths: Readonly<Record<string, number>> = { 'outdoor-coil': 200, drier: 1000, 'liquid-valve': 400 };
  const links = PUMP.links.map((link) => {
    const value = lengths[link.from];
    return value === undefined ? link : { ...link, tube: { od: { value: 3 / 8, unit: 'in' }, length: { value, unit: 'mm' } } };
  });
  const near = jointsNear({ ...PUMP, links }, at('liquid-valve', 'drier', 'liquid-valve'), [{ at: at('drier', 'drier', 'liquid-valve') }]);
  expect(near).toEqual([{ kind: 'brazed-joint', distance: { value: 1000, unit: 'mm' } }]);
});
