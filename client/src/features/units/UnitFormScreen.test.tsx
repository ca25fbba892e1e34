import { screen } from '@testing-library/react-native';
import { CIRCUIT, SITE } from '@/testing/joints';
import { deviceKeeps, press, showScreen, type, went } from '@/testing/screen';
import { OpenJobScreen } from '@/features/jobs/OpenJobScreen';
import { NewUnitScreen } from './UnitFormScreen';
import { UnitScreen } from './UnitScreen';

const UNIT = { id: 'u', tag: 'CR2', name: 'vault cold room', kind: 'cold-room', sisters: [], site: SITE, circuits: [CIRCUIT] };

async function fillPlate(): Promise<void> {
  await press('R-32');
  await type('high side', '4100 kPa');
  await type('low side', '2500 kPa');
  await type('coldest', '-10');
  await press('split');
  await type('tag on the machine', 'HS3');
  await type('name, as vault cold room', 'herbarium split');
}

test('the first unit of a shop is stored with its site, and leads on to its first job', async () => {
  const { writes } = await showScreen(<NewUnitScreen />, {
    answers: { 'GET sites/after/first': { sites: [], next: null }, 'PUT sites/*': SITE, 'PUT units/*': { ...UNIT, id: 'new' } },
  });
  await fillPlate();
  await type('name of the site', 'Lumikero Botanical Station');
  await press('Keep HS3');
  expect(writes.map((write) => write.path.split('/')[0])).toEqual(['sites', 'units']);
  expect(writes[1]?.body).toMatchObject({
    tag: 'HS3',
    kind: 'split',
    circuits: [{ refrigerant: 'R-32', highSide: { value: 41, unit: 'barg' } }],
  });
  expect(went()).toEqual([`/jobs/new?unit=${writes[1]?.path.split('/')[1]}`]);
});

/** Fern valley stays chosen and shown while other letters are typed; the machine is stored there. */
async function keepsThere(writes: readonly { readonly body: unknown }[]): Promise<void> {
  await type('find a site', 'house 7');
  expect(screen.getByRole('radio', { name: 'Fern valley', checked: true })).toBeTruthy();
  await fillPlate();
  await press('Keep HS3');
  expect(writes[0]?.body).toMatchObject({ siteId: SITE.id });
}

test('of many sites the one that is meant is found by its letters, and the machine is stored there', async () => {
  const sites = Array.from({ length: 40 }, (_, i) => ({
    id: i === 33 ? SITE.id : SITE.id.replace(/02$/, String(100 + i)),
    altitudeM: 180,
    name: i === 33 ? 'Fern valley' : `House ${i}`,
  }));
  const { writes } = await showScreen(<NewUnitScreen />, {
    answers: { 'GET sites/after/first': { sites, next: null }, 'PUT units/*': { ...UNIT, id: 'new' } },
  });
  expect(screen.queryByText('Fern valley')).toBeNull();
  expect(screen.getByText(/28 more stand there/)).toBeTruthy();
  await type('find a site', 'FERN');
  await press('Fern valley');
  await keepsThere(writes);
});

test('a site that is on no page yet is found by its name, stays shown when other letters are typed, and a machine is stored there', async () => {
  const far = { ...SITE, name: 'Fern valley' };
  const sites = Array.from({ length: 50 }, (_, i) => ({ id: SITE.id.replace(/02$/, String(10 + i)), altitudeM: 180, name: `House ${i}` }));
  const { writes } = await showScreen(<NewUnitScreen />, {
    answers: {
      ...{ 'GET sites/after/first': { sites, next: 'behind' }, 'GET sites/named/fern': [far], 'GET sites/named/house%207': [] },
      ...{ [`GET sites/${SITE.id}`]: far, 'PUT units/*': { ...UNIT, id: 'new' } },
    },
  });
  expect(screen.getByText(/more stand there than are shown/)).toBeTruthy();
  await type('find a site', 'fern');
  await press('Fern valley');
  await keepsThere(writes);
});

test('nothing is sent while something is missing, and what is missing is marked', async () => {
  const { writes } = await showScreen(<NewUnitScreen />, { answers: { 'GET sites/after/first': { sites: [SITE], next: null } } });
  await press('Keep it');
  expect(screen.getByText('pick what it is like')).toBeTruthy();
  expect(screen.getAllByText('is needed')).toHaveLength(6); // refrigerant, both sides, coldest, tag, name
  expect(writes).toEqual([]);
});

test('a tag that is taken is told at the tag, and everything typed stays', async () => {
  await showScreen(<NewUnitScreen />, {
    answers: {
      'GET sites/after/first': { sites: [SITE], next: null },
      'PUT units/*': { status: 409, message: 'HS3 is another unit.', field: 'tag' },
    },
  });
  await fillPlate();
  await press('Keep HS3');
  expect(screen.getAllByText('HS3 is another unit.').length).toBeGreaterThan(0);
  expect(screen.getByDisplayValue('herbarium split')).toBeTruthy();
  expect(went()).toEqual([]);
});

describe('a form that is left', () => {
  const KEPT = 'kesto.form.p1.unit.new';

  test('is kept letter by letter', async () => {
    await showScreen(<NewUnitScreen />, { answers: { 'GET sites/after/first': { sites: [SITE], next: null } } });
    await type('tag on the machine', 'GC7');
    expect(JSON.parse(deviceKeeps(KEPT)[KEPT] ?? '{}')).toMatchObject({ version: 1, values: { tag: 'GC7' } });
  });

  test('is taken up where it was', async () => {
    const onDevice = { [KEPT]: JSON.stringify({ version: 1, values: { tag: 'GC7' } }) };
    await showScreen(<NewUnitScreen />, { answers: { 'GET sites/after/first': { sites: [SITE], next: null } }, onDevice });
    expect(screen.getByDisplayValue('GC7')).toBeTruthy();
  });

  test('of another version it is let go', async () => {
    const onDevice = { [KEPT]: JSON.stringify({ version: 0, values: { tag: 'GC7' } }) };
    await showScreen(<NewUnitScreen />, { answers: { 'GET sites/after/first': { sites: [SITE], next: null } }, onDevice });
    expect(screen.queryByDisplayValue('GC7')).toBeNull();
  });
});

describe('opening a job', () => {
  test('on the one machine there is takes a few words', async () => {
    const { writes } = await showScreen(<OpenJobScreen unitId={null} />, {
      answers: { 'GET units/after/first': { units: [UNIT], next: null }, 'PUT jobs/*': { id: 'job' } },
    });
    await type('in a few words: suction valve leaks', 'suction valve leaks');
    await press('Open the job');
    expect(writes[0]?.body).toEqual({ circuitId: CIRCUIT.id, title: 'suction valve leaks' });
    expect(went()).toEqual([`/${writes[0]?.path}`]);
  });

  test('in a shop without a machine leads to the first plate', async () => {
    await showScreen(<OpenJobScreen unitId={null} />, { answers: { 'GET units/after/first': { units: [], next: null } } });
    expect(screen.getByText('No machine yet')).toBeTruthy();
    await press('Add the first machine');
    expect(went()).toEqual(['/units/new']);
  });
});

describe('opening a job in a shop with many machines', () => {
  const page = (units: readonly unknown[], next: string | null) => ({ units, next });
  const other = { ...UNIT, id: 'v', tag: 'GC7', name: 'growth chamber' };

  test('the next page comes when it is asked for, and what was picked stays picked', async () => {
    await showScreen(<OpenJobScreen unitId={null} />, {
      answers: {
        'GET units/after/first': page([UNIT, { ...UNIT, id: 'w', tag: 'HS3' }], 'next'),
        'GET units/after/next': page([other], null),
      },
    });
    await press('CR2');
    expect(screen.queryByText('growth chamber')).toBeNull();
    await press('More machines');
    expect(screen.getByText('growth chamber')).toBeTruthy();
    expect(screen.getByText(/^vault cold room, /)).toBeTruthy();
  });

  test('one that was come from stands there though no page that was fetched has it', async () => {
    const { writes } = await showScreen(<OpenJobScreen unitId="v" />, {
      answers: {
        'GET units/after/first': page([UNIT], 'next'),
        'GET units/v': other,
        'GET sites/after/first': { sites: [SITE], next: null },
        'PUT jobs/*': { id: 'job' },
      },
    });
    expect(screen.getByText(/^growth chamber, /)).toBeTruthy();
    await type('in a few words: suction valve leaks', 'short of charge');
    await press('Open the job');
    expect(writes).toHaveLength(1);
  });
});

describe('a unit', () => {
  const answers = { 'GET units/u': UNIT };

  test('shows its plate, and a job is opened on it', async () => {
    await showScreen(<UnitScreen id="u" />, { answers });
    expect(screen.getByText('R-449A')).toBeTruthy();
    await press('Open a job here');
    expect(went()).toEqual(['/jobs/new?unit=u']);
  });

  test('is only read by an inspector', async () => {
    await showScreen(<UnitScreen id="u" />, { answers, role: 'inspector' });
    expect(screen.getByText('R-449A')).toBeTruthy();
    expect(screen.queryByText('Open a job here')).toBeNull();
  });
});
