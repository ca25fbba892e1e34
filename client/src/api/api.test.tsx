import { screen } from '@testing-library/react-native';
import { press, showScreen, went } from '@/testing/screen';
import { Words } from '@/ui/Words';
import { errorField, errorText, isAway } from './api';
import { addressOf, call } from './call';
import { Fetched } from './Fetched';

const REFUSED = { status: 409, data: { error: { code: 'X', message: 'HS3 is another unit.', field: 'tag' } } };
const AWAY = { status: 'FETCH_ERROR', error: 'no network' };

describe('what went wrong', () => {
  test('is said in the server’s own words, at the field that it names', () => {
    expect(errorText(REFUSED)).toBe('HS3 is another unit.');
    expect(errorField(REFUSED)).toBe('tag');
  });

  test('without an answer says that what was entered is kept', () => {
    expect(errorText(AWAY)).toMatch(/^The server does not answer\. What you entered is kept here/);
    expect(errorText(undefined)).toMatch(/kept here; try again/);
    expect(errorField(AWAY)).toBeNull();
    expect([AWAY, { status: 'TIMEOUT_ERROR' }, REFUSED, null].map(isAway)).toEqual([true, true, false, false]);
  });
});

test('an address is made from the contract’s own path, and what is sent goes with it', () => {
  expect(addressOf('holdCsv', { job: 'j 1', hold: 'h' })).toMatch(/j%201.*h/);
  expect(call('getUnit', { unit: 'u' })).toEqual({ url: '/api/units/u', method: 'GET' });
  expect(call('putSite', { site: 's' }, { name: 'Orangery', altitude: { value: 0, unit: 'm' } })).toEqual({
    ...{ url: '/api/sites/s', method: 'PUT' },
    body: { name: 'Orangery', altitude: { value: 0, unit: 'm' } },
  });
});

describe('a screen that needs one thing', () => {
  const show = (query: object, refetch = () => undefined) =>
    showScreen(
      <Fetched query={{ ...query, refetch }} what="the job">
        {({ name }: { name: string }) => <Words>{name}</Words>}
      </Fetched>,
    );

  test('says what is fetched, then shows it', async () => {
    await show({});
    expect(screen.getByText('Fetching the job')).toBeTruthy();
    await show({ data: { name: 'suction valve leaks' } });
    expect(screen.getByText('suction valve leaks')).toBeTruthy();
  });

  test('what this device has is shown, though a newer one could not be fetched', async () => {
    await show({ data: { name: 'suction valve leaks' }, error: AWAY });
    expect(screen.getByText('suction valve leaks')).toBeTruthy();
  });

  test('where there is neither it says what opens without a signal, may be tried again, and leads up', async () => {
    const again = jest.fn();
    await show({ error: AWAY }, again);
    expect(screen.getByText(/was not fetched to this device before.*Missing: the job\./)).toBeTruthy();
    await press('Try again');
    expect(again).toHaveBeenCalledTimes(1);
    await press('Up to today');
    expect(went()).toEqual(['/']);
  });
});
