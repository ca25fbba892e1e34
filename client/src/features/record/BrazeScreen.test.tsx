import { fireEvent, screen } from '@testing-library/react-native';
import { BRASS_STUB, draftOf, jointView } from '@/testing/joints';
import { deviceKeeps, personAs, press, settle, showScreen, type, went } from '@/testing/screen';
import { BrazeScreen } from './BrazeScreen';

const joint = jointView(
  draftOf({ female: BRASS_STUB, rest: { near: [{ kind: 'valve', along: 'female', distance: '52 mm', protection: 'putty' }] } }),
);
const KEPT = { 'PUT joints/joint/entries/*': {} };
const field = (key: string) => screen.getByTestId(`made-${key}`);

test('is filled in from the plan, and kept as it stands it is the plan that was made', async () => {
  const { writes } = await showScreen(<BrazeScreen joint={joint} />, { answers: KEPT });
  expect(field('depth').props.value).toBe('19.0 mm');
  await press('It is brazed');
  expect(writes[0]?.path).toMatch(/^joints\/joint\/entries\//);
  expect(writes[0]?.body).toMatchObject({ kind: 'brazed', values: { filler: 'BAg-36', depthMm: 19 }, photos: [] });
  expect(went()).toEqual(['/joints/joint/look']);
});

test('what can hurt at the torch stands on the step, with where the full rule is and where the flame goes', async () => {
  await showScreen(<BrazeScreen joint={joint} />);
  expect(screen.getByText(/White smoke is zinc/)).toBeTruthy();
  expect(screen.getByText('Where the flame goes')).toBeTruthy();
});

test('a figure that cannot be read is named at its field and nothing is sent', async () => {
  const { writes } = await showScreen(<BrazeScreen joint={joint} />, { answers: KEPT });
  fireEvent.changeText(field('seconds'), 'a while');
  fireEvent.changeText(field('rod'), '');
  await press('It is brazed');
  expect(screen.getByText(/cannot be read; type a number/)).toBeTruthy();
  expect(screen.getByText(/is needed: how much rod went in/)).toBeTruthy();
  expect(writes).toHaveLength(0);
});

test('what was typed is there after the page was loaded anew, and another plan begins from its own figures', async () => {
  await showScreen(<BrazeScreen joint={joint} />);
  await type('note', 'the clamp slipped once');
  fireEvent.changeText(field('rod'), '61 mm');
  await settle();
  const onDevice = deviceKeeps(`kesto.form.p1.braze.joint.${joint.plan?.id}.0`);
  await showScreen(<BrazeScreen joint={joint} />, { onDevice });
  expect(screen.getByDisplayValue('the clamp slipped once')).toBeTruthy();
  expect(field('rod').props.value).toBe('61 mm');
  const again = joint.plan && { ...joint, plan: { ...joint.plan, id: 'another' } };
  await showScreen(<BrazeScreen joint={again ?? joint} />, { onDevice });
  expect(field('rod').props.value).not.toBe('61 mm');
});

test('another filler than planned asks why; a forbidden one cannot be taken', async () => {
  const { writes } = await showScreen(<BrazeScreen joint={joint} />, { answers: KEPT });
  await press('BAg-1');
  await press('BCuP-5');
  await press('It is brazed');
  expect(screen.getByText('Write why another filler than the plan’s was used.')).toBeTruthy();
  await type('why another filler than planned', 'the silver was gone');
  await press('It is brazed');
  expect(writes[0]?.body).toMatchObject({ values: { filler: 'BCuP-5', reason: 'the silver was gone' } });
});

test('what the server cannot take now is kept here with its time, and the work goes on', async () => {
  const { writes, store } = await showScreen(<BrazeScreen joint={joint} />, {
    answers: { 'PUT joints/joint/entries/*': { status: 500, message: 'The disk is full.' } },
  });
  await press('It is brazed');
  expect(went()).toEqual(['/joints/joint/look']);
  expect(store.getState().outbox).toMatchObject([{ body: writes[0]?.body, state: { status: 'later', message: 'The disk is full.' } }]);
});

test('what the server refuses is said before the person leaves, and is not kept twice', async () => {
  const { store } = await showScreen(<BrazeScreen joint={joint} />, {
    answers: { 'PUT joints/joint/entries/*': { status: 409, message: 'This joint is cut out.' } },
  });
  await press('It is brazed');
  expect(screen.getByText('This joint is cut out.')).toBeTruthy();
  expect(went()).toEqual([]);
  expect(store.getState().outbox).toEqual([]);
});

test('what was sent back is kept as reworked', async () => {
  const { writes } = await showScreen(<BrazeScreen joint={{ ...joint, state: 'sent-back' }} />, { answers: KEPT });
  await press('It is brazed');
  expect(writes[0]?.body).toMatchObject({ kind: 'reworked' });
});

test('without a plan nothing can be marked, and what to do first is said', async () => {
  await showScreen(<BrazeScreen joint={{ ...joint, plan: null }} />);
  expect(screen.getByText('Not planned yet')).toBeTruthy();
  fireEvent.press(screen.getByTestId('action'));
  await settle();
  expect(went()).toEqual([]);
});

test('no approval for the filler is said before the flame, and keeps nobody from it; one that covers it says nothing', async () => {
  const { writes } = await showScreen(<BrazeScreen joint={joint} />, { answers: KEPT });
  expect(screen.getByText(/No approval of yours covers BAg-36 \(silver/)).toBeTruthy();
  await press('It is brazed');
  expect(writes).toHaveLength(1);
  const approvals = [{ scope: 'silver', number: '', validUntil: '2099-01-01' }] as const;
  await showScreen(<BrazeScreen joint={joint} />, { answers: { ...KEPT, 'GET session': personAs('technician', { approvals }) } });
  expect(screen.queryByText(/No approval of yours/)).toBeNull();
});
