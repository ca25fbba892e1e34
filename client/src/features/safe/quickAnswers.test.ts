import { POINT_ROWS, type TorchPoint } from '@kesto/core';
import type { StageWork } from '@/data/stages/useStage';
import { quickAnswers } from './quickAnswers';

const POINTS = Object.keys(POINT_ROWS) as readonly TorchPoint[]; // cast: a table by its keys

/** What one tap would keep. */
async function keptBy(point: TorchPoint, at = 0, me: string | null = 'Ilta Varro') {
  const kept: unknown[] = [];
  const work = { note: (kind: string, values: object) => Promise.resolve(kept.push([kind, values]) > 0) } as unknown as StageWork; // cast: what is kept by
  await quickAnswers(point, me)[at]?.keep(work);
  return kept[0];
}

test('air is not read, nor a watch kept, by a bare yes', () => {
  expect(quickAnswers('oxygen', 'Ilta Varro')).toEqual([]);
  expect(quickAnswers('watch', null)).toEqual([]);
});

test('whoever watches is named, and how long after the flame', async () => {
  expect(quickAnswers('watch', 'Ilta Varro').map(({ label }) => label)).toEqual(['Ilta Varro, 60 min']);
  expect(await keptBy('watch')).toEqual(['hot-work', { point: 'watch', answer: 'done', note: 'Ilta Varro, 60 min' }]);
});

test('who was told, and what is covered, are kept as what they are', async () => {
  expect(await keptBy('told')).toEqual(['told', { who: 'everybody here, until it is done' }]);
  expect(await keptBy('covered')).toEqual(['covered', { what: 'wet cloth below and behind' }]);
});

test.each(POINTS.filter((point) => POINT_ROWS[point].goesOut))(
  '%s: what goes out of service is said on its own sheet, with who puts it back',
  (point) => {
    expect(quickAnswers(point, 'Ilta Varro').some(({ label }) => /done|yes/i.test(label))).toBe(false);
  },
);

test.each(POINTS)('%s: no tap answers another point', async (point) => {
  for (const [at] of quickAnswers(point, 'Ilta Varro').entries()) {
    const [kind, values] = (await keptBy(point, at)) as [string, { point?: string }]; // cast: as kept above
    expect([kind, values.point ?? kind]).toEqual([kind, kind === 'hot-work' ? point : kind]);
  }
});
