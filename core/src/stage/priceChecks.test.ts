import { TEMPLATE_CIRCUITS } from '../circuit/templates';
import { openChecks, priceChecks } from '.';
import type { StageFact } from '.';

const SPLIT = TEMPLATE_CIRCUITS.split;
const fact = (kind: string, values: object) =>
  ({ id: kind, stage: 'decide', kind, values, by: 'Ilta Varro', at: '', takenAt: '', photos: [] }) as unknown as StageFact; // cast: one kind at a time
const work = (...ids: readonly string[]) => fact('isolation', { work: ids });
const checks = (facts: readonly StageFact[], rest: Partial<Parameters<typeof priceChecks>[0]> = {}) =>
  priceChecks({ graph: SPLIT, facts, chargeKg: 2, ...rest });
const closing = { ...SPLIT, parts: SPLIT.parts.map((part) => (part.kind === 'valve' ? { ...part, closes: false } : part)) };

test('never none: on a fresh job without a drawing those that every job asks', () => {
  expect(checks([], { graph: null })).toEqual(['access', 'sprinklers', 'lead-time']);
});

test('by the circuit: valves nobody saw close, its drier, a charge that is not known', () => {
  expect(checks([])).toEqual(['access', 'sprinklers', 'lead-time', 'valves-close', 'steel-stubs', 'drier']);
  expect(checks([], { graph: closing })).not.toContain('valves-close');
  expect(checks([], { chargeKg: undefined })).toContain('charge');
  expect(checks([fact('loss', { lostKg: 1, days: 9, chargeKg: 2 })], { chargeKg: undefined })).not.toContain('charge');
});

test('by the work: old filler, length to cut, steel stubs, acid of a compressor', () => {
  const bare = { parts: closing.parts.filter(({ kind }) => kind !== 'drier'), links: [] };
  expect(checks([work('gas-valve')], { graph: bare })).toEqual(['access', 'sprinklers', 'lead-time', 'old-filler', 'length-left']);
  expect(checks([work('compressor')], { graph: bare })).toEqual(expect.arrayContaining(['steel-stubs', 'acid']));
  expect(checks([work('gone')], { graph: bare })).toEqual(['access', 'sprinklers', 'lead-time', 'old-filler', 'length-left']);
});

test('each is open until just that was answered; what people added comes after', () => {
  const answered = [fact('price-check', { of: 'access', found: 'ladder' }), fact('price-held-until', { check: 'the door' })];
  expect(openChecks({ graph: null, facts: answered, chargeKg: 2 })).toEqual(['sprinklers', 'lead-time', 'the door']);
  const all = ['access', 'sprinklers', 'lead-time', 'the door'].map((of) => fact('price-check', { of, found: 'x' }));
  expect(openChecks({ graph: null, facts: [...answered, ...all], chargeKg: 2 })).toEqual([]);
});
