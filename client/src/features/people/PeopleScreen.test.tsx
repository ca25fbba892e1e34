import type { People } from '@kesto/contract';
import { CODE_LENGTH, CODE_LETTERS } from '@kesto/contract';
import { fireEvent, screen } from '@testing-library/react-native';
import { press, settle, showScreen, type } from '@/testing/screen';
import { newCode, readableCode, typedCode } from '@/data/people/code';
import { PeopleScreen } from './PeopleScreen';

const PEOPLE: People = {
  people: [
    {
      ...{ id: 'p1', name: 'Ilta Varro', role: 'technician', confirmedAt: '2026-10-01T00:00:00.000Z', left: false },
      approvals: [{ scope: 'silver', number: 'LB-115', validUntil: '2027-09-01' }],
    },
    { id: 'p2', name: 'Oskar Penn', role: 'technician', approvals: [], confirmedAt: null, left: true },
  ],
  invites: [{ id: 'i1', name: 'Sanna Kivi', role: 'technician', until: '2026-12-02T00:00:00.000Z', person: null }],
};
const show = (answers: object = {}, role: 'lead' | 'technician' = 'lead') =>
  showScreen(<PeopleScreen />, { role, size: 'wide', answers: { 'GET people': PEOPLE, ...answers } });

test('who is here, who is asked in and who left stand apart, with what they may do until when', async () => {
  await show();
  expect(screen.getByText('1 person, 1 asked in')).toBeTruthy();
  expect(screen.getByText('until 1 Sep 2027')).toBeTruthy();
  expect(screen.getByText('confirm again by 2 Apr 2027')).toBeTruthy();
  expect(screen.getByText('Asked in, not come yet')).toBeTruthy();
  expect(screen.getByText('Left the shop')).toBeTruthy();
});

test('somebody is asked in by a code that is shown once the server knows it, also as a picture to scan', async () => {
  const { writes } = await show({ 'PUT invites/*': PEOPLE.invites[0] });
  await press('Ask somebody in');
  fireEvent.changeText(screen.getByTestId('invite-name'), 'Sanna Kivi');
  await settle();
  expect(screen.queryByTestId('one-time-code')).toBeNull();
  await press('Make the code');
  const sent = writes[0]?.body as { code: string };
  expect(sent).toMatchObject({ name: 'Sanna Kivi', role: 'technician' });
  expect(screen.getByTestId('one-time-code')).toHaveTextContent(readableCode(sent.code));
  expect(screen.getByLabelText('code to scan')).toBeTruthy();
});

test('a refused invitation shows no code', async () => {
  await show({ 'PUT invites/*': { status: 403, message: 'Only an admin makes or changes an admin.' } });
  await press('Ask somebody in');
  fireEvent.changeText(screen.getByTestId('invite-name'), 'x');
  await settle();
  await press('Make the code');
  expect(screen.getByText('Only an admin makes or changes an admin.')).toBeTruthy();
  expect(screen.queryByTestId('one-time-code')).toBeNull();
});

test('an approval is added with number and last day; leaving is asked twice', async () => {
  const { writes } = await show({ 'PUT people/p1': {}, 'POST people/p1/left': PEOPLE.people[0], 'POST people/p1/role': PEOPLE.people[0] });
  fireEvent.press(screen.getByLabelText('Ilta Varro'));
  await settle();
  await press('+ press joints');
  await type('number', 'LB-300');
  fireEvent.changeText(screen.getByTestId('until-press'), '2028-01-31');
  await settle();
  await press('Keep it so');
  expect(writes[0]?.body).toMatchObject({
    name: 'Ilta Varro',
    approvals: [{ scope: 'silver' }, { scope: 'press', validUntil: '2028-01-31' }],
  });
  fireEvent.press(screen.getByLabelText('Ilta Varro'));
  await settle();
  await press('Has left the shop');
  expect(writes).toHaveLength(1);
  await press('Yes: sign out everywhere');
  expect(writes[1]).toMatchObject({ path: 'people/p1/left', body: { left: true } });
  fireEvent.press(screen.getByLabelText('Ilta Varro'));
  await settle();
  await press('lead');
  await press('Make Ilta Varro lead');
  expect(writes[2]).toMatchObject({ path: 'people/p1/role', body: { role: 'lead' } });
});

test('a technician reads the list and changes nothing', async () => {
  await show({}, 'technician');
  expect(screen.queryByText('Ask somebody in')).toBeNull();
  expect(screen.queryByText('Take it back')).toBeNull();
});

test('a code has letters that are not taken for figures, and is read however it is typed', () => {
  for (let i = 0; i < 200; i++) expect(newCode()).toMatch(new RegExp(`^[${CODE_LETTERS}]{${CODE_LENGTH}}$`));
  expect(typedCode(' k7pm-4rwx-2htn ')).toBe('K7PM4RWX2HTN');
  expect(readableCode('K7PM4RWX2HTN')).toBe('K7PM-4RWX-2HTN');
});
