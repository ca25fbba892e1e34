import fc from 'fast-check';
import { cupForTube, CUPS } from '../fit/cups';
import { likelyTube, tubesWithOutside, tubeWithOutsideAndWall } from './findTube';
import { TUBES } from './tubes';

const IN = 0.0254;

test('every row says where it comes from and how sure it is', () => {
  for (const row of [...TUBES, ...CUPS]) {
    expect(row.source.length).toBeGreaterThan(5);
    expect(['high', 'medium', 'low']).toContain(row.confidence);
  }
});

test('rows are keyed by what a caliper reads: water tube called 1/2 in measures 5/8', () => {
  const water = TUBES.filter((row) => row.standard.startsWith('ASTM B88') && Math.abs(row.outsideM - 0.625 * IN) < 1e-6);
  expect(water.length).toBeGreaterThan(0);
});

test('each tube has a wall that leaves a bore, and tolerances smaller than what they belong to', () => {
  for (const row of TUBES) {
    expect(row.wallM * 2).toBeLessThan(row.outsideM);
    expect(row.wallMinusM).toBeGreaterThan(0);
    expect(row.wallMinusM).toBeLessThan(row.wallM * 0.2);
    expect(row.outsidePlusM).toBeLessThan(row.outsideM * 0.02);
  }
});

test('an outside diameter alone means refrigeration tube, thinnest wall first', () => {
  expect(likelyTube(0.875 * IN)?.standard).toBe('ASTM B280');
  expect(likelyTube(0.022)?.standard).toBe('EN 12735-1');
  const walls = tubesWithOutside(0.875 * IN).map((row) => row.wallM);
  expect(walls).toEqual([...walls].sort((a, b) => a - b));
});

test.each(TUBES.map((row) => [row.standard, row.name, row.outsideM] as const))(
  '%s %s by its outside alone is refrigeration tube',
  (_s, _n, outsideM) => {
    expect(['ASTM B280', 'EN 12735-1']).toContain(likelyTube(outsideM)?.standard);
  },
);

test('a size near two standards is the nearer one, unless inches were only rounded to millimetres', () => {
  const names = (mm: number) => tubesWithOutside(mm / 1000).map((row) => row.name);
  expect(new Set(names(35))).toEqual(new Set(['35']));
  expect(new Set(names(34.93))).toEqual(new Set(['1-3/8']));
  expect(new Set(names(54))).toEqual(new Set(['54', '2-1/8']));
  expect(names(34.8)).toEqual([]);
  expect(tubeWithOutsideAndWall(0.022, 0.001519)?.wallM).toBe(0.0015);
  expect(tubeWithOutsideAndWall(0.022, 0.001521)).toBeUndefined();
});

test('a tube of no table is not guessed', () => {
  expect(likelyTube(0.0201)).toBeUndefined();
  expect(tubeWithOutsideAndWall(0.875 * IN, 0.003)).toBeUndefined();
});

test('7/8 x 0.045 weighs 0.455 lb a foot', () => {
  const row = tubeWithOutsideAndWall(0.875 * IN, 0.045 * IN);
  const area = Math.PI * ((row?.outsideM ?? 0) - (row?.wallM ?? 0)) * (row?.wallM ?? 0);
  expect((area * 0.3048 * 8940) / 0.45359237).toBeCloseTo(0.455, 2);
});

test('every cup is a little wider than its tube, never by more than 0.2 mm', () => {
  for (const cup of CUPS) {
    expect(cup.boreMinM).toBeGreaterThan(cup.tubeOutsideM);
    expect(cup.boreMaxM - cup.tubeOutsideM).toBeLessThan(0.00022);
    expect(cup.depthM).toBeGreaterThan(0.005);
  }
});

test('a cup is found by the actual outside diameter, within four hundredths', () => {
  fc.assert(
    fc.property(fc.constantFrom(...CUPS), fc.double({ min: -0.000039, max: 0.000039, noNaN: true }), (cup, off) => {
      const found = cupForTube(cup.tubeOutsideM + off);
      return found !== undefined && Math.abs(found.tubeOutsideM - cup.tubeOutsideM) < 0.0001;
    }),
  );
  expect(cupForTube(0.0205)).toBeUndefined();
});
