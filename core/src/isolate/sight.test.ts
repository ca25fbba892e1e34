import type { CircuitGraph } from '../circuit/graph';
import { q } from '../testing/plans';
import { holdSight } from './sight';
import { cutsIn, gaugeEndsBelow, usualHold } from './usualHold';

const graph: CircuitGraph = {
  parts: [
    { id: 'comp', kind: 'compressor' },
    { id: 'cond', kind: 'condenser', volume: q(3, 'L') },
    { id: 'king', kind: 'valve', closes: true },
    { id: 'drier', kind: 'drier', volume: q(0.5, 'L') },
    { id: 'sol', kind: 'solenoid' },
    { id: 'exp', kind: 'expansion-valve' },
    { id: 'evap', kind: 'evaporator', volume: q(1, 'L') },
  ],
  links: [
    { from: 'comp', to: 'cond' },
    { from: 'cond', to: 'king' },
    { from: 'king', to: 'drier' },
    { from: 'drier', to: 'sol' },
    { from: 'sol', to: 'exp' },
    { from: 'exp', to: 'evap' },
    { from: 'evap', to: 'comp' },
  ],
};

describe('how a section is held until somebody says otherwise', () => {
  test('at the low side’s limit, half an hour, by a digital gauge and a clamp', () => {
    expect(usualHold(2_800_000, [])).toEqual({
      testPressure: { value: 28, unit: 'barg' },
      minutes: 30,
      gauge: { resolution: { value: 1, unit: 'kPa' } },
      temperatureUncertaintyK: 0.3,
    });
  });

  test('by the van’s first gauge and thermometer where it has them', () => {
    const found = usualHold(2_800_000, [
      { id: 'a', kind: 'thermometer', name: 'clamp', offK: 0.8 },
      { id: 'b', kind: 'gauge', name: 'old', resolution: q(5, 'psi') },
      { id: 'c', kind: 'gauge', name: 'new', resolution: q(0.1, 'psi') },
    ]);
    expect(found).toMatchObject({ gauge: { resolution: { value: 5, unit: 'psi' } }, temperatureUncertaintyK: 0.8 });
  });

  test('cut at hand valves alone, and at none that was seen to let by: a solenoid or an expansion valve parts nothing', () => {
    expect(cutsIn(graph)).toEqual(['king']);
    const leaks = { ...graph, parts: graph.parts.map((part) => (part.id === 'king' ? { ...part, closes: false } : part)) };
    expect(cutsIn(leaks)).toEqual([]);
  });
});

describe('what a hold of each section sees', () => {
  const hold = usualHold(2_800_000, []);
  const sight = (refrigerant = 'R-449A', cuts: readonly string[] = ['king', 'exp']) => {
    const found = holdSight(graph, cuts, hold, refrigerant);
    if (!found.ok) throw new Error(JSON.stringify(found.errors));
    return found.value;
  };

  test('a smaller section sees a smaller leak, in proportion to its volume', () => {
    const { whole, sections } = sight();
    const drier = sections.find((section) => section.parts.includes('drier') && !section.parts.includes('cond'));
    expect(whole.volumeM3 * 1000).toBeCloseTo(4.5, 9);
    expect((drier?.volumeM3 ?? 0) * 1000).toBeCloseTo(0.5, 9);
    expect((whole.seenGramsPerYear ?? 0) / (drier?.seenGramsPerYear ?? 1)).toBeCloseTo(9, 6);
    expect(sections.reduce((sum, section) => sum + section.volumeM3, 0)).toBeCloseTo(whole.volumeM3, 12);
  });

  test('in grams of a refrigerant nobody knows nothing is told, nor of a section without a volume', () => {
    expect(sight('R-999').whole).toMatchObject({ seenGramsPerYear: null });
    const bare = holdSight({ ...graph, parts: graph.parts.map(({ id, kind }) => ({ id, kind })) }, [], hold, 'R-449A');
    expect(bare).toMatchObject({ ok: true, value: { whole: { volumeM3: 0, seenGramsPerYear: null } } });
  });

  test('a pressure that could be gauge or absolute is refused at its field', () => {
    expect(holdSight(graph, [], { ...hold, testPressure: q(2800, 'kPa') }, 'R-449A')).toMatchObject({
      ok: false,
      errors: expect.arrayContaining([expect.objectContaining({ field: 'hold.testPressure' })]),
    });
  });
});

test('a gauge whose dial ends below the test pressure is told; one that reaches, or of which nobody said it, is not', () => {
  const gauge = (range?: number) => [
    { id: 'g', kind: 'gauge', name: 'manifold', ...(range === undefined ? {} : { range: { value: range, unit: 'bar' } }) } as const,
  ];
  expect(gaugeEndsBelow(2_800_000, gauge(25))).toBe(2_500_000);
  expect(gaugeEndsBelow(2_800_000, gauge(60))).toBeNull();
  expect(gaugeEndsBelow(2_800_000, gauge())).toBeNull();
});
