import { carriedRequest } from './keptRequest';
import type { PlanRequest } from './request';
import { requestFor, withVan, type Around } from './requestFor';

const q = (value: number, unit: string) => ({ value, unit });
const AROUND: Around = {
  site: { altitudeM: 1600 },
  circuit: {
    refrigerant: 'R-32',
    highSideDesignGaugePa: 41e5,
    lowSideDesignGaugePa: 25e5,
    coldestC: -10,
    purgeSections: [{ volume: q(2, 'L') }],
  },
  van: {
    fillers: [{ designation: 'BCuP-5', rod: 'round-1/8' }],
    torch: { fuel: 'air-acetylene', tips: [4] },
    cylinder: { waterVolume: q(10, 'L'), pressure: q(150, 'barg') },
  },
  schools: { houseRod: 'silver-5', cooling: 'still-air' },
};
const joint: PlanRequest['joint'] = { male: { metal: 'copper', od: q(22, 'mm') }, female: { metal: 'copper' } };

test('everything that is known is asked for without being said: altitude, plate, rods, torch, gas, schools', () => {
  expect(requestFor(AROUND, { joint, service: { side: 'liquid' } })).toEqual({
    altitude: q(1600, 'm'),
    joint,
    service: { refrigerant: 'R-32', side: 'liquid', designPressure: q(41, 'barg'), minTemp: q(5, 'C'), maxTemp: q(66, 'C') },
    torch: { fuel: 'air-acetylene', tips: [4] },
    stock: [{ designation: 'BCuP-5', rod: 'round-1/8' }],
    purge: {
      sections: [{ volume: q(2, 'L') }],
      flood: q(15, 'L/min'),
      outlet: { kind: 'port-core-out' },
      testPressure: q(25, 'barg'),
      cylinder: { waterVolume: q(10, 'L'), pressure: q(150, 'barg') },
    },
    schools: { houseRod: 'silver-5', cooling: 'still-air' },
  });
});

test('what is said wins, key by key', () => {
  const request = requestFor(AROUND, {
    joint,
    service: { side: 'suction', rating: q(60, 'barg') },
    purge: { minutes: 12 },
    schools: { cooling: 'wet-cloth' },
  });
  expect(request.service).toMatchObject({ designPressure: q(25, 'barg'), minTemp: q(-10, 'C'), rating: q(60, 'barg') });
  expect(request.purge).toMatchObject({ minutes: 12, flood: q(15, 'L/min') });
  expect(request.schools).toEqual({ houseRod: 'silver-5', cooling: 'wet-cloth' });
});

test('another fuel has tips of its own: none of the van’s torch stands for it', () => {
  expect(requestFor(AROUND, { joint, torch: { fuel: 'oxy-propane', powerKw: 6 } }).torch).toEqual({ fuel: 'oxy-propane', powerKw: 6 });
  expect(requestFor(AROUND, { joint, torch: { powerKw: 4 } }).torch).toEqual({ fuel: 'air-acetylene', tips: [4], powerKw: 4 });
});

test('a circuit of a refrigerant nobody knows brings its class along', () => {
  const circuit = { ...AROUND.circuit, refrigerant: 'R-999', safetyClass: 'A2L' as const };
  expect(requestFor({ ...AROUND, circuit }, { joint }).service).toMatchObject({ refrigerant: 'R-999', safetyClass: 'A2L' });
});

describe('a kept request', () => {
  const kept: PlanRequest = { joint, rodFactor: 1.2, service: { side: 'low', rating: q(40, 'barg') }, near: [] };
  const before: PlanRequest = { joint, service: { side: 'low', designPressure: q(25, 'barg') }, near: [], schools: {} };

  test('is itself where nothing was touched', () => {
    expect(carriedRequest(kept, before, { ...before })).toBe(kept);
  });

  test('takes up one changed key and leaves the others as they were kept', () => {
    const now = { ...before, service: { ...before.service, side: 'liquid' as const }, holdSeconds: 12 };
    expect(carriedRequest(kept, before, now)).toEqual({ ...kept, service: { side: 'liquid', rating: q(40, 'barg') }, holdSeconds: 12 });
  });

  test('loses what was taken away', () => {
    const said = { ...before, ambient: q(35, 'C') };
    expect(carriedRequest({ ...kept, ambient: q(35, 'C') }, said, before)).toEqual(kept);
  });

  test('gets today’s van when that is asked for', () => {
    const asked: PlanRequest = { ...kept, purge: { sections: [], outlet: { kind: 'open-tube' } } };
    expect(withVan(asked, AROUND.van)).toMatchObject({
      rodFactor: 1.2,
      stock: AROUND.van.fillers,
      purge: { outlet: { kind: 'open-tube' }, cylinder: { pressure: q(150, 'barg') } },
    });
  });
});

describe('a line that nobody measured', () => {
  const unmeasured: Around = { ...AROUND, circuit: { ...AROUND.circuit, purgeSections: [] } };

  test('is taken as five metres of the joint’s own tube', () => {
    const [section] = requestFor(unmeasured, { joint }).purge?.sections ?? [];
    // 22 mm tube of 1 mm wall by the table: 20 mm bore.
    expect(section).toMatchObject({ length: q(5, 'm') });
    expect(section && 'bore' in section && section.bore.value * (section.bore.unit === 'mm' ? 1 : 1000)).toBeCloseTo(20, 1);
  });

  test('is as long as somebody says; where nobody knows, there is no purge and the plan says so', () => {
    expect(requestFor(unmeasured, { joint, purge: { sections: [{ volume: q(3, 'L') }] } }).purge?.sections).toEqual([
      { volume: q(3, 'L') },
    ]);
    expect(requestFor(unmeasured, { joint, purge: null }).purge).toBeUndefined();
  });
});
