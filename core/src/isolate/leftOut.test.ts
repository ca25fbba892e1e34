import { leftOut } from './leftOut';
import type { CircuitGraph } from '../circuit/graph';

const q = (value: number, unit: string) => ({ value, unit });
const CIRCUIT: CircuitGraph = {
  parts: [
    { id: 'coil', kind: 'evaporator' },
    { id: 'shell', kind: 'accumulator', volume: q(1.2, 'L') },
    { id: 'valve', kind: 'valve' },
  ],
  links: [
    { from: 'coil', to: 'shell', tube: { od: q(22, 'mm'), wall: q(1, 'mm') } },
    { from: 'shell', to: 'valve', tube: { od: q(22, 'mm'), wall: q(1, 'mm'), length: q(3, 'm') } },
  ],
};

test('a coil without a volume and a tube without a length are told, with what they usually hold', () => {
  const found = leftOut(CIRCUIT, ['coil', 'shell', 'valve']);
  expect(found).toMatchObject({ parts: ['coil'], tubes: 1 });
  // 1.5 L of a usual coil, and 1 m of 20 mm bore: 0.314 L.
  expect(found.usualM3 * 1000).toBeCloseTo(1.814, 3);
});

test('what lies in another section is none of this one', () => {
  expect(leftOut(CIRCUIT, ['shell', 'valve'])).toEqual({ parts: [], tubes: 0, assumedTubes: 0, usualM3: 0 });
});

test('a tube at a length that nobody measured is counted, and said', () => {
  const links = CIRCUIT.links.map((link, i) =>
    link.tube && i === 1 ? { ...link, tube: { ...link.tube, lengthAssumed: true as const } } : link,
  );
  expect(leftOut({ ...CIRCUIT, links }, ['shell', 'valve'])).toMatchObject({ tubes: 0, assumedTubes: 1, usualM3: 0 });
});
