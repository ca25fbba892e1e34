import Joi from 'joi';
import {
  check,
  lookValues,
  planRequest,
  putEntryRequest,
  putJobRequest,
  putJointRequest,
  putPlanRequest,
  signInRequest,
  unitsRequest,
} from './schemas';

const ID = '0193a000-0000-7000-8000-000000000041';
const q = (value: number, unit: string) => ({ value, unit });
const joint = { male: { metal: 'copper', od: q(7 / 8, 'in') }, female: { metal: 'brass' } };
const brazed = { filler: 'BAg-36', rodMm: 40, seconds: null, purgeLpm: null, floodSeconds: null, depthMm: null, protection: '', note: '' };

/** Each schema with a smallest and a full example: both are taken, the smallest is refused with any key gone. */
const EXAMPLES: readonly (readonly [string, Joi.ObjectSchema, object, object])[] = [
  ['sign-in', signInRequest, { login: 'ilta', password: 'x' }, { login: 'ilta', password: 'x' }],
  [
    'units',
    unitsRequest,
    { length: 'metric', pressure: 'bar', temperature: 'C', vacuum: 'Pa', mass: 'kg' },
    { length: 'inch', pressure: 'psig', temperature: 'F', vacuum: 'micron', mass: 'lb-oz' },
  ],
  ['job', putJobRequest, { circuitId: ID, title: 'x' }, { circuitId: ID, title: 'Suction valve leaks' }],
  ['joint', putJointRequest, { title: 'x' }, { title: 'Suction line into the ball valve' }],
  [
    'plan to store',
    putPlanRequest,
    { request: { joint }, chosen: 'BAg-36', engineVersion: '1.0.0' },
    { request: { joint }, chosen: 'BCuP-2', reason: 'no silver rod left', engineVersion: '1.0.0' },
  ],
  [
    'entry',
    putEntryRequest,
    { kind: 'cooled', deviceTime: '2026-11-24T10:00:00.000Z', values: { note: '' }, photos: [] },
    {
      kind: 'brazed',
      deviceTime: '2026-11-24T10:00:00.000Z',
      values: brazed,
      photos: ['a'.repeat(64)],
      corrects: { entry: ID, why: 'typo' },
    },
  ],
  [
    'look',
    lookValues,
    { result: 'pass', findings: [], note: '' },
    { result: 'rework', findings: ['sunk', 'pinhole'], note: 'at the back' },
  ],
  [
    'plan request',
    planRequest,
    { joint },
    {
      altitude: q(180, 'm'),
      ambient: q(20, 'C'),
      joint: {
        male: { ...joint.male, form: 'tube', wall: q(0.045, 'in'), history: { state: 'brazed', filler: 'BCuP-5' } },
        female: { ...joint.female, form: 'component-stub', bore: q(22.3, 'mm'), cupDepth: q(19, 'mm'), wall: q(1, 'mm'), history: 'new' },
        position: 'up',
        access: 'tight',
      },
      service: {
        refrigerant: 'R-32',
        side: 'liquid',
        designPressure: q(41, 'barg'),
        minTemp: q(5, 'C'),
        maxTemp: q(66, 'C'),
        vibration: true,
        sulphur: false,
      },
      near: [
        {
          kind: 'valve',
          distance: q(60, 'mm'),
          along: 'female',
          limit: q(120, 'C'),
          mass: q(0.4, 'kg'),
          protection: { kind: 'wet-cloth', from: q(30, 'mm'), to: q(90, 'mm'), water: q(0.2, 'kg') },
        },
      ],
      torch: { fuel: 'oxy-propane', powerKw: 6, efficiency: 0.3, regulator: q(1, 'barg') },
      stock: [{ designation: 'BAg-36', rod: { diameter: q(1.5, 'mm') } }],
      choose: 'BAg-36',
      purge: { sections: [{ bore: q(19, 'mm'), length: q(12, 'm') }], outlet: { kind: 'open-tube' } },
      schools: { houseRod: 'silver-15', cooling: 'still-air' },
      rodFactor: 1.1,
    },
  ],
];

describe.each(EXAMPLES)('%s', (_name, schema, smallest, full) => {
  test('takes its smallest and its full example as they are', () => {
    expect(check(schema, smallest)).toEqual({ ok: true, value: smallest });
    expect(check(schema, full)).toEqual({ ok: true, value: full });
  });

  test.each(Object.keys(smallest))('is refused without %s, by that name', (key) => {
    const rest = Object.fromEntries(Object.entries(smallest).filter(([k]) => k !== key));
    const result = check(schema, rest);
    expect(result.ok).toBe(false);
    if (!result.ok) expect(result.problem.field).toContain(key);
  });

  test('takes nothing it does not know', () => {
    const result = check(schema, { ...smallest, surprise: 1 });
    expect(result.ok === false && result.problem.field).toBe('surprise');
  });
});

test.each([
  ['a number as text', { joint: { ...joint, male: { ...joint.male, od: { value: '0.875', unit: 'in' } } } }, 'joint.male.od'],
  ['a size without its unit', { joint: { ...joint, male: { ...joint.male, od: { value: 1 } } } }, 'joint.male.od'],
  ['an unknown kind near by', { joint, near: [{ kind: 'goat', distance: q(1, 'mm') }] }, 'near[0].kind'],
  ['an unknown school', { joint, schools: { houseRod: 'gold' } }, 'schools.houseRod'],
  ['an unknown fuel', { joint, torch: { fuel: 'wood' } }, 'torch.fuel'],
])('%s is refused by its full path', (_what, body, field) => {
  const result = check(planRequest, body);
  expect(result.ok === false && result.problem.field).toBe(field);
});

test('an entry of a kind the server writes by itself is not taken', () => {
  const result = check(putEntryRequest, { kind: 'planned', deviceTime: '2026-11-24T10:00:00.000Z', values: {}, photos: [] });
  expect(result.ok === false && result.problem.field).toBe('kind');
});
