import { TEMPLATE_CIRCUITS } from '@kesto/core';
import { fireEvent, screen } from '@testing-library/react-native';
import { CIRCUIT, SITE } from '@/testing/joints';
import { press, settle, showScreen, type, went } from '@/testing/screen';
import { CircuitScreen } from './CircuitScreen';
import { readCircuitFile } from './pickCircuit';

const UNIT = { id: 'u', tag: 'CR2', name: 'vault cold room', kind: 'cold-room', site: SITE, circuits: [CIRCUIT] };
const DRAWN = { drawing: { circuit: TEMPLATE_CIRCUITS['walk-in'], by: 'Ilta Varro', at: '2026-05-10T08:00:00.000Z' } };
const show = (drawn: object, rest: object = {}) =>
  showScreen(<CircuitScreen unitId="u" circuitId="circuit" />, {
    answers: {
      'GET units/u': UNIT,
      'GET circuits/circuit/drawing': drawn,
      'GET sites': [SITE],
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

test('a drawing that is not kept yet outlives the page', async () => {
  const graph = TEMPLATE_CIRCUITS['capillary-unit'];
  await show(DRAWN, { onDevice: { 'kesto.circuit.circuit': JSON.stringify({ version: 1, graph }) } });
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
