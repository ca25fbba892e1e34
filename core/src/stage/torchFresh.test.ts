import { torchFreshness, type StageFact } from '.';

const ABOUT = { safetyClass: 'A1', refrigerant: 'R-410A', near: [] } as const;
const said = (kind: string, at: string, values: object, by = 'Ilta Varro') =>
  ({ id: kind + at, stage: 'make-safe', kind, values, by, at, takenAt: at, aheadMs: 0, photos: [] }) as unknown as StageFact; // cast: a fact as it is kept
const READ = [
  said('zero-and-open', '2026-11-02T08:00:00.000Z', { sides: ['high', 'low'] }),
  said('hot-work', '2026-11-02T08:10:00.000Z', { point: 'oxygen', answer: 'done' }),
  said('hot-work', '2026-11-02T07:00:00.000Z', { point: 'extinguisher', answer: 'done' }),
];
const at = (clock: string, rest: { who?: string; lastFlame?: string } = {}) =>
  torchFreshness(READ, ABOUT, {
    who: rest.who ?? 'Ilta Varro',
    now: new Date(`2026-11-02T${clock}:00.000Z`),
    lastFlame: rest.lastFlame ? `2026-11-02T${rest.lastFlame}:00.000Z` : null,
  });

test('the gauges and the air are good for half an hour; extinguisher and watch stand', () => {
  expect(at('08:20')).toEqual({ again: [], goodUntil: new Date('2026-11-02T08:30:00.000Z') });
  expect(at('08:35').again).toEqual(['zero-and-open']);
  expect(at('08:50')).toEqual({ again: ['zero-and-open', 'oxygen'], goodUntil: null });
});

test('a flame keeps them good: the half hour counts without one', () => {
  expect(at('08:50', { lastFlame: '08:30' })).toEqual({ again: [], goodUntil: new Date('2026-11-02T09:00:00.000Z') });
});

test('whoever lights reads them, nobody lights on what another has read', () => {
  expect(at('08:20', { who: 'Oskar Penn' }).again).toEqual(['zero-and-open', 'oxygen']);
});

test('nothing is good of what was never answered', () => {
  expect(torchFreshness([], ABOUT, { who: 'Ilta Varro', now: new Date(0), lastFlame: null })).toEqual({ again: [], goodUntil: null });
});
