import { alongMm, axisMm } from './axis';
import { inSight, partRow } from './places';

const CUP = { cupDepthM: 0.019 };

describe('a part along a joint', () => {
  test('lies before the mouth on the tube, and behind the bottom of the cup on the fitting', () => {
    expect(axisMm('male', 0.052, CUP)).toBeCloseTo(-52, 9);
    expect(axisMm('female', 0.052, CUP)).toBeCloseTo(71, 9);
  });

  test.each(['male', 'female'] as const)('is found again from the drawing, on the %s side', (along) => {
    expect(alongMm(along, axisMm(along, 0.06, CUP), CUP)).toBeCloseTo(60, 9);
  });

  test('dragged beyond the joint stands at its edge', () => {
    expect(alongMm('male', 12, CUP)).toBe(0);
    expect(alongMm('female', 3, CUP)).toBe(0);
  });
});

test('words of parts that stand side by side are on two rows, so that they do not lie on each other', () => {
  const rows = [0, 1, 2].map((i) => partRow({ height: 300 }, i, 3).labelY);
  expect(rows[0]).toBe(rows[2]);
  expect(rows[0]).not.toBe(rows[1]);
  expect(partRow({ height: 300 }, 0, 1).labelY).toBe(294);
});

test('what lies beyond the paper is not drawn', () => {
  const frame = { width: 358 } as unknown as Parameters<typeof inSight>[0]; // cast: what is read of it
  expect([7, 8, 350, 351].map((x) => inSight(frame, x))).toEqual([false, true, true, false]);
});
