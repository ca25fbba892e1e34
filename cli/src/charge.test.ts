import { run } from './main';

const ask = (body: unknown) => {
  const { exit, stdout, stderr } = run('charge', JSON.stringify(body));
  return { exit, said: JSON.parse(exit === 0 ? stdout : stderr) };
};
const kg = (value: number) => ({ value, unit: 'kg' });
const m = (value: number) => ({ value, unit: 'm' });
const codes = (said: { cautions: { code: string }[] }) => said.cautions.map(({ code }) => code);

test('plate and lines, two cylinders, what is left in pounds and ounces', () => {
  const { said } = ask({
    dataPlate: kg(5.49),
    lines: { length: m(12), included: m(8), ratePerMetre: { value: 30, unit: 'g' } },
    cylinders: [
      { before: kg(10.72), after: kg(8.51), stampedTare: kg(8.4) },
      { before: kg(17.46), after: kg(14.57), stampedTare: kg(8.36) },
    ],
    ...{ refrigerant: 'R-449A', metering: 'valve' },
  });
  expect(said.targetKg).toBeCloseTo(5.61, 9);
  expect(said.doneKg).toBeCloseTo(5.1, 9);
  expect(said.text).toBe('0.51 kg left: 1 lb 2 oz');
  expect(said.ways.map(({ code }: { code: string }) => code)).toEqual(['liquid-high-side-off', 'throttled-suction-running']);
  expect(said.ways[1].text).toContain('as liquid');
  expect(codes(said)).not.toContain('not-enough');
});

test('a decimal of pounds is no ounce, and ounces carry', () => {
  expect(ask({ dataPlate: kg(0.25 / 0.999), cylinders: [] }).said.text).toBe('0.250 kg left: 0 lb 8.8 oz');
  // 5 lb 15.98 oz.
  expect(ask({ dataPlate: { value: 5 + 15.98 / 16, unit: 'lb' } }).said.text).toContain('6 lb 0 oz');
  expect(ask({ dataPlate: kg(2), cylinders: [{ before: kg(12), after: kg(9.85) }] }).said.text).toBe('0.15 kg too much: 0 lb 5.3 oz');
  expect(ask({ dataPlate: kg(2), cylinders: [{ before: kg(12), after: kg(10.015) }] }).said.text).toBe('charged');
});

test('what leaked in a year, both usual ways, and what the place asks for', () => {
  const { said } = ask({
    ...{ dataPlate: kg(5.1), refrigerant: 'R-410A', lostKg: 1.71, sinceDays: 63, place: 'eu' },
    additions: [
      { mass: kg(0.5), daysAgo: 200 },
      { mass: kg(2), daysAgo: 400 },
    ],
  });
  // 1.71 / 5.1 x 365 / 63; (1.71 + 0.5) / 5.1; 5.1 x 2088.
  expect(said.annualRatePercent.annualised).toBeCloseTo(194.26, 1);
  expect(said.annualRatePercent.rolling).toBeCloseTo(43.33, 2);
  expect(said).toMatchObject({ flags: [], checkMonths: 12, recheckBy: 30 });
  expect(said.tonnesCo2e).toBeCloseTo(10.65, 2);
  expect(ask({ dataPlate: kg(2.38), refrigerant: 'R-410A', place: 'eu' }).said.checkMonths).toBeNull();
  expect(ask({ dataPlate: kg(5), refrigerant: 'R-410A', lostKg: 1, sinceDays: 400 }).said.flags).toEqual(['rolling-incomplete']);
});

test('a recovery cylinder takes four fifths; carbon dioxide needs its own', () => {
  const recovery = { waterCapacity: { value: 12, unit: 'L' }, stampedTare: kg(8), now: kg(9), refrigerant: 'R-134a' };
  // Liquid R-134a at 25 °C: 1.207 kg/L by the tables.
  expect(ask({ dataPlate: kg(2), recovery }).said.mayTakeKg).toBeCloseTo(0.8 * 12 * 1.207 - 1, 1);
  const full = ask({ dataPlate: kg(2), recovery: { ...recovery, now: kg(21) } }).said;
  expect(full.mayTakeKg).toBe(0);
  expect(full.cautions[0]).toMatchObject({ code: 'over-filled', severity: 'stop' });
  const own = ask({ dataPlate: kg(2), recovery: { ...recovery, refrigerant: 'R-744' } }).said;
  expect(own.mayTakeKg).toBeNull();
  expect(codes(own)).toContain('own-cylinder');
});

test('what is small is weighed alone, what burns has its room, what leaked as gas is charged anew', () => {
  expect(codes(ask({ dataPlate: kg(0.15), refrigerant: 'R-290', metering: 'capillary' }).said)).toContain('critical-charge');
  const long = { length: m(20), included: m(5), ratePerMetre: { value: 20, unit: 'g' } };
  const burning = ask({ dataPlate: kg(1.2), refrigerant: 'R-32', lines: long, maxCharge: kg(1.4) }).said;
  expect(codes(burning)).toEqual(expect.arrayContaining(['over-max-charge', 'room-charge', 'oil']));
  expect(burning.cautions.find(({ code }: { code: string }) => code === 'oil').severity).toBe('stop');
  expect(codes(ask({ dataPlate: kg(5), refrigerant: 'R-449A', lostKg: 1.5, sinceDays: 30 }).said)).toContain('charge-anew');
  expect(codes(ask({ dataPlate: kg(5), refrigerant: 'R-410A', lostKg: 1.5, sinceDays: 30 }).said)).not.toContain('charge-anew');
  expect(ask({ dataPlate: kg(5), refrigerant: 'R-407C', water: true }).said.ways[0].code).toBe('vapour-first');
});

test.each([
  [{ dataPlate: kg(5), cylinders: [{ before: kg(9), after: kg(9.5) }] }, 'gained-weight', 'cylinders[0].after'],
  [{ dataPlate: kg(5), cylinders: [{ before: kg(7), after: kg(6), stampedTare: kg(8) }] }, 'under-its-tare', 'cylinders[0].before'],
  [
    { dataPlate: kg(5), refrigerant: 'R-22', cylinders: [{ before: kg(9), after: kg(8), refrigerant: 'R-410A' }] },
    'another-refrigerant',
    'cylinders[0].refrigerant',
  ],
  [
    {
      dataPlate: kg(5),
      lines: { length: m(9), included: m(5), ratePerMetre: { value: 1, unit: 'oz' }, ratePerFoot: { value: 1, unit: 'oz' } },
    },
    'excludes',
    'lines.ratePerFoot',
  ],
  [{ cylinders: [] }, 'missing', 'dataPlate'],
])('%j is refused', (body, code, field) => {
  expect(ask(body)).toMatchObject({ exit: 2, said: { error: { code, field } } });
});
