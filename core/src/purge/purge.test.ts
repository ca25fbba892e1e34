import fc from 'fast-check';
import { cylinderContentM3, cylinderPressurePa } from '../nitrogen/nitrogen';
import { codes, planned, q, requestFor } from '../testing/plans';
import { planPurge } from './planPurge';
import type { PurgeRequest } from './request';
import { trickleBand, trickleFlowM3PerS } from './trickle';

const path: PurgeRequest = {
  sections: [{ bore: q(19.94, 'mm'), length: q(12, 'm') }, { volume: q(1.8, 'L') }],
  outlet: { kind: 'port-core-out' },
};
const purge = (rest: Partial<PurgeRequest> = {}) => {
  const result = planPurge({ ...path, ...rest });
  if (!result.ok) throw new Error(JSON.stringify(result.errors));
  return result.value;
};
const refused = (rest: Partial<PurgeRequest>) => {
  const result = planPurge({ ...path, ...rest });
  return result.ok ? [] : result.errors.map((e) => e.field);
};
const cautions = (rest: Partial<PurgeRequest>) => purge(rest).cautions.map((c) => c.code);

test('volume is the bores and the parts', () => {
  expect(purge().volumeM3 * 1000).toBeCloseTo((Math.PI / 4) * 0.01994 ** 2 * 12 * 1000 + 1.8, 9);
});

test.each([
  [1, 3.04],
  [0.1, 5.34],
  [0.01, 7.64],
  [0.001, 9.95],
])('to %d %% oxygen it takes %d volumes, well mixed', (target, volumes) => {
  expect(purge({ targetO2Percent: target }).volumeChanges).toBeCloseTo(volumes, 2);
});

test('flood time is volume over flow times the changes', () => {
  const p = purge({ flood: q(20, 'L/min') });
  expect(p.floodSeconds).toBeCloseTo((p.volumeM3 / (20 / 60_000)) * p.volumeChanges, 9);
});

test('the trickle stays in the trade’s band for its bore', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.003, max: 0.1, noNaN: true }), (bore) => {
      const { lowM3PerS, highM3PerS } = trickleBand(bore);
      const flow = trickleFlowM3PerS(bore);
      return flow >= lowM3PerS - 1e-12 && flow <= highM3PerS + 1e-12;
    }),
  );
  expect(trickleFlowM3PerS(0.01994) * 60_000).toBeCloseTo(2.36, 1);
});

test('without a bore there is no trickle, and it says so', () => {
  expect(purge({ sections: [{ volume: q(2, 'L') }] })).toMatchObject({ trickleM3PerS: null, jointPressurePa: null });
  expect(cautions({ sections: [{ volume: q(2, 'L') }] })).toContain('trickle-unknown');
});

test('10 scfh through a 3 mm hole stands at 187 Pa; a core left in stands far higher', () => {
  const speed = (10 * 0.028316846592) / 3600 / (0.62 * (Math.PI / 4) * 0.003 ** 2);
  expect((1.165 / 2) * speed ** 2).toBeCloseTo(187, -1);
  const [out, inside] = [purge(), purge({ outlet: { kind: 'port-core-in', depressor: true } })];
  expect(inside.outlet).toBe('restricted');
  expect(inside.jointPressurePa ?? 0).toBeGreaterThan(20 * (out.jointPressurePa ?? 0));
  expect(cautions({ outlet: { kind: 'port-core-in', depressor: true } })).toEqual(expect.arrayContaining(['core-in']));
});

test('with nothing open the plan is refused, naming the outlet', () => {
  expect(refused({ outlet: { kind: 'none' } })).toEqual(['outlet.kind']);
  // A core left in is shut until something holds it down.
  expect(refused({ outlet: { kind: 'port-core-in' } })).toEqual(['outlet.kind']);
});

test('nitrogen is flood, trickle, test fill and breaks', () => {
  const bare = purge({ minutes: 0 });
  const all = purge({ minutes: 10, testPressure: q(28, 'barg'), breaks: 2 });
  const trickle = (all.trickleM3PerS ?? 0) * 600;
  const fill = (all.volumeM3 * (28e5 + 101_325)) / 101_325;
  expect(all.nitrogenM3).toBeCloseTo(bare.nitrogenM3 + trickle + fill + 2 * all.volumeM3, 9);
});

describe('cylinder', () => {
  test('50 L at 200 bar holds some 9.5 m3', () => {
    expect(cylinderContentM3(0.05, 200e5, 101_325)).toBeGreaterThan(9.2);
    expect(cylinderContentM3(0.05, 200e5, 101_325)).toBeLessThan(9.6);
  });

  test('content and pressure turn into each other', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 0.05, noNaN: true }), fc.double({ min: 2e5, max: 3e7, noNaN: true }), (water, pressure) => {
        const back = cylinderPressurePa(water, cylinderContentM3(water, pressure, 101_325), 101_325);
        return Math.abs(back / pressure - 1) < 1e-6;
      }),
    );
  });

  test('a small cylinder that cannot make the hold says so before the job', () => {
    const small = { waterVolume: q(2, 'L'), pressure: q(60, 'barg') };
    expect(cautions({ testPressure: q(38, 'barg'), cylinder: small })).toContain('cylinder-short');
    expect(cautions({ testPressure: q(38, 'barg'), cylinder: { waterVolume: q(50, 'L'), pressure: q(200, 'barg') } })).not.toContain(
      'cylinder-short',
    );
  });

  test('what is left is never below nothing', () => {
    const p = purge({ minutes: 600, cylinder: { waterVolume: q(0.5, 'L'), pressure: q(20, 'barg') } });
    expect(p.cylinderLeftPercent).toBe(0);
    expect(p.cautions.map((c) => c.code)).toContain('cylinder-low');
  });
});

describe('room', () => {
  /** Test gas alone: 335 L at four atmospheres gauge let 1.34 m3 out. */
  const letOut = (volumeL: number, rest: object) =>
    purge({
      sections: [{ volume: q(volumeL, 'L') }],
      breaks: 0,
      minutes: 0,
      flood: q(1, 'L/min'),
      testPressure: q(4 * 101.325, 'kPag'),
      ...rest,
    }).roomO2Percent;

  test('with air coming in, 2 m3 of test gas in 2 min still take an 8 m3 room to 16.6 %', () => {
    expect(letOut(500, { room: { volume: q(8, 'm3') }, ventilation: q(36, 'm3/h') })).toBeCloseTo(16.6, 1);
  });

  test('the bigger the room, the more oxygen stays', () => {
    const [small, large] = [10, 40].map((m3) => letOut(335, { room: { volume: q(m3, 'm3') } }) ?? NaN);
    expect(small).toBeLessThan(large ?? NaN);
    expect(large).toBeLessThan(20.9);
  });

  test('a small closed room is stopped, the same room aired is not', () => {
    expect(cautions({ minutes: 60, room: { volume: q(2, 'm3') } })).toContain('oxygen-low');
    expect(cautions({ minutes: 60, room: { volume: q(2, 'm3') }, ventilation: q(200, 'm3/h') })).not.toContain('oxygen-low');
  });
});

test.each([
  ['a flood under its own trickle', { sections: [{ bore: q(20, 'mm'), length: q(10, 'm') }], flood: q(0.1, 'L/min') }, 'flood'],
  ['a flood faster than 100 m/s', { sections: [{ bore: q(2, 'mm'), length: q(1, 'm') }], flood: q(40, 'L/min') }, 'flood'],
  ['more oxygen left than a purge is for', { targetO2Percent: 3 }, 'targetO2Percent'],
  ['no section', { sections: [] }, 'sections'],
  ['a negative length', { sections: [{ bore: q(10, 'mm'), length: q(-1, 'm') }] }, 'sections[0].length'],
  ['a target above air', { targetO2Percent: 25 }, 'targetO2Percent'],
  ['an unknown outlet', { outlet: { kind: 'window' as never } }, 'outlet.kind'],
  ['no flow', { flood: q(0, 'L/min') }, 'flood'],
])('%s is refused, naming the field', (_what, rest, field) => expect(refused(rest)).toContain(field));

test('a plan without a purge says that it has none', () => {
  expect(codes(planned(requestFor({})))).toContain('no-purge');
});
