import { q } from '../testing/plans';
import { planPurge } from './planPurge';
import type { PurgeRequest } from './request';
import { trickleBand } from './trickle';

/** One litre and nothing else: figures that can be worked out on paper. */
const litre: PurgeRequest = { sections: [{ volume: q(1, 'L') }], outlet: { kind: 'open-tube' } };
const bore = (mm: number, m = 1) => ({ bore: q(mm, 'mm'), length: q(m, 'm') });

const purge = (rest: Partial<PurgeRequest> = {}) => {
  const result = planPurge({ ...litre, ...rest });
  if (!result.ok) throw new Error(JSON.stringify(result.errors));
  return result.value;
};
const errors = (rest: Partial<PurgeRequest>) => {
  const result = planPurge({ ...litre, ...rest }, undefined, 'purge.');
  return result.ok ? [] : result.errors;
};
const cautionOf = (code: string, rest: Partial<PurgeRequest>) => purge(rest).cautions.find((c) => c.code === code);

describe('a figure out of range is refused under its own name, as the plan names it', () => {
  const cylinder = { waterVolume: q(10, 'L'), pressure: q(100, 'barg') };
  test.each<[string, Partial<PurgeRequest>]>([
    ['sections[1].bore', { sections: [{ volume: q(1, 'L') }, bore(0.1)] }],
    ['sections[0].length', { sections: [bore(10, 3000)] }],
    ['sections[0].volume', { sections: [{ volume: q(20, 'm3') }] }],
    ['cylinder.waterVolume', { cylinder: { ...cylinder, waterVolume: q(2, 'm3') } }],
    ['cylinder.pressure', { cylinder: { ...cylinder, pressure: q(400, 'barg') } }],
    ['room.volume', { room: { volume: q(0.01, 'm3') } }],
    ['ventilation', { ventilation: q(-1, 'm3/h') }],
    ['testPressure', { testPressure: q(300, 'barg') }],
    ['flood', { flood: q(9000, 'L/min') }],
  ])('%s', (field, rest) => expect(errors(rest).map((e) => e.field)).toEqual([`purge.${field}`]));

  test.each<[string, string, Partial<PurgeRequest>]>([
    ['minutes', 'min', { minutes: -1 }],
    ['ventMinutes', 'min', { ventMinutes: 0 }],
    ['breaks', 'breaks', { breaks: 21 }],
    ['targetO2Percent', '%', { targetO2Percent: 0 }],
  ])('%s, in %s', (field, unit, rest) => expect(errors(rest)).toMatchObject([{ field: `purge.${field}`, unit }]));

  test('and why: nothing open, no such outlet, nothing to fill', () => {
    expect(errors({ outlet: { kind: 'none' } })).toEqual([{ kind: 'refused', field: 'purge.outlet.kind', reason: 'no-outlet' }]);
    expect(errors({ outlet: { kind: 'window' as never } })).toMatchObject([{ kind: 'unknown-word', word: 'window' }]);
    expect(errors({ sections: [] })).toEqual([{ kind: 'missing', field: 'purge.sections', needed: 'purge-section' }]);
  });
});

describe('the flood', () => {
  test('is 15 L/min, but no more than 100 m/s in the narrowest bore: 4.71 L/min in 1 mm', () => {
    expect(purge().floodFlowM3PerS * 60_000).toBeCloseTo(15, 6);
    expect(purge({ sections: [bore(20), bore(1)] }).floodFlowM3PerS * 60_000).toBeCloseTo(4.712, 3);
  });

  test('faster than 18.85 L/min through 2 mm is refused with that figure, just under it is not', () => {
    const sections = [bore(2), bore(20)];
    expect(errors({ sections, flood: q(18.9, 'L/min') })).toMatchObject([{ reason: 'flood-too-fast', value: '18.8' }]);
    expect(errors({ sections, flood: q(18.8, 'L/min') })).toEqual([]);
  });

  test('under the widest bore’s own trickle, 5 scfh in 20 mm, is refused with that figure in L/min', () => {
    const sections = [bore(20), bore(5)];
    expect(errors({ sections, flood: q(2.3, 'L/min') })).toMatchObject([{ reason: 'flood-under-trickle', value: '2.4' }]);
    expect(errors({ sections, flood: q(2.4, 'L/min') })).toEqual([]);
  });
});

describe('the trickle', () => {
  test('follows the widest bore; its band in 19.94 mm is 5 to 10 scfh', () => {
    expect(purge({ sections: [bore(5), bore(19.94)] }).widestBoreM).toBeCloseTo(0.01994, 9);
    const { lowM3PerS, highM3PerS } = trickleBand(0.01994);
    expect(lowM3PerS * 60_000).toBeCloseTo(2.36, 2);
    expect(highM3PerS * 60_000).toBeCloseTo(4.72, 2);
  });

  test('through a capillary is what it carries at 250 Pa, and nothing is said of the outlet', () => {
    const found = purge({ sections: [bore(20), bore(1)] });
    // pi d^4 dP / (128 mu L) = pi x 1e-12 x 250 / (128 x 17.6e-6) = 0.349e-6 m3/s: 0.0209 L/min.
    expect((found.trickleM3PerS ?? 0) * 60_000).toBeCloseTo(0.0209, 4);
    expect(found.cautions.map((c) => c.code).filter((code) => code.startsWith('joint-pressure'))).toEqual([]);
    // The narrow pieces of a path together carry less than each alone.
    expect((purge({ sections: [bore(1), bore(1)] }).trickleM3PerS ?? 0) * 60_000).toBeCloseTo(0.0209 / 2, 4);
  });

  test('from 2-1/8 in on dams are offered, with what they would save: 10 m of 51 mm less one metre, 5.34 times', () => {
    // (pi / 4 x 0.051^2 m2) x 9 m x ln(209) = 98 L.
    expect(cautionOf('dams', { sections: [bore(51, 10)] })?.values?.savesL).toBeCloseTo(98.2, 0);
    expect(cautionOf('dams', { sections: [bore(49, 10)] })).toBeUndefined();
  });

  // 2 scfh is 15.73e-6 m3/s: 128 mu L Q / (pi d^4) with mu 17.6e-6 Pa s.
  test.each([[2.5, 289, 'joint-pressure-above-aim']])(
    'through a metre of %d mm stands at %d Pa, which is said as %s alone',
    (mm, pa, code) => {
      const rest = { sections: [bore(mm)] };
      const found = purge(rest).cautions.filter((c) => c.code.startsWith('joint-pressure'));
      expect(found.map((c) => c.code)).toEqual([code]);
      expect(found[0]?.values?.pressurePa).toBeCloseTo(pa, -1);
      expect(purge(rest).jointPressurePa).toBeCloseTo(pa, -1);
    },
  );

  test('a bore under 3 mm is a capillary that throttles, 3 mm is none', () => {
    expect(cautionOf('throttled', { sections: [bore(20), bore(2)] })?.values).toEqual({ boreM: 0.002 });
    expect(cautionOf('throttled', { sections: [bore(3, 0.1)] })).toBeUndefined();
  });
});

describe('the cylinder', () => {
  // 5 L to 0.1 %: 26.7 L flood, and (38 + 1.013) / 1.013 fills of 5 L: 192.5 L, of the 506 L that 10 L at 50 bar hold.
  const rest: Partial<PurgeRequest> = {
    sections: [{ volume: q(5, 'L') }],
    testPressure: q(38, 'barg'),
    cylinder: { waterVolume: q(10, 'L'), pressure: q(50, 'barg') },
  };

  test('says where it ends and what the regulator wants: the test and 3 bar', () => {
    const values = cautionOf('cylinder-short', rest)?.values;
    expect(values?.wantedPa).toBe(41e5);
    expect(Math.abs(Number(values?.endPa) / 27.9e5 - 1)).toBeLessThan(0.01);
    expect(purge(rest).cylinderLeftPercent).toBeCloseTo(56.7, 0);
    expect(cautionOf('cylinder-low', rest)).toBeUndefined();
  });

  test('run dry it ends at nothing, not below it', () => {
    const dry = { ...rest, cylinder: { waterVolume: q(1, 'L'), pressure: q(50, 'barg') } };
    expect(cautionOf('cylinder-short', dry)?.values?.endPa).toBe(0);
    expect(cautionOf('cylinder-low', dry)?.values).toEqual({ leftPercent: 0 });
  });

  test('that is empty from the start has nothing left; without a test no pressure is wanted', () => {
    const empty = { cylinder: { waterVolume: q(10, 'L'), pressure: q(0, 'kPa') } };
    expect(purge(empty).cylinderLeftPercent).toBe(0);
    expect(cautionOf('cylinder-short', empty)).toBeUndefined();
    expect(purge().cylinderLeftPercent).toBeNull();
  });
});

describe('the room', () => {
  test('is not spoken of where nobody knows it', () => {
    expect(purge().roomO2Percent).toBeNull();
    expect(purge().cautions.map((c) => c.code)).not.toContain('oxygen-low');
  });

  // 15 L/min of nitrogen against 60 L/min of air: 20.9 x 60 / 75.
  test('with air coming in and no volume settles at 16.7 %, however much test gas is let out', () => {
    const rest = { ventilation: q(60, 'L/min'), testPressure: q(38, 'barg'), sections: [{ volume: q(500, 'L') }] };
    expect(purge(rest).roomO2Percent).toBeCloseTo(16.72, 2);
    expect(cautionOf('oxygen-low', rest)?.values?.oxygenPercent).toBeCloseTo(16.72, 2);
  });

  // 5.34 L in 100 L: 20.9 x (1 - 0.0534).
  test('that is closed, or aired by nothing, loses what is let out', () => {
    expect(purge({ room: { volume: q(100, 'L') } }).roomO2Percent).toBeCloseTo(19.78, 2);
    expect(purge({ room: { volume: q(100, 'L') }, ventilation: q(0, 'L/min') }).roomO2Percent).toBeCloseTo(19.78, 2);
  });
});
