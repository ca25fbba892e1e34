import type { AuditLine, AuditPage } from '@kesto/contract';
import { screen } from '@testing-library/react-native';
import { press, showScreen } from '@/testing/screen';
import { AuditScreen } from './AuditScreen';

const LINE: AuditLine = {
  ...{ id: 'a1', at: '2026-11-25T10:00:00.000Z', what: 'signed-in', by: 'Ilta Varro', whom: null, role: null },
  ...{ job: null, joint: null, device: 'Android, phone', address: null, times: 1 },
};
const line = (rest: Partial<AuditLine>): AuditLine => ({ ...LINE, ...rest });
const page = (lines: readonly AuditLine[], next: string | null = null): AuditPage => ({ lines, next });
const show = (answers: Record<string, unknown>) => showScreen(<AuditScreen />, { role: 'admin', size: 'phone', answers });

test('who came in, was refused and took a record out stands by day', async () => {
  const lines = [
    line({}),
    line({ id: 'a2', what: 'sign-in-refused', by: null, whom: 'Oskar Penn', times: 3, address: '203.0.113.7' }),
    line({ id: 'a3', what: 'exported', joint: 'CR2-03', at: '2026-11-24T10:00:00.000Z' }),
  ];
  await show({ 'GET audit/newest': page(lines) });
  for (const said of [
    ...['Ilta Varro signed in on Android, phone', '3 wrong passwords for Oskar Penn, from 203.0.113.7'],
    ...['Ilta Varro took out CR2-03 as a file', 'Wednesday 25 Nov 2026', 'Tuesday 24 Nov 2026'],
  ]) {
    expect(screen.getByText(said)).toBeTruthy();
  }
});

test('older ones are fetched when they are asked for, and stay when that fails', async () => {
  await show({
    'GET audit/newest': page([line({})], '1764000000000.a1'),
    'GET audit/1764000000000.a1': { status: 503, message: 'The database does not answer just now.' },
  });
  await press('Older');
  expect(screen.getByText('The database does not answer just now.')).toBeTruthy();
  expect(screen.getByText('Ilta Varro signed in on Android, phone')).toBeTruthy();
});

test('a shop in which nothing happened yet says what will stand here', async () => {
  await show({ 'GET audit/newest': page([]) });
  expect(screen.getByText('Nothing yet')).toBeTruthy();
});
