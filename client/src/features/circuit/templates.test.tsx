import { CIRCUIT_FILE } from '@kesto/contract';
import { CIRCUIT_KIND_WORDS, CIRCUIT_TEMPLATE_WORDS } from '@kesto/contract/wording';
import { CIRCUIT_TEMPLATES, layOut, readCircuit, type CircuitGraph, type CircuitKind, type CircuitTemplate } from '@kesto/core';
import { fireEvent, screen, within } from '@testing-library/react-native';
import { CIRCUIT, SITE } from '@/testing/joints';
import { press, settle, showScreen } from '@/testing/screen';
import { CircuitScreen } from './CircuitScreen';
import { readCircuitFile } from './pickCircuit';

const UNIT = { id: 'u', tag: 'CR2', name: 'vault cold room', kind: 'cold-room', site: SITE, circuits: [CIRCUIT] };

const tap = async (label: string | RegExp) => {
  fireEvent.press(screen.getByLabelText(label));
  await settle();
};
const pick = async (title: 'Put into it' | 'Replace it by', kind: CircuitKind) => {
  fireEvent.press(within(screen.getByLabelText(title)).getByLabelText(CIRCUIT_KIND_WORDS[kind]));
  await settle();
};
const putInto = async (tube: RegExp, kind: CircuitKind) => {
  await tap(tube);
  await press('Put a part into it');
  await pick('Put into it', kind);
};
const kinds = ({ parts }: CircuitGraph, kind: CircuitKind) => parts.filter((part) => part.kind === kind);

/** Each of them, turned into another machine by tapping alone, and what it has then. */
const TURNED: Readonly<Record<CircuitTemplate, readonly [turn: () => Promise<void>, has: (graph: CircuitGraph) => boolean]>> = {
  split: [() => putInto(/^tube, gas valve to compressor/, 'accumulator'), (graph) => kinds(graph, 'accumulator').length === 1],
  'heat-pump': [
    async () => {
      await tap('drier');
      await press('both ways');
      await putInto(/^tube, drier to/, 'sight-glass');
    },
    (graph) => kinds(graph, 'drier')[0]?.twoWay === true && kinds(graph, 'accumulator').length === 1,
  ],
  'heat-pump-two-valves': [
    () => putInto(/^tube, drier to/, 'sight-glass'),
    (graph) => kinds(graph, 'sight-glass').length === 1 && kinds(graph, 'check-valve').length === 2 && readCircuit(graph).ok,
  ],
  'packaged-unit': [
    async () => {
      await tap(/^tube, compressor to/);
      await press('A branch from here');
      await tap(/^tube, distributor to/);
      await press('Put a part into it');
      await pick('Put into it', 'solenoid');
    },
    (graph) => kinds(graph, 'solenoid').length === 1 && kinds(graph, 'fitting').length === 2,
  ],
  'walk-in': [
    async () => {
      await tap(/^tube, solenoid valve to/);
      await press('A second coil beside the one it feeds');
    },
    (graph) => kinds(graph, 'evaporator').length === 2 && kinds(graph, 'expansion-valve').length === 2,
  ],
  'capillary-unit': [
    async () => {
      await tap('capillary');
      await press('It is something else');
      await pick('Replace it by', 'expansion-valve');
    },
    (graph) => kinds(graph, 'capillary').length === 0 && kinds(graph, 'expansion-valve').length === 1,
  ],
  'rooftop-circuit': [
    async () => {
      await tap('condenser coil');
      await press('shares a fan');
    },
    (graph) => layOut(graph).fans.length === 1,
  ],
  'water-source': [
    async () => {
      await putInto(/^tube, condenser coil to drier/, 'receiver');
      await press('+ port');
    },
    (graph) => kinds(graph, 'receiver').length === 1 && kinds(graph, 'port').length === 3,
  ],
  'long-line-set': [
    async () => {
      await tap('drier');
      await press('Move it to another tube');
      await tap(/^tube, condenser coil to/);
      await putInto(/^tube, evaporator coil to/, 'fitting');
    },
    (graph) => graph.links.some((link) => link.from === 'condenser' && link.to === 'drier'),
  ],
};

test.each(CIRCUIT_TEMPLATES)('%s becomes another machine by tapping; its file is read and drawn the same elsewhere', async (template) => {
  const [turn, has] = TURNED[template];
  const { writes } = await showScreen(<CircuitScreen unitId="u" circuitId="circuit" />, {
    answers: {
      'GET units/u': UNIT,
      'GET circuits/circuit/drawing': { drawing: null },
      'GET sites/after/first': { sites: [SITE], next: null },
      'GET today': { jobs: [], units: [], sentBack: [], due: [], toRead: [], toSettle: [] },
      'PUT circuits/circuit/drawings/*': {},
    },
  });
  await tap(CIRCUIT_TEMPLATE_WORDS[template]);
  await turn();
  await press('Keep the drawing');
  const graph = writes[0]?.body as CircuitGraph; // cast: what the screen sends
  expect(has(graph)).toBe(true);
  expect(readCircuit(graph).ok).toBe(true);
  const file = readCircuitFile(JSON.stringify({ ...CIRCUIT_FILE, name: 'CR2 main', circuit: graph }, null, 2));
  expect('graph' in file && layOut(file.graph)).toEqual(layOut(graph));
});
