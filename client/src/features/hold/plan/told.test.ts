import type { HoldPlan } from '@kesto/core';
import { METRIC_PREFERENCES, type CircuitGraph } from '@kesto/core';
import { jobView } from '@/testing/jobs';
import { lookToOf } from './lookTo';
import { gaugesOf, heldHere, offKOf, toldOf, type Typed } from './told';

const van = (instruments: readonly object[]) => ({ instruments }) as unknown as Parameters<typeof gaugesOf>[0]; // cast: what is read of it

describe('the van’s own instruments', () => {
  test('a gauge that says its step is offered with its range and its date; others are not', () => {
    const step = { value: 1, unit: 'kPa' };
    const gauges = gaugesOf(van([{ kind: 'gauge', name: 'G-3', resolution: step, calibratedUntil: '2027-01-31' }, { kind: 'gauge', name: 'G-4' }])); // prettier-ignore
    expect(gauges).toEqual([{ name: 'G-3', resolution: step, calibratedUntil: '2027-01-31' }]);
  });

  test('without one a usual gauge and a usual thermometer are taken', () => {
    expect(gaugesOf(undefined)).toHaveLength(1);
    expect(offKOf(undefined)).toBe(0.3);
    expect(offKOf(van([{ kind: 'thermometer', name: 'T', offK: 0.1 }]))).toBe(0.1);
  });
});

test('what was left empty is not said', () => {
  const typed = {
    ...{
      parts: ['drier'],
      at: undefined,
      rig: false,
      volume: { value: 2, unit: 'L' },
      pressure: { value: 20, unit: 'barg' },
      gas: 'nitrogen',
    },
    ...{
      strength: undefined,
      ambient: { value: 18, unit: 'C' },
      hottest: undefined,
      minutes: undefined,
      offK: 0.3,
      practice: 'data-plate',
    },
    ...{ gauge: { name: 'G', resolution: { value: 1, unit: 'kPa' } }, compressorKind: undefined, takenOff: [] },
  } as Typed;
  const bare = toldOf(typed);
  expect(Object.keys(bare)).not.toEqual(expect.arrayContaining(['strength']));
  expect(bare).not.toHaveProperty('plannedMinutes');
  expect(toldOf({ ...typed, minutes: 90, takenOff: ['relief'] })).toMatchObject({ plannedMinutes: 90, takenOff: ['relief'] });
});

test('a hold is worked out from the plate of the job, its place and its charge', () => {
  const { plate, altitudeM, refrigerant } = heldHere(jobView(), { parts: [], links: [] }, []);
  const { circuit, site } = jobView();
  expect({ plate, altitudeM, refrigerant }).toEqual({
    plate: { lowPa: circuit.lowSideDesignGaugePa, highPa: circuit.highSideDesignGaugePa },
    altitudeM: site.altitudeM,
    refrigerant: circuit.refrigerant,
  });
});

describe('before gas is let in', () => {
  const plan = (rest: object = {}) =>
    ({
      ...{ reach: { shut: [], openFirst: [] }, reliefGaugePa: 1.9e6, strength: { may: true, gaugePa: 2.75e6 } },
      ...rest,
    }) as unknown as HoldPlan; // cast: what is read of it
  const idsOf = (of: HoldPlan, isStrong = false) => lookToOf(of, null as CircuitGraph | null, { units: METRIC_PREFERENCES, isStrong });

  test('the relief and the people always; what is to be shut or opened where there is such', () => {
    expect(idsOf(plan()).map(({ id }) => id)).toEqual(['relief', 'told']);
    const both = idsOf(plan({ reach: { shut: ['king'], openFirst: ['solenoid'] } }));
    expect(both.map(({ id }) => id)).toEqual(['relief', 'shut', 'open', 'told']);
    expect(both[1]?.says).toMatch(/king/);
  });

  test('for a strength test the relief is set by that', () => {
    expect(idsOf(plan(), true)[0]?.says).not.toBe(idsOf(plan())[0]?.says);
    expect(idsOf(plan(), true)[0]?.says).toMatch(/2750/);
  });
});
