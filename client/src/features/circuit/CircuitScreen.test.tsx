import { TEMPLATE_CIRCUITS } from '@kesto/core';
import { fireEvent, screen } from '@testing-library/react-native';
import { dayWith } from '@/testing/jobs';
import { CIRCUIT, SITE } from '@/testing/joints';
import { deviceKeeps, press, settle, showScreen, type, went } from '@/testing/screen';
import { CircuitScreen } from './CircuitScreen';
import { readCircuitFile } from './pickCircuit';

const UNIT = { id: 'u', tag: 'CR2', name: 'vault cold room', kind: 'cold-room', site: SITE, circuits: [CIRCUIT] };
const DRAWN = { drawing: { circuit: TEMPLATE_CIRCUITS['walk-in'], by: 'Ilta Varro', at: '2026-05-10T08:00:00.000Z' } };
const show = (drawn: object, rest: object = {}) =>
  showScreen(<CircuitScreen unitId="u" circuitId="circuit" />, {
    answers: {
      'GET units/u': UNIT,
      'GET circuits/circuit/drawing': drawn,
      'GET sites/after/first': { sites: [SITE], next: null },
      'PUT circuits/circuit/drawings/*': DRAWN.drawing,
    },
    ...rest,
  });
const tap = async (label: string | RegExp) => {
  fireEvent.press(screen.getByLabelText(label));
  await settle();
};

test('a circuit nobody drew begins from the nearest kind and is kept', async () => {
  const { writes } = await show({ drawing: null });
  await tap('heat pump, reversing valve');
  await press('Keep the drawing');
  expect(writes[0]?.body).toEqual(TEMPLATE_CIRCUITS['heat-pump']);
  expect(went()).toEqual(['/units/u']);
});

test('a valve is tapped and said to be stripped; undone, it is as it was', async () => {
  const { writes } = await show(DRAWN);
  await tap('king valve');
  await press('stripped');
  await press('undo');
  await press('shuts tight');
  await press('Keep the drawing');
  const { parts } = writes[0]?.body as (typeof TEMPLATE_CIRCUITS)['walk-in'];
  expect(parts.find((part) => part.id === 'king-valve')).toEqual({ id: 'king-valve', kind: 'valve', closes: true });
});

test('a tube is tapped: a part is put in, its size is set', async () => {
  const { writes } = await show(DRAWN);
  await tap(/^tube, receiver to/);
  await type('outside', '1/2');
  await press('Set its size');
  await press('Put a part into it');
  await tap('check valve');
  await press('Keep the drawing');
  const { parts, links } = writes[0]?.body as (typeof TEMPLATE_CIRCUITS)['walk-in'];
  expect(parts.at(-1)).toEqual({ id: 'check-valve', kind: 'check-valve' });
  expect(links.find((link) => link.to === 'check-valve')?.tube?.od).toEqual({ value: 0.5, unit: 'in' });
});

test('another length keeps the measured wall of the tube; another size does not', async () => {
  const measured = { od: { value: 22, unit: 'mm' }, wall: { value: 1.2, unit: 'mm' } };
  const links = TEMPLATE_CIRCUITS['walk-in'].links.map((link) => (link.from === 'receiver' ? { ...link, tube: measured } : link));
  await show({ drawing: { ...DRAWN.drawing, circuit: { ...TEMPLATE_CIRCUITS['walk-in'], links } } });
  const drawn = () => {
    const key = 'kesto.form.p1.circuit.circuit';
    const kept = JSON.parse(deviceKeeps(key)[key] || '{}') as { values?: typeof DRAWN.drawing.circuit };
    return kept.values?.links.find((link) => link.from === 'receiver')?.tube;
  };
  await tap(/^tube, receiver to/);
  await type('length', '3 m');
  await press('Set its size');
  expect(drawn()).toMatchObject({ wall: { value: 1.2, unit: 'mm' }, length: { value: 3, unit: 'm' } });
  await type('outside', '28 mm');
  await press('Set its size');
  expect(drawn()?.wall).toBeUndefined();
});

test('a name is one step to undo, however many letters it has, and is kept without blanks around it', async () => {
  const { writes } = await show(DRAWN);
  await tap('receiver');
  for (const text of ['t', 'ta', 'tan', 'tank', 'tank ']) await type('name on the drawing', text);
  await press('undo');
  expect(screen.getByLabelText('receiver')).toBeTruthy();
  await type('name on the drawing', 'tank ');
  await press('Keep the drawing');
  const { parts } = writes[0]?.body as (typeof TEMPLATE_CIRCUITS)['walk-in'];
  expect(parts.find((part) => part.id === 'receiver')?.name).toBe('tank');
});

test('a joint is planned at the end of a tube, in the job that stands on this circuit', async () => {
  const { writes } = await show(DRAWN, {
    answers: {
      'GET units/u': UNIT,
      'GET circuits/circuit/drawing': DRAWN,
      'GET sites/after/first': { sites: [SITE], next: null },
      'GET today': dayWith(),
      'PUT jobs/job/joints/*': {},
    },
  });
  await tap(/^tube, evaporator coil to/);
  await press('at suction valve');
  expect(writes[0]?.body).toEqual({
    title: 'suction valve, inlet, 7/8 in',
    at: { part: 'suction-valve', from: 'evaporator', to: 'suction-valve' },
  });
});

test('a job on the unit’s other circuit is not offered', async () => {
  const [job] = dayWith().jobs;
  await show(DRAWN, {
    answers: {
      'GET units/u': UNIT,
      'GET circuits/circuit/drawing': DRAWN,
      'GET sites/after/first': { sites: [SITE], next: null },
      'GET today': dayWith({ jobs: job ? [{ ...job, circuitId: 'the other' }] : [] }),
    },
  });
  await tap(/^tube, evaporator coil to/);
  expect(screen.queryByText('at suction valve')).toBeNull();
  expect(screen.getByText('Open a job to plan a joint here')).toBeTruthy();
});

test.each([
  ['as it is kept today', 'kesto.form.p1.circuit.circuit', 'values'],
  ['as the former version kept it', 'kesto.circuit.circuit', 'graph'],
])('a drawing that is not kept yet outlives the page, %s', async (_how, key, field) => {
  const graph = TEMPLATE_CIRCUITS['capillary-unit'];
  await show(DRAWN, { onDevice: { [key]: JSON.stringify({ version: 1, [field]: graph }) } });
  expect(screen.getByLabelText('capillary')).toBeTruthy();
  await press('Back to what was kept');
  expect(screen.getByLabelText('receiver')).toBeTruthy();
});

test('an inspector reads it and can only save it', async () => {
  await show(DRAWN, { role: 'inspector' });
  expect(screen.getByText('Save as a file')).toBeTruthy();
  expect(screen.queryByText('Read from a file')).toBeNull();
  expect(screen.queryByLabelText('receiver')).toBeNull();
});

describe('a circuit’s file', () => {
  const file = (circuit: unknown) => JSON.stringify({ format: 'kesto-circuit', version: 1, name: 'CR2 main', circuit });

  test('is read as it was saved', () => {
    const graph = TEMPLATE_CIRCUITS['rooftop-circuit'];
    expect(readCircuitFile(file(graph))).toEqual({ graph });
  });

  test('that is wrong says where, naming the part', () => {
    const { parts, links } = TEMPLATE_CIRCUITS.split;
    const problem = (text: string) => (readCircuitFile(text) as { problem: string }).problem;
    expect(problem(file({ parts: [...parts, { id: 'loose', kind: 'valve' }], links }))).toBe(
      `circuit.parts[${parts.length}]: loose is linked to nothing: say what comes before or after it`,
    );
    expect(problem(file({ parts, links: [...links, { from: 'drier', to: 'condenser' }] }))).toMatch(/passes no compressor/);
    expect(problem('{}')).toMatch(/^format/);
    expect(problem('not a file')).toMatch(/not JSON/);
  });
});

test('a part goes into the tube that is tapped next, and a branch joins there', async () => {
  const { writes } = await show(DRAWN);
  await tap('drier');
  await press('Move it to another tube');
  expect(screen.getByText('Tap the tube that drier goes into.')).toBeTruthy();
  await tap(/^tube, solenoid valve to/);
  await tap(/^tube, compressor to/);
  await press('A branch from here');
  await tap(/^tube, expansion valve to/);
  await press('Put a part into it');
  await tap('check valve');
  await press('Keep the drawing');
  const { links } = writes[0]?.body as (typeof TEMPLATE_CIRCUITS)['walk-in'];
  expect(links.find((link) => link.from === 'solenoid')?.to).toBe('drier');
  expect(links.find((link) => link.from === 'fitting' && link.to !== 'condenser')?.to).toBe('check-valve');
});

test('a coil shares a fan, a drier works both ways', async () => {
  const { writes } = await show(DRAWN);
  await tap('condenser coil');
  await press('shares a fan');
  await type('which fan', 'roof fan');
  await tap('drier');
  await press('both ways');
  await press('Keep the drawing');
  const { parts } = writes[0]?.body as (typeof TEMPLATE_CIRCUITS)['walk-in'];
  expect(parts.find((part) => part.id === 'condenser')?.fan).toBe('roof fan');
  expect(parts.find((part) => part.id === 'drier')?.twoWay).toBe(true);
});

describe('what a part bears', () => {
  test('is typed as its plate says it, in gauge; it stands there again, and goes with the drawing', async () => {
    const { writes } = await show(DRAWN);
    await tap('drier');
    await type('working pressure', '31 barg');
    await type('maker’s test pressure', '46 barg');
    await press('Set its limits');
    expect(screen.getAllByLabelText('maker’s test pressure')[0]?.props['value']).toBe('46 barg');
    await press('Keep the drawing');
    const { parts } = writes[0]?.body as (typeof TEMPLATE_CIRCUITS)['walk-in'];
    expect(parts.find(({ id }) => id === 'drier')?.limits).toEqual({
      pressure: { value: 31, unit: 'barg' },
      test: { value: 46, unit: 'barg' },
    });
  });

  test('beyond what anything bears it is not taken, and the field says what may be', async () => {
    await show(DRAWN);
    await tap('drier');
    await type('working pressure', '900 barg');
    await press('Set its limits');
    expect(screen.getByText(/must lie in .*\.\.200 barg/)).toBeTruthy();
    expect(screen.getByText('Drawn')).toBeTruthy();
  });
});
