import { canonicalHash } from '@kesto/core';
import { fireEvent, screen } from '@testing-library/react-native';
import { VAN } from '@/testing/joints';
import { deviceKeeps, press, settle, showScreen, type } from '@/testing/screen';
import { VanScreen } from './VanScreen';

const show = (rest: Parameters<typeof showScreen>[1] = {}) =>
  showScreen(<VanScreen />, { ...rest, answers: { 'PUT van': VAN, 'GET van/use': { since: null, fillers: [] }, ...rest.answers } });
const touch = async (name: string) => {
  fireEvent.press(screen.getByLabelText(name));
  await settle();
};

test('rods are counted up and down, and what was counted is kept', async () => {
  const { writes } = await show();
  await touch('one stick of BCuP-5 less');
  await touch('one stick of BAg-36 more');
  await type('what its gauge says', '95 bar');
  await press('Keep this count');
  expect(writes[0]?.body).toMatchObject({ cylinder: { pressure: { value: 95, unit: 'barg' } } });
  const { fillers } = writes[0]?.body as typeof VAN; // cast: what the screen sends
  expect(fillers.find((f) => f.designation === 'BCuP-5')?.count).toBe(8);
  expect(fillers.find((f) => f.designation === 'BAg-36')?.count).toBe(4);
});

test('another rod is put on; one with cadmium is not offered', async () => {
  await show();
  await press('Another rod');
  expect(screen.queryByText('+ BAg-1')).toBeNull();
  await press('+ BAg-7');
  expect(screen.getByText('BAg-7')).toBeTruthy();
});

test('a cylinder without its gauge is marked, and nothing is sent', async () => {
  const { writes } = await show();
  await type('what its gauge says', '');
  expect(screen.getByText('is needed')).toBeTruthy();
  await press('Keep this count');
  expect(writes).toEqual([]);
});

test('a gauge counted in psig is shown in the person’s own unit', async () => {
  const counted = { ...VAN, cylinder: { ...VAN.cylinder, pressure: { value: 2175.566, unit: 'psig' } } };
  await show({ answers: { 'GET van': counted } });
  expect(screen.getByDisplayValue('15000 kPag')).toBeTruthy();
});

test('an inspector reads it and counts nothing', async () => {
  await show({ role: 'inspector' });
  expect(screen.getByText('BCuP-5')).toBeTruthy();
  expect(screen.queryByText('Another rod')).toBeNull();
});

test('an instrument is put on with its step and its day; a day that is none is told', async () => {
  const { writes } = await show();
  await press('Another instrument');
  await type('what it is called', 'digital gauge');
  await type('shows steps of', '1 psig');
  await type('calibrated until', '2027-02-30');
  await press('Put it on the van');
  expect(screen.getByText('must be a day, as 2027-03-31')).toBeTruthy();
  await type('calibrated until', '2027-02-28');
  expect(screen.queryByText('must be a day, as 2027-03-31')).toBeNull();
  await press('Put it on the van');
  expect(screen.getByText('gauge, steps of 1 psi, calibrated until 28 Feb 2027')).toBeTruthy();
  await press('Keep this count');
  expect(writes[0]?.body).toMatchObject({
    instruments: [{ kind: 'gauge', name: 'digital gauge', resolution: { value: 1, unit: 'psi' }, calibratedUntil: '2027-02-28' }],
  });
});

test('a count that was begun is there after the page was loaded anew, until another count is stored', async () => {
  await show();
  await touch('one stick of BCuP-5 less');
  const key = `kesto.form.p1.van.${canonicalHash(VAN)}`;
  const onDevice = deviceKeeps(key);
  const { writes } = await show({ onDevice });
  await press('Keep this count');
  expect((writes[0]?.body as typeof VAN).fillers.find((f) => f.designation === 'BCuP-5')?.count).toBe(8); // cast: what the screen sends
  expect(deviceKeeps(key)[key]).toBe('');
});

test('what was typed of a cylinder is there again after the page was loaded anew, and gone once it is on the van', async () => {
  await show();
  await press('Another recovery cylinder');
  await type('what it is called', 'cylinder 3');
  await show({ onDevice: deviceKeeps('kesto.form.p1.van.recovery') });
  await press('Another recovery cylinder');
  expect(screen.getByDisplayValue('cylinder 3')).toBeTruthy();
  await type('tare', '12.1 kg');
  await press('Put it on the van');
  await press('Another recovery cylinder');
  expect(screen.queryByDisplayValue('cylinder 3')).toBeNull();
});

test('a recovery cylinder is put on with its tare, and taken off', async () => {
  await show();
  await press('Another recovery cylinder');
  await type('what it is called', 'cylinder 3');
  await type('tare', '12.1 kg');
  await press('Put it on the van');
  expect(screen.getByText('tare 12.10 kg')).toBeTruthy();
  await touch('take cylinder 3 off the van');
  expect(screen.queryByText('tare 12.10 kg')).toBeNull();
});

test('what joints took since the count is told, taken off, and counted anew', async () => {
  const { writes } = await show({
    answers: { 'GET van/use': { since: '2026-11-02T06:30:00.000Z', fillers: [{ designation: 'BCuP-5', lengthM: 1.2 }] } },
  });
  expect(screen.getByText('joints took 1.2 m since it was counted, 2.4 sticks')).toBeTruthy();
  await touch('take what was used of BCuP-5 off');
  expect(screen.queryByLabelText('take what was used of BCuP-5 off')).toBeNull();
  await press('Keep this count');
  const { fillers, countedAt } = writes[0]?.body as typeof VAN & { countedAt: string }; // cast: what the screen sends
  expect(fillers.find((f) => f.designation === 'BCuP-5')?.count).toBe(7);
  expect(Date.parse(countedAt)).toBeGreaterThan(Date.parse('2026-11-02'));
});

test('flux, wraps, tips, fuel and a charge cylinder are put on; a tip like a forge is told', async () => {
  const { writes } = await show();
  await press('Another flux');
  await type('left in the jar', '180 g');
  await press('Put it on the van');
  await touch('heat-stop putty');
  await press('Another tip');
  await type('what is stamped on it', 'No. 3');
  await type('power, kW', '400');
  await press('Put it on the list');
  expect(screen.getByText('must lie in 0.2..60 kW')).toBeTruthy();
  await type('power, kW', '4');
  await press('Put it on the list');
  await press('10 ft³ (0.28 m³)');
  await type('what the acetylene gauge says', '120 psig');
  await press('Another cylinder');
  await press('refrigerant to charge');
  await type('what it is called', 'R-449A, new');
  await type('tare', '4.2 kg');
  await type('weighs now', '3 kg');
  await press('Put it on the van');
  expect(screen.getByText('is less than the empty cylinder weighs')).toBeTruthy();
  await type('weighs now', '13.9 kg');
  await press('Put it on the van');
  expect(screen.getByText('refrigerant to charge, 9.70 kg left')).toBeTruthy();
  await press('Keep this count');
  expect(writes[0]?.body).not.toHaveProperty('countedAt');
  expect(writes[0]?.body).toMatchObject({
    flux: [{ class: 'FB3-A', grams: 180 }],
    wraps: ['putty'],
    torch: { tips: [{ name: 'No. 3', kw: 4 }], fuelCylinder: { size: 'ft3-10', gauge: { value: 120, unit: 'psig' } } },
    gases: [{ gas: 'refrigerant', name: 'R-449A, new' }],
  });
});

test('what somebody else began on this device is theirs', async () => {
  await show();
  await press('Another recovery cylinder');
  await type('what it is called', 'cylinder 3');
  const mine = 'kesto.form.p1.van.recovery';
  await show({ onDevice: { 'kesto.form.p2.van.recovery': deviceKeeps(mine)[mine] ?? '' } });
  await press('Another recovery cylinder');
  expect(screen.queryByDisplayValue('cylinder 3')).toBeNull();
});
