import { TEMPLATE_CIRCUITS } from '../circuit/templates';
import { salt } from '../testing/ledger';
import { closeWords, commitmentsIn, isCommitment, isOnDrawing, isWorked, KINDS, openWords, placesIn, tellsWell, toldOf } from '.';

describe('places that an entry names', () => {
  test('by their field: a place, a list of parts, nothing where it tells none', () => {
    expect(placesIn('checked-place', { place: 'drier', method: 'soap', result: 'leak' })).toEqual([{ field: 'place', place: 'drier' }]);
    expect(placesIn('isolation', { work: ['drier', 'valve'], method: 'pump-down' })).toEqual([
      { field: 'work[0]', place: 'drier' },
      { field: 'work[1]', place: 'valve' },
    ]);
    expect(placesIn('complaint', { text: 'drier' })).toEqual([]);
    expect(placesIn('sign', { sign: 'oil' })).toEqual([]);
  });

  test('are on a drawing as a part, a tube by its two ends, or the rig, which is on every one', () => {
    const { split } = TEMPLATE_CIRCUITS;
    const [link] = split.links;
    expect(isOnDrawing(split, split.parts[0]!.id)).toBe(true);
    expect(isOnDrawing(split, `${link!.from}>${link!.to}`)).toBe(true);
    expect(isOnDrawing(split, 'rig')).toBe(true);
    expect(isOnDrawing(split, `${link!.to}>${link!.from}`)).toBe(false);
    expect(isOnDrawing(split, 'moon')).toBe(false);
    expect(isOnDrawing({ parts: [], links: [] }, 'rig')).toBe(true);
  });
});

describe('what one value says of another', () => {
  test.each([
    ['hot-work', { point: 'oxygen', answer: 'none-here' }, { field: 'answer', why: 'never-none-here' }],
    ['hot-work', { point: 'extinguisher', answer: 'none-here' }, { field: 'answer', why: 'never-none-here' }],
    ['hot-work', { point: 'watch', answer: 'none-here' }, { field: 'answer', why: 'never-none-here' }],
    ['hot-work', { point: 'sprinklers', answer: 'none-here' }, null],
    ['hot-work', { point: 'oxygen', answer: 'done' }, null],
    ['recovered', { tareKg: 12, grossKg: 11.9, minutes: 1 }, { field: 'grossKg', why: 'under-before', beforeKg: 12 }],
    ['recovered', { tareKg: 12, beforeKg: 11.9, grossKg: 14, minutes: 1 }, { field: 'beforeKg', why: 'under-tare', tareKg: 12 }],
    ['recovered', { tareKg: 12, beforeKg: 13, grossKg: 12.9, minutes: 1 }, { field: 'grossKg', why: 'under-before', beforeKg: 13 }],
    ['recovered', { tareKg: 12, beforeKg: 13, grossKg: 13, minutes: 1 }, null],
    ['overruled', { gate: 'torch', points: ['watch'], reason: 'x' }, null],
    ['overruled', { gate: 'torch', points: ['watch', 'oxygen'], reason: 'x' }, { field: 'points', why: 'never-overruled' }],
    ['overruled', { gate: 'not-approved', points: ['watch'], reason: 'x' }, { field: 'points', why: 'of-the-torch-alone' }],
    ['recovered', { tareKg: 12, grossKg: 12, minutes: 1 }, null],
    ['also-opened', { what: 'drier', place: 'drier', choice: 'declined' }, { field: 'why', why: 'reason-needed' }],
    ['also-opened', { what: 'drier', place: 'drier', choice: 'declined', why: 'new' }, null],
    ['also-opened', { what: 'drier', place: 'drier', choice: 'yes' }, null],
    ['complaint', { text: 'warm' }, null],
  ] as const)('%s %j', (kind, values, misfit) => expect(tellsWell(kind, values)).toEqual(misfit));

  test('only what was told is told, whatever came beside it', () =>
    expect(toldOf('worth', { ageYears: 1, advice: 'repair', earlierFinds: 3 })).toEqual({ ageYears: 1 }));

  test('something is worked out of a hold, nothing of a complaint', () =>
    expect([isWorked('section-hold'), isWorked('complaint')]).toEqual([true, false]));
});

describe('words give way to commitments', () => {
  test('wherever they stand: in lists, in objects, where there may be nothing; figures, ids and designations stay', () => {
    const lines = [{ label: 'bore', text: '19.94 mm' }];
    const { told, beside } = closeWords(KINDS.sum.told, { calculator: 'purge', given: lines, answers: [], note: 'at the vault' }, salt);
    expect(told['calculator']).toBe('purge');
    expect(isCommitment(told['note'])).toBe(true);
    expect((told['given'] as readonly object[])[0]).toEqual({ label: { words: expect.any(String) }, text: { words: expect.any(String) } });
    expect(
      Object.values(beside)
        .map(({ words }) => words)
        .sort(),
    ).toEqual(['19.94 mm', 'at the vault', 'bore']);
    expect(openWords(told, beside)).toEqual({ value: { calculator: 'purge', given: lines, answers: [], note: 'at the vault' }, gone: [] });
    expect(commitmentsIn(told)).toHaveLength(3);
  });

  test('a figure that is not there stays nothing, and words that are empty are words', () => {
    const made = { filler: 'BAg-36', rodMm: 40, seconds: null, note: '' };
    const { told, beside } = closeWords(KINDS.brazed.told, made, salt);
    expect(told).toMatchObject({ filler: 'BAg-36', rodMm: 40, seconds: null });
    expect(openWords(told, beside).value).toEqual(made);
    expect(openWords(told, {})).toEqual({ value: made, gone: commitmentsIn(told) });
  });

  test('only an object of one hash is a commitment', () => {
    const hash = 'a'.repeat(64);
    expect([{ words: hash }, { words: 'a' }, { words: hash, more: 1 }, hash, null, [hash]].map(isCommitment)).toEqual([
      true,
      false,
      false,
      false,
      false,
      false,
    ]);
  });
});
