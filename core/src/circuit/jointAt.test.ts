import { jointAt } from './jointAt';
import { changePart } from './edit';
import { TEMPLATE_CIRCUITS } from './templates';

const PUMP = TEMPLATE_CIRCUITS['heat-pump'];
const at = (part: string, from: string, to: string) => jointAt(PUMP, { part, from, to });

test.each([
  ['hot gas between compressor and reversing valve', 'compressor', 'reversing', 'discharge'],
  ['hot gas between reversing valve and the outdoor coil', 'reversing', 'outdoor-coil', 'discharge'],
  ['liquid behind the outdoor coil', 'outdoor-coil', 'drier', 'liquid'],
  ['liquid through the wall', 'liquid-valve', 'expansion', 'liquid'],
  ['what the expansion valve lets through', 'expansion', 'indoor-coil', 'low'],
  ['cold gas through the wall', 'indoor-coil', 'gas-valve', 'suction'],
  ['cold gas behind the reversing valve', 'reversing', 'accumulator', 'suction'],
])('%s', (_what, from, to, side) => {
  expect(at(to, from, to)?.side).toBe(side);
});

test('size, purge path and the way out come from the drawing', () => {
  const joint = at('liquid-valve', 'liquid-valve', 'expansion');
  // ASTM B280 3/8 in, straight lengths: 0.375 in outside, 0.030 in wall, so 0.315 in (8.001 mm) of bore.
  expect(joint).toMatchObject({
    kind: 'valve',
    tube: { od: { value: 0.375, unit: 'in' } },
    sections: [{ bore: { value: 8.001, unit: 'mm' }, length: { value: 15, unit: 'm' } }],
    outlet: 'port-core-in',
  });
});

test('a port whose core is out lets the gas leave freely; the ports of the other side do not count', () => {
  const open = changePart(PUMP, 'liquid-port', (part) => ({ ...part, core: 'out' }));
  const place = (from: string, to: string) => jointAt(open, { part: to, from, to })?.outlet;
  expect(place('liquid-valve', 'expansion')).toBe('port-core-out');
  expect(place('indoor-coil', 'gas-valve')).toBe('port-core-in');
});

test('a part close along the tube is near; one behind the wall is not', () => {
  const links = PUMP.links.map((link) =>
    link.from === 'drier' ? { ...link, tube: { od: { value: 3 / 8, unit: 'in' }, length: { value: 200, unit: 'mm' } } } : link,
  );
  const near = (part: string, from: string, to: string) => jointAt({ ...PUMP, links }, { part, from, to })?.near;
  expect(near('liquid-valve', 'drier', 'liquid-valve')).toEqual([{ kind: 'drier', distance: { value: 200, unit: 'mm' } }]);
  expect(near('expansion', 'liquid-valve', 'expansion')).toEqual([]);
});

test('a place that was drawn away is none', () => {
  expect(at('drier', 'drier', 'nobody')).toBeNull();
  expect(at('compressor', 'drier', 'liquid-valve')).toBeNull();
});
