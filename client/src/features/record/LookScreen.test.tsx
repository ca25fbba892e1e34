import { fireEvent, screen } from '@testing-library/react-native';
import { BRASS_STUB, draftOf, jointView } from '@/testing/joints';
import { deviceKeeps, press, settle, showScreen, type, went } from '@/testing/screen';
import { bestAllowed, LookScreen } from './LookScreen';

const joint = jointView(draftOf({ female: BRASS_STUB }), [{ kind: 'brazed', values: {}, corrects: null }]);
const KEPT = { 'PUT joints/joint/entries/*': {} };

const find = async (name: RegExp) => {
  fireEvent.press(screen.getByLabelText(name));
  await settle();
};

test('the points of this joint are listed, flux first on a fluxed one', async () => {
  await showScreen(<LookScreen joint={joint} />);
  expect(screen.getByText(/No flux left/)).toBeTruthy();
  expect(screen.getByText(/Fillet closed all the way round/)).toBeTruthy();
});

test('with nothing found it can pass, and is kept so', async () => {
  const { writes } = await showScreen(<LookScreen joint={joint} />, { answers: KEPT });
  expect(screen.getByText(/^the back was not seen: a joint passes when all of it was/)).toBeTruthy();
  await press('pass');
  expect(screen.getByText('Say what it is')).toBeTruthy();
  await press('the back was seen too, with a mirror');
  await press('pass');
  await type('note', 'mirror clean');
  await press('Keep: pass');
  const values = { result: 'pass', findings: [], note: 'mirror clean', backSeen: true };
  expect(writes[0]?.body).toMatchObject({ kind: 'looked-at', values });
  expect(went()).toEqual(['/joints/joint']);
});

test('a crack bars “pass” and “rework”, says why, and takes back what was chosen before', async () => {
  const { writes } = await showScreen(<LookScreen joint={joint} />, { answers: KEPT });
  await press('pass');
  await find(/^crack: cut out/);
  expect(screen.getByText(/this cannot pass/)).toBeTruthy();
  expect(screen.getByText('Say what it is')).toBeTruthy();
  await press('pass');
  await press('rework once');
  expect(screen.getByText('Say what it is')).toBeTruthy();
  await press('cut out');
  await press('Keep: cut out');
  expect(writes[0]?.body).toMatchObject({ values: { result: 'cut-out', findings: ['crack'] } });
});

test('of propane whoever made it does not pass it; a second rework is a lead’s to agree to', async () => {
  const reworked = jointView(draftOf({ female: BRASS_STUB }), [
    { kind: 'brazed', values: {}, corrects: null },
    { kind: 'looked-at', values: { result: 'rework', findings: ['pinhole'], note: '' }, corrects: null },
    { kind: 'reworked', values: {}, corrects: null },
  ]);
  await showScreen(<LookScreen joint={{ ...reworked, circuit: { ...reworked.circuit, refrigerant: 'R-290' } }} />);
  await press('the back was seen too, with a mirror');
  expect(screen.getByText(/^of this refrigerant another than the maker/)).toBeTruthy();
  expect(screen.getByText(/^it was reworked once: it is cut out now/)).toBeTruthy();
});

test('a finding touched twice is gone again', async () => {
  await showScreen(<LookScreen joint={joint} />);
  await find(/^crack: cut out/);
  await find(/^crack: cut out/);
  expect(screen.queryByText(/this cannot pass/)).toBeNull();
});

test('the worst finding decides what may be said', () => {
  expect(bestAllowed([])).toBe('pass');
  expect(bestAllowed(['crack'])).toBe('cut-out');
});

test('what was found is there after the page was loaded anew', async () => {
  await showScreen(<LookScreen joint={joint} />);
  await find(/^crack: cut out/);
  await showScreen(<LookScreen joint={joint} />, { onDevice: deviceKeeps(`kesto.form.p1.look.joint.${joint.entries.length}`) });
  expect(screen.getByText(/crack: this cannot pass/)).toBeTruthy();
});
