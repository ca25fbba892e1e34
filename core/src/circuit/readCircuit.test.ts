import type { CircuitGraph, CircuitPart } from './graph';
import { readCircuit } from './readCircuit';
import { CIRCUIT_TEMPLATES, TEMPLATE_CIRCUITS } from './templates';

const SPLIT = TEMPLATE_CIRCUITS.split;
const refused = (graph: CircuitGraph) => {
  const read = readCircuit(graph);
  return read.ok ? [] : read.errors.map((error) => [error.field, error.kind === 'refused' ? `${error.reason} ${error.value}` : error.kind]);
};
const at = (id: string) => SPLIT.parts.findIndex((part) => part.id === id);

test.each(CIRCUIT_TEMPLATES)('the template %s can be read as it stands', (name) => {
  expect(readCircuit(TEMPLATE_CIRCUITS[name]).ok).toBe(true);
});

test('two parts with one id', () => {
  const twice = { ...SPLIT, parts: [...SPLIT.parts, { id: 'drier', kind: 'drier' as const }] };
  expect(refused(twice)).toContainEqual([`parts[${SPLIT.parts.length}].id`, 'given-twice drier']);
});

test('a part that is linked to nothing', () => {
  const loose = { ...SPLIT, parts: [...SPLIT.parts, { id: 'king-valve', kind: 'valve' as const }] };
  expect(refused(loose)).toEqual([[`parts[${SPLIT.parts.length}]`, 'not-linked king-valve']]);
});

test('an unknown kind is named with what is allowed', () => {
  const parts = SPLIT.parts.map((part) => (part.id === 'drier' ? ({ ...part, kind: 'teapot' } as unknown as CircuitPart) : part)); // cast: what a file may hold
  expect(refused({ ...SPLIT, parts })).toEqual([[`parts[${at('drier')}].kind`, 'unknown-word']]);
});

test('a link to itself, and one to a part that is not there', () => {
  const links = [...SPLIT.links, { from: 'drier', to: 'drier' }, { from: 'drier', to: 'nobody' }];
  expect(refused({ ...SPLIT, links })).toEqual([
    [`links[${SPLIT.links.length}].to`, 'linked-to-itself drier'],
    [`links[${SPLIT.links.length + 1}].to`, 'no-such-part nobody'],
  ]);
});

test('a loop that no compressor drives names a part on it', () => {
  const links = [...SPLIT.links, { from: 'expansion', to: 'liquid-valve' }];
  const [[field, reason] = []] = refused({ ...SPLIT, links });
  expect(reason).toMatch(/^loop-without-compressor (expansion|liquid-valve|drier)$/);
  expect(field).toBe(`parts[${at(reason?.split(' ')[1] ?? '')}]`);
});

test('a reversing valve is passed twice without being a loop of its own', () => {
  expect(readCircuit(TEMPLATE_CIRCUITS['water-source']).ok).toBe(true);
});

test('a tube whose wall leaves no bore', () => {
  const links = SPLIT.links.map((link, i) =>
    i === 2 ? { ...link, tube: { od: { value: 6, unit: 'mm' }, wall: { value: 3, unit: 'mm' } } } : link,
  );
  expect(refused({ ...SPLIT, links })).toEqual([['links[2].tube.wall', 'wall-too-thick undefined']]);
});

test.each<[string, object, string]>([
  ['outside', { od: { value: 0.1, unit: 'mm' } }, 'od'],
  ['wall', { od: { value: 10, unit: 'mm' }, wall: { value: 0.01, unit: 'mm' } }, 'wall'],
  ['length', { od: { value: 10, unit: 'mm' }, length: { value: 0, unit: 'm' } }, 'length'],
])('the %s of a tube has a range', (_what, tube, field) => {
  const links = SPLIT.links.map((link, i) => (i === 2 ? { ...link, tube: tube as NonNullable<(typeof link)['tube']> } : link)); // cast: what a file may hold
  expect(refused({ ...SPLIT, links })).toEqual([[`links[2].tube.${field}`, 'out-of-range']]);
});

test('so has a volume', () => {
  const parts = SPLIT.parts.map((part) => (part.id === 'drier' ? { ...part, volume: { value: 11, unit: 'm3' } } : part));
  expect(refused({ ...SPLIT, parts })).toEqual([[`parts[${at('drier')}].volume`, 'out-of-range']]);
});

test('a part that only sends, or only takes, is linked', () => {
  const parts = [...SPLIT.parts, { id: 'fill', kind: 'port' as const }, { id: 'drain', kind: 'port' as const }];
  expect(refused({ parts, links: [...SPLIT.links, { from: 'fill', to: 'drier' }, { from: 'drier', to: 'drain' }] })).toEqual([]);
});
