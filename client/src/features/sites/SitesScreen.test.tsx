import type { UnitPlate, UnitView } from '@kesto/contract';
import { screen } from '@testing-library/react-native';
import { SITE } from '@/testing/joints';
import { press, showScreen, type, went } from '@/testing/screen';
import { SitesScreen } from './SitesScreen';

const unit = (tag: string): UnitPlate => ({ id: tag.toLowerCase(), tag, name: `room of ${tag}`, kind: 'cold-room' });
const whole = (tag: string): UnitView => ({ ...unit(tag), sisters: [], site: SITE, circuits: [] });
/** What stands on the site: those named beside it, and the pages behind them. */
const machines = (beside: readonly string[], ...behind: readonly (readonly string[])[]) => {
  const nextOf = (i: number) => (i < behind.length ? `page${i}` : null);
  const pages = behind.map((tags, i) => [
    `GET sites/${SITE.id}/units/after/page${i}`,
    { site: SITE.id, units: tags.map(unit), next: nextOf(i + 1) },
  ]);
  return {
    [`GET units/on/${SITE.id}`]: [{ site: SITE.id, units: beside.map(unit), next: nextOf(0) }],
    'GET units/after/first': { units: beside.map(whole), next: null },
    ...Object.fromEntries(pages),
  };
};
const show = (answers: Record<string, unknown>, rest: Parameters<typeof showScreen>[1] = {}) =>
  showScreen(<SitesScreen />, { ...rest, answers: { 'GET sites/after/first': { sites: [SITE], next: null }, ...answers } });

test('each site with its machines, which open', async () => {
  await show(machines(['CR2', 'GC7']));
  expect(screen.getByText(/180 m above the sea/)).toBeTruthy();
  await press('GC7, room of GC7');
  expect(went()).toEqual(['/units/gc7']);
  expect(screen.queryByText('More machines')).toBeNull();
});

test('of a site with more machines than are named beside it the others come as they are asked for', async () => {
  await show(machines(['CR2'], ['GC7'], ['HS3']));
  expect(screen.queryByText('GC7, room of GC7')).toBeNull();
  await press('More machines');
  expect(screen.getByText('GC7, room of GC7')).toBeTruthy();
  await press('More machines');
  expect(screen.getByText('CR2, room of CR2')).toBeTruthy();
  expect(screen.getByText('HS3, room of HS3')).toBeTruthy();
  expect(screen.queryByText('More machines')).toBeNull();
});

test('where machines cannot be fetched, those that were are shown, and it is said', async () => {
  const away = { status: 503, message: 'The server is away.' };
  await show({ [`GET units/on/${SITE.id}`]: away, 'GET units/after/first': { units: [whole('CR2')], next: null } });
  expect(await screen.findByText(/only those that this device had anyway/)).toBeTruthy();
  expect(screen.getByText('Try again')).toBeTruthy();
  expect(screen.getByText('CR2, room of CR2')).toBeTruthy();
});

const siteOf = (n: number) => ({ ...SITE, id: SITE.id.replace(/02$/, String(10 + n)), name: `House ${n}` });

test('more sites than a page come as they are asked for; one that is on no page yet is found by its name', async () => {
  const first = Array.from({ length: 50 }, (_, i) => siteOf(i));
  const own = {
    [`GET units/on/${encodeURIComponent(first.map(({ id }) => id).join(','))}`]: [{ site: first[3]?.id, units: [unit('HS3')], next: null }],
  };
  await show({
    ...own,
    ...{ 'GET sites/after/first': { sites: first, next: 'behind' }, 'GET sites/after/behind': { sites: [siteOf(50)], next: null } },
    ...{ 'GET sites/named/fern': [{ ...siteOf(77), name: 'Fern valley' }], 'GET sites/named/nowhere': [] },
    ...machines(['CR2']),
  });
  await type('find a site', 'fern');
  expect(await screen.findByText('Fern valley')).toBeTruthy();
  expect(screen.queryByText('House 3')).toBeNull();
  await type('find a site', 'nowhere');
  expect(await screen.findByText('No site of that name')).toBeTruthy();
  // The server does not answer of this one: only what was fetched was looked through.
  await type('find a site', 'glass');
  expect(await screen.findByText('None of that name among the sites kept here')).toBeTruthy();
  await type('find a site', 'hou 3');
  expect(screen.getByText('House 3')).toBeTruthy();
  expect(screen.getByText('HS3, room of HS3')).toBeTruthy();
  await type('find a site', '');
  expect(screen.queryByText('House 50')).toBeNull();
  await press('More sites');
  expect(await screen.findByText('House 50')).toBeTruthy();
  expect(screen.queryByText('More sites')).toBeNull();
});

test('the first site is asked for where there is none, read in the person’s units, and kept once', async () => {
  const { writes } = await show({ 'GET sites/after/first': { sites: [], next: null }, ...machines([]), 'PUT sites/*': {} });
  await type('name of the site', 'the orangery');
  await type('above the sea', '600 ft');
  await press(/^Keep/);
  expect(writes).toMatchObject([{ body: { name: 'the orangery', altitude: { value: 600, unit: 'ft' } } }]);
});

test('a first site without a machine leads on to its plate', async () => {
  await show(machines([]));
  await press('A machine, from its plate');
  expect(went()).toEqual([`/units/new?site=${SITE.id}`]);
});

test('an inspector reads, and adds nothing', async () => {
  await show(machines(['CR2']), { role: 'inspector' });
  expect(screen.getByText('CR2, room of CR2')).toBeTruthy();
  expect(screen.queryByText('Add a site')).toBeNull();
  expect(screen.queryByText('+ a machine')).toBeNull();
});

test('where the server does not answer it says so, and can be asked again', async () => {
  await show({ 'GET sites/after/first': { status: 500, message: 'The server failed; what you entered stays here.' }, ...machines([]) });
  expect(screen.getByText('Try again')).toBeTruthy();
});
