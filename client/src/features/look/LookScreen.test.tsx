import { act, fireEvent, screen } from '@testing-library/react-native';
import { BRASS_STUB, draftOf, jointView } from '@/testing/joints';
import { deviceKeeps, press, settle, showScreen, type, went } from '@/testing/screen';
import { LookScreen } from './LookScreen';
import { bestAllowed } from './useLook';

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

test('with nothing found it can pass: the back is ticked, or the key says that it was seen too', async () => {
  const { writes } = await showScreen(<LookScreen joint={joint} />, { answers: KEPT });
  expect(screen.getByText(/^the back was not seen: a joint passes when all of it was/)).toBeTruthy();
  await press('pass');
  expect(screen.getByText('All seen, back too: it passes')).toBeTruthy();
  await press('the back was seen too, with a mirror');
  await press('pass');
  await type('note', 'mirror clean');
  await press('Keep: pass');
  const values = { result: 'pass', findings: [], note: 'mirror clean', backSeen: true };
  expect(writes[0]?.body).toMatchObject({ kind: 'looked-at', values });
  expect(went()).toEqual(['/joints/joint']);
});

test('one key says that all of it was seen and that it passes; a finding takes that back', async () => {
  const { writes } = await showScreen(<LookScreen joint={joint} />, { answers: KEPT });
  await find(/^pinhole: /);
  expect(screen.queryByText('All seen, back too: it passes')).toBeNull();
  expect(screen.getByText('Say what it is')).toBeTruthy();
  await find(/^pinhole: /);
  await press('All seen, back too: it passes');
  expect(writes[0]?.body).toMatchObject({ kind: 'looked-at', values: { result: 'pass', findings: [], backSeen: true } });
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
  expect(screen.getByText(/^another than the maker looks at it/)).toBeTruthy();
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
  expect(screen.getByText(/Crack: this cannot pass/)).toBeTruthy();
});

/** The paper has a width once it is laid out. */
async function layOut(): Promise<void> {
  for (const frame of screen.UNSAFE_root.findAll((node) => typeof node.props.onLayout === 'function'))
    act(() => void frame.props.onLayout({ nativeEvent: { layout: { width: 358 } } }));
  await settle();
}

test('a flaw is marked on the ring: it is an open one until it is said what it is, and cannot pass; its ends are stepped by the keys', async () => {
  const { writes } = await showScreen(<LookScreen joint={joint} />, { answers: KEPT });
  await layOut();
  await press('Mark a flaw');
  expect(screen.getByLabelText('the ring: open from 11½ to 12½ o’clock')).toBeTruthy();
  expect(screen.getByText(/^Ring not closed: this cannot pass/)).toBeTruthy();
  // By its right arrow one end goes on by five degrees.
  for (const _press of [1, 2, 3]) {
    act(() => void screen.getByLabelText('where it ends').props.onKeyDown({ key: 'ArrowRight', preventDefault: () => undefined }));
    await settle();
  }
  expect(screen.getByLabelText('the ring: open from 11½ to 1 o’clock')).toBeTruthy();
  await press('rework once');
  await press('Keep: rework');
  expect(writes[0]?.body).toMatchObject({ values: { findings: ['ring-not-closed'], flaw: { fromDeg: 345, toDeg: 30 } } });
});

test('a mark that is taken off is not kept', async () => {
  const { writes } = await showScreen(<LookScreen joint={joint} />, { answers: KEPT });
  await press('Mark a flaw');
  await press('Take the mark off');
  await find(/^ring not closed: rework/);
  await press('the back was seen too, with a mirror');
  await press('pass');
  await press('Keep: pass');
  expect((writes[0]?.body as { values: object }).values).not.toHaveProperty('flaw');
});
