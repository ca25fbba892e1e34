import { fireEvent, screen } from '@testing-library/react-native';
import type { JointSummary } from '@kesto/contract';
import { press, settle, showScreen } from '@/testing/screen';
import { jobWithStages, stageAnswers } from '@/testing/stages';
import { OrderScreen } from './OrderScreen';

const IN = { part: 'drier', from: 'liquid-valve', to: 'drier' };
const OUT = { part: 'drier', from: 'drier', to: 'expansion' };
const joint = (id: string, tag: string, at: JointSummary['at']): JointSummary => ({
  id,
  tag,
  title: `end of the drier ${tag}`,
  state: 'planned',
  at,
});
const BENCH = ['decide', 'joining', { place: 'drier', method: 'bench', why: 'the wall' }] as const;

const show = (order: readonly JointSummary[], noted: Parameters<typeof jobWithStages>[0] = []) =>
  showScreen(<OrderScreen id="job" />, { answers: stageAnswers(jobWithStages(noted, { order })) });
const places = () =>
  screen.getAllByLabelText(/^show the gas at/).map((row) => String(row.props['aria-label'] ?? row.props['accessibilityLabel']).slice(-2));

test('the best order stands with its reasons as the page opens; kept, it names every joint', async () => {
  const { writes } = await show([joint('b', 'CR2-10', OUT), joint('a', 'CR2-09', IN)]);
  expect(places()).toEqual(['09', '10']);
  expect(screen.getByText('while CR2-10 is open, gas leaves there')).toBeTruthy();
  expect(screen.getByText(/last: nothing else is open/)).toBeTruthy();
  await press('Keep this order');
  expect(writes[0]?.body).toEqual({ kind: 'order-kept', values: { order: ['a', 'b'] } });
});

test('moved by hand it is named at once where it breaks a rule, and is kept with the reason alone', async () => {
  const { writes } = await show(
    [joint('a', 'CR2-09', IN), joint('c', 'CR2-11', { part: 'gas-valve', from: 'evaporator', to: 'gas-valve' })],
    [BENCH],
  );
  expect(screen.queryByText(/made on the bench/)).toBeNull();
  fireEvent.press(screen.getByLabelText('show the gas at CR2-11'));
  await settle();
  fireEvent.press(screen.getByLabelText('CR2-11 sooner'));
  await settle();
  expect(screen.getByText('CR2-11 comes before CR2-09, which is made on the bench.')).toBeTruthy();
  await press('Keep it all the same');
  expect(writes).toEqual([]);
  fireEvent.changeText(screen.getByLabelText('why in this order'), 'the drier comes tomorrow');
  await settle();
  await press('Keep this order');
  expect(writes[0]?.body).toEqual({ kind: 'order-kept', values: { order: ['c', 'a'], reason: 'the drier comes tomorrow' } });
});

test('where the hose begins elsewhere what was found no longer stands; what is made is no part of the search', async () => {
  const made: JointSummary = { ...joint('m', 'CR2-08', { part: 'gas-valve', from: 'evaporator', to: 'gas-valve' }), state: 'passed' };
  await show([joint('b', 'CR2-10', OUT), joint('a', 'CR2-09', IN), made]);
  expect(places()).toEqual(['08', '09', '10']);
  await press('in: gas port');
  expect(screen.queryByText('while CR2-10 is open, gas leaves there')).toBeNull();
  await press('Find the best order');
  expect(places()).toEqual(['08', '10', '09']);
});

test('what is not on the drawing is said, and a job without a drawn joint has nothing to order', async () => {
  await show([joint('x', 'CR2-12', null)]);
  expect(screen.getByText('Nothing to order')).toBeTruthy();
  expect(screen.getByText(/not on the drawing/)).toBeTruthy();
});

test('where all are made it says so, and asks for none', async () => {
  await show([{ ...joint('m', 'CR2-08', IN), state: 'passed' }]);
  expect(screen.getByText('All are made')).toBeTruthy();
  expect(screen.queryByText('Find the best order')).toBeNull();
});

test('an order that was kept stands as it was kept, with who kept it and why; nothing is searched over it', async () => {
  const keptOrder = { order: ['b', 'a'], id: 'p1', by: 'Ilta Varro', at: '2026-11-24T10:00:00.000Z', reason: 'the drier comes tomorrow' };
  const order = [joint('b', 'CR2-10', OUT), joint('a', 'CR2-09', IN)];
  await showScreen(<OrderScreen id="job" />, { answers: stageAnswers(jobWithStages([], { order, keptOrder })) });
  expect(places()).toEqual(['10', '09']);
  expect(screen.getByText(/^Kept by Ilta Varro, .*: the drier comes tomorrow$/)).toBeTruthy();
  expect(screen.queryByText(/while CR2-10 is open, gas leaves there/)).toBeNull();
});

test('the first goes no sooner and the last no later', async () => {
  const keptOrder = { order: ['a', 'b'], id: 'p1', by: 'Ilta Varro', at: '2026-11-24T10:00:00.000Z' };
  const order = [joint('a', 'CR2-09', IN), joint('b', 'CR2-10', OUT)];
  await showScreen(<OrderScreen id="job" />, { answers: stageAnswers(jobWithStages([], { order, keptOrder })) });
  fireEvent.press(screen.getByLabelText('show the gas at CR2-09'));
  await settle();
  fireEvent.press(screen.getByLabelText('CR2-09 sooner'));
  await settle();
  expect(places()).toEqual(['09', '10']);
  fireEvent.press(screen.getByLabelText('show the gas at CR2-10'));
  await settle();
  fireEvent.press(screen.getByLabelText('CR2-10 later'));
  await settle();
  expect(places()).toEqual(['09', '10']);
});

test('whoever only reads keeps no order', async () => {
  const order = [joint('b', 'CR2-10', OUT), joint('a', 'CR2-09', IN)];
  await showScreen(<OrderScreen id="job" />, { answers: stageAnswers(jobWithStages([], { order })), role: 'inspector' });
  expect(screen.queryByText('Keep this order')).toBeNull();
});
