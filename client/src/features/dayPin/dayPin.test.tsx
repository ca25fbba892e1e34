import { createPublicKey, verify, webcrypto } from 'node:crypto';
import { pinStatement, type PutDayPinRequest, type PutPinOverrulingRequest } from '@kesto/contract';
import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { endOfDay } from 'date-fns/endOfDay';
import { dayWith } from '@/testing/jobs';
import { deviceKeeps, press, showScreen, type } from '@/testing/screen';
import { jobWithStages, stageAnswers } from '@/testing/stages';
import { SafeScreen } from '@/features/safe/SafeScreen';
import { TodayScreen } from '@/features/today/TodayScreen';

Object.defineProperty(globalThis, 'crypto', { value: webcrypto, configurable: true });

const PIN = '470913';
const LEAD = { id: '018f0000-0000-4000-8000-00000000000a', name: 'Maren Ito-Dahl' };
const PIN_ID = '018f0000-0000-4000-8000-00000000000b';
const SET = { id: PIN_ID, lead: LEAD, until: endOfDay(new Date()).toISOString() };
const JOB = jobWithStages([
  ...([['find', 'done', {}], ['decide', 'done', {}], ['make-safe', 'zero-and-open', {}]] as const), // prettier-ignore
  ['make-safe', 'hot-work', { point: 'oxygen', answer: 'done' }],
  ['make-safe', 'locked-off', { keyHolder: 'Ilta Varro', dead: true }],
  ...(['extinguisher', 'watch', 'detectors'] as const).map((point) => ['make-safe', 'hot-work', { point, answer: 'done' }] as const),
]);

const show = async (rest: Parameters<typeof showScreen>[1] = {}) => {
  const shown = await showScreen(<SafeScreen id="job" />, {
    ...rest,
    answers: { ...stageAnswers(JOB), 'PUT day-pins/*': SET, ...rest.answers },
  });
  await press('more');
  return shown;
};

async function setPin(pin = PIN, again = pin): Promise<void> {
  await press('Set a PIN for today');
  fireEvent.changeText(screen.getAllByLabelText('lead’s name').at(-1)!, 'maren');
  fireEvent.changeText(screen.getAllByLabelText('lead’s password').at(-1)!, 'copper-before-filler');
  await type('PIN, six figures', pin);
  await type('the same again', again);
  await press('Set a PIN for today');
}
async function overrule(pin: string): Promise<void> {
  fireEvent.changeText(screen.getAllByLabelText('why')[0]!, 'none within ten metres');
  fireEvent.changeText(screen.getByLabelText('PIN, six figures'), pin);
  fireEvent.press(screen.getByText('Overrule it by PIN'));
}
const chooseSprinklers = () => fireEvent.press(screen.getByRole('checkbox', { name: 'sprinklers' }));

test('a lead sets a PIN; without a signal it lifts what they name, signed by a key that its PIN alone opens', async () => {
  const { writes } = await show({ answers: { 'PUT jobs/*/pin-overrulings/*': { status: 503, message: 'away' } } });
  await setPin();
  await screen.findByText('Overrule it by PIN');
  const set = writes[0]?.body as PutDayPinRequest; // cast: the first thing sent
  expect(set.signIn).toEqual({ login: 'maren', password: 'copper-before-filler' });
  expect(JSON.stringify([writes, deviceKeeps('kesto.dayPin')])).not.toContain(PIN);
  expect(new Date(set.until).toString()).toMatch(/23:59:59/);

  chooseSprinklers();
  await overrule(PIN);
  await screen.findByText(/^The torch may be lit/);
  await waitFor(() => expect(writes.some(({ path }) => path.includes('pin-overrulings'))).toBe(true));
  const sent = writes.find(({ path }) => path.includes('pin-overrulings'))!;
  const { signature, pin, lead, ...overruled } = sent.body as PutPinOverrulingRequest; // cast: a write of that route
  expect([pin, lead, overruled.values]).toEqual([
    PIN_ID,
    LEAD,
    { gate: 'torch', points: ['sprinklers'], reason: 'none within ten metres' },
  ]);
  const statement = pinStatement({ pin, job: 'job', entry: sent.path.split('/').at(-1)! }, overruled);
  const key = createPublicKey({ key: Buffer.from(set.key, 'base64'), format: 'der', type: 'spki' });
  expect(verify('sha256', Buffer.from(statement), { key, dsaEncoding: 'ieee-p1363' }, Buffer.from(signature, 'base64'))).toBe(true);
});

test.each([
  ['12345', '12345', /A PIN is six figures/],
  ['123456', '123456', /Anybody would try these first/],
  ['777777', '777777', /Anybody would try these first/],
  [PIN, '470914', /not the same six figures/],
])('%s and %s set no PIN', async (pin, again, says) => {
  const { writes } = await show();
  await setPin(pin, again);
  expect(screen.getByText(says)).toBeTruthy();
  expect(writes).toEqual([]);
});

test('a wrong password of the lead’s sets none, and the server’s words stand at its field', async () => {
  await show({ answers: { 'PUT day-pins/*': { status: 400, message: 'Name or password is wrong.', field: 'password' } } });
  await setPin();
  await screen.findByText('Name or password is wrong.');
});

test('an overruling that the server refuses at once says why, and the reason stays typed', async () => {
  await show({
    answers: { 'PUT jobs/*/pin-overrulings/*': { status: 403, message: 'Whoever set this PIN is no lead any more.', field: 'pin' } },
  });
  await setPin();
  await screen.findByText('Overrule it by PIN');
  chooseSprinklers();
  await overrule(PIN);
  await screen.findByText('Whoever set this PIN is no lead any more.');
  expect(screen.getByDisplayValue('none within ten metres')).toBeTruthy();
  expect(screen.queryByText(/^The torch may be lit/)).toBeNull();
});

test('the fifth wrong PIN takes it off the phone; nothing is sent', async () => {
  const { writes } = await show();
  await setPin();
  await screen.findByText('Overrule it by PIN');
  chooseSprinklers();
  for (const left of [4, 3, 2]) {
    await overrule('135790');
    await screen.findByText(`That is not the PIN. ${left} more tries.`);
  }
  await overrule('135790');
  await screen.findByText('That is not the PIN. One more try.');
  await overrule('135790');
  await screen.findByLabelText('lead’s password');
  expect(writes.map(({ path }) => path)).toEqual([expect.stringMatching(/^day-pins/)]);
});

test.each([
  ['of yesterday', { until: '2026-11-24T22:59:59.999Z' }],
  ['of somebody else’s', { person: 'p2' }],
])('a PIN %s opens nothing', async (_whose, part) => {
  const kept = { ...SET, person: 'p1', tries: 5, wrapped: { salt: 'AA==', iv: 'AA==', key: 'AA==' }, ...part };
  await show({ onDevice: { 'kesto.dayPin': JSON.stringify(kept) } });
  expect(screen.queryByText('Overrule it by PIN')).toBeNull();
});

test.each(['phone', 'wide'] as const)('a lead sees what was overruled in their name, and says so once, %s', async (size) => {
  const overruling = {
    ...{ entry: 'e1', job: { id: 'job', number: 31, title: 'CR2' }, at: '2026-11-25T09:12:00.000Z', phoneOf: 'Ilta Varro' },
    values: { gate: 'torch', points: ['sprinklers'], reason: 'none within ten metres', phoneOf: 'Ilta Varro', byPin: true },
  };
  const { writes } = await showScreen(<TodayScreen />, {
    ...{
      size,
      role: 'lead',
      answers: { 'GET today': dayWith(), 'GET pin-overrulings': [overruling], 'PUT pin-overrulings/*/seen': { ok: true } },
    },
  });
  expect(screen.getByText(/on Ilta Varro’s phone: “none within ten metres”/)).toBeTruthy();
  await press('I have seen it');
  expect(writes).toEqual([{ method: 'PUT', path: 'pin-overrulings/e1/seen', body: { seen: true } }]);
});
