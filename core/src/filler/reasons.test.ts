import type { PlanRequest } from '../plan/request';
import { reason, reasons, type Where } from '../testing/fillers';
import { planned, q, requestFor } from '../testing/plans';
import { findFiller, holdsZinc, isWide } from './fillers';

// Liquidus of the rows: BAg-36 677, BAg-20 766, BAg-7 652, BCuP-2 793, BCuP-3 813, BCuP-5 802 °C; solidus of brass 885, bronze 854 °C.
describe('a finding says its figures', () => {
  test.each<[string, string, Where, object]>([
    [
      'silver on brass',
      'BAg-36',
      { female: 'brass' },
      { code: 'zinc-loss', verdict: 'best', values: { liquidusC: 677, belowK: 208, metal: 'brass' } },
    ],
    [
      '15 % silver on brass',
      'BCuP-5',
      { female: 'brass' },
      { code: 'flux-on-brass', verdict: 'allowed', values: { liquidusC: 802, belowK: 83, metal: 'brass' } },
    ],
    [
      '5 % silver on brass',
      'BCuP-3',
      { female: 'brass' },
      { code: 'flux-on-brass', verdict: 'allowed', values: { liquidusC: 813, belowK: 72, metal: 'brass' } },
    ],
    [
      'no silver on brass',
      'BCuP-2',
      { female: 'brass' },
      { code: 'low-silver-on-brass', verdict: 'avoid', values: { liquidusC: 793, belowK: 92, metal: 'brass' } },
    ],
    [
      'bronze nearly molten',
      'BCuP-3',
      { female: 'bronze' },
      { code: 'near-melting', verdict: 'avoid', values: { metal: 'bronze', solidusC: 854, liquidusC: 813 } },
    ],
    [
      'brass that melts first',
      'CuP 179',
      { female: 'brass' },
      { code: 'base-melts', verdict: 'forbidden', values: { metal: 'brass', solidusC: 885, liquidusC: 890 } },
    ],
    ['brass as the tube', 'CuP 179', { male: 'brass' }, { code: 'base-melts', values: { metal: 'brass', solidusC: 885, liquidusC: 890 } }],
    ['much silver on steel', 'BAg-36', { female: 'carbon-steel' }, { code: 'wets-steel', verdict: 'best', values: { liquidusC: 677 } }],
    ['34 % silver on steel', 'Ag 134', { female: 'carbon-steel' }, { code: 'wets-steel', verdict: 'best' }],
    [
      '30 % silver on steel',
      'BAg-20',
      { female: 'carbon-steel' },
      { code: 'needs-more-heat', verdict: 'avoid', values: { silverPercent: 30 } },
    ],
    ['nickel on stainless', 'BAg-24', { female: 'stainless-steel' }, { code: 'nickel-bearing', verdict: 'best' }],
    ['no nickel on stainless', 'BAg-36', { male: 'stainless-steel' }, { code: 'no-nickel', verdict: 'allowed' }],
    ['phosphorus on copper', 'BCuP-5', {}, { code: 'self-fluxing', verdict: 'best' }],
    ['silver on copper', 'BAg-36', {}, { code: 'cooler-with-flux', verdict: 'allowed', values: { liquidusC: 677 } }],
    ['silver on copper-nickel', 'BAg-36', { female: 'copper-nickel' }, { code: 'wets-copper-alloy', verdict: 'best' }],
    [
      'aluminium to copper above 548 °C',
      'BAlSi-4',
      { male: 'aluminium' },
      { code: 'al-cu-eutectic', verdict: 'forbidden', values: { liquidusC: 582 } },
    ],
    ['aluminium to copper below it', 'Zn-2Al', { male: 'aluminium' }, { code: 'al-exception', verdict: 'avoid' }],
    ['aluminium to brass', 'Zn-2Al', { male: 'aluminium', female: 'brass' }, { code: 'no-practice', verdict: 'forbidden' }],
    [
      'silver on aluminium',
      'BAg-36',
      { male: 'aluminium', female: 'aluminium' },
      { code: 'base-melts', verdict: 'forbidden', values: { metal: 'aluminium', solidusC: 643, liquidusC: 677 } },
    ],
    ['zinc on aluminium', 'Zn-2Al', { male: 'aluminium', female: 'aluminium' }, { code: 'low-temperature-repair', verdict: 'allowed' }],
    ['aluminium-silicon on the unit', 'BAlSi-4', { male: 'aluminium', female: 'aluminium' }, { code: 'expert', verdict: 'avoid' }],
    ['a filler for aluminium on copper', 'Zn-2Al', {}, { code: 'aluminium-only', verdict: 'forbidden' }],
    ['cadmium', 'BAg-1', {}, { code: 'cadmium', verdict: 'forbidden' }],
    ['phosphorus on steel', 'BCuP-5', { female: 'carbon-steel' }, { code: 'phosphide', verdict: 'forbidden' }],
    ['phosphorus on aluminium bronze', 'BCuP-5', { male: 'aluminium-bronze' }, { code: 'aluminium-bronze', verdict: 'forbidden' }],
    ['zinc coating', 'BAg-36', { female: 'galvanised-steel' }, { code: 'galvanised', verdict: 'forbidden' }],
    [
      'phosphorus over old silver',
      'BCuP-5',
      { history: { state: 'brazed', filler: 'BAg-36' } },
      { code: 'mixed-fillers', verdict: 'avoid' },
    ],
    ['silver over old silver', 'BAg-36', { history: { state: 'brazed', filler: 'BAg-7' } }, { code: 'same-kind', verdict: 'best' }],
    [
      'an old filler brass does not bear',
      'BAg-7',
      { female: 'brass', history: { state: 'brazed', filler: 'BCuP-3' } },
      { code: 'cannot-reflow', verdict: 'avoid', values: { lowC: 813 } },
    ],
  ])('%s', (_what, filler, where, expected) => expect(reasons(filler, where)).toContainEqual(expect.objectContaining(expected)));
});

describe('movement and cold want silver', () => {
  const rest = { service: { vibration: true } };
  test.each<[string, string, string, object | undefined]>([
    ['BCuP-2', 'low-ductility', 'avoid', { silverPercent: 0, phosphorusPercent: 7.25 }],
    ['BCuP-3', 'ductile-enough', 'allowed', { silverPercent: 5, phosphorusPercent: 6 }],
    ['BCuP-5', 'ductile', 'best', { silverPercent: 15, phosphorusPercent: 5 }],
    ['BCuP-8', 'low-ductility', 'avoid', { silverPercent: 18, phosphorusPercent: 6.25 }],
    ['BAg-36', 'ductile', 'best', undefined],
  ])('%s: %s', (filler, code, verdict, values) => {
    expect(reason(filler, { rest }, code)).toMatchObject({ verdict, ...(values ? { values } : {}) });
  });

  test('on the high side of carbon dioxide a rod low in silver cracks, without any movement', () => {
    const on = (rod: string, side: 'high' | 'low') =>
      reason(rod, { rest: { service: { refrigerant: 'R-744', side, rating: q(130, 'barg') } } }, 'low-ductility');
    expect(on('BCuP-2', 'high')).toEqual({
      code: 'low-ductility',
      verdict: 'avoid',
      values: { silverPercent: 0, phosphorusPercent: 7.25 },
    });
    expect([on('BCuP-3', 'high'), on('BCuP-2', 'low')]).toEqual([undefined, undefined]);
  });

  test('without either nothing is said of it', () => expect(reason('BCuP-2', { rest: { service: {} } }, 'low-ductility')).toBeUndefined());
});

describe('hot service', () => {
  const at = (filler: string, celsius: number) => reason(filler, { rest: { service: { maxTemp: q(celsius, 'C') } } }, 'hot-service');
  test('phosphorus is good to 149 °C, silver to 204 °C, both ends included', () => {
    expect([at('BCuP-5', 149), at('BAg-36', 204)]).toEqual([undefined, undefined]);
    expect(at('BCuP-5', 150)).toMatchObject({ verdict: 'avoid', values: { limitC: 149 } });
    expect(at('BAg-36', 205)).toMatchObject({ verdict: 'avoid', values: { limitC: 204 } });
  });
});

describe('a gap that is too wide', () => {
  // 22.225 mm of copper in copper: (bore - 22.225) / 2 a side, the same hot as cold.
  test('runs through a fluid row, and says how wide it is and what the row fills', () => {
    const found = reason('BAg-36', { boreMm: 22.225 + 0.4 }, 'runs-through');
    expect(found?.verdict).toBe('avoid');
    expect(Number(found?.values?.['gapMm'])).toBeCloseTo(0.2, 2);
    expect(found?.values?.['mostMm']).toBe(findFiller('BAg-36')?.gapMostMm);
  });

  test('is bridged by one that stays pasty, up to a quarter of a millimetre', () => {
    expect(reason('BCuP-5', { boreMm: 22.225 + 0.4 }, 'bridges-gap')).toMatchObject({ verdict: 'best' });
    expect(reason('BCuP-5', { boreMm: 22.225 + 0.4 }, 'runs-through')).toBeUndefined();
    expect(reason('BCuP-5', { boreMm: 22.225 + 0.56 }, 'runs-through')).toMatchObject({ verdict: 'avoid' });
    expect(reason('BCuP-5', { boreMm: 22.225 + 0.56 }, 'bridges-gap')).toBeUndefined();
  });
});

test('what is wide: pasty over 75 K and filling more than 0.08 mm', () => {
  const row = findFiller('BCuP-5');
  if (!row) throw new Error('BCuP-5 is in the table');
  const wide = (solidusC: number, liquidusC: number, gapMostMm: number) => isWide({ ...row, solidusC, liquidusC, gapMostMm });
  expect([wide(600, 675, 0.13), wide(600, 674, 0.13), wide(600, 675, 0.08)]).toEqual([true, false, false]);
});

test('what holds zinc, by its family or by its composition', () => {
  const holds = (name: string) => {
    const row = findFiller(name);
    return row && holdsZinc(row);
  };
  expect(['Zn-2Al', 'BAg-36', 'BCuP-5', 'BAlSi-4'].map(holds)).toEqual([true, true, false, false]);
});

test('reasons come with the deciding ones first, each once', () => {
  const found = reasons('BCuP-2', { female: 'brass', rest: { service: { vibration: true, sulphur: true } } });
  expect(found.map((r) => r.verdict)).toEqual(['avoid', 'avoid', 'avoid']);
  expect(new Set(found.map((r) => r.code)).size).toBe(3);
  const mixed = reasons('BCuP-5', { female: 'brass', rest: { service: { sulphur: true } } });
  expect(mixed.map((r) => r.verdict)).toEqual(['avoid', 'allowed']);
});

describe('the order among equals', () => {
  const order = (names: readonly string[], where: Where = {}, joint: Partial<PlanRequest['joint']> = {}) => {
    const { male = 'copper', female = 'copper', rest = {} } = where;
    const request = requestFor({ metal: female }, { ...rest, stock: names.map((designation) => ({ designation })) }, { metal: male });
    return planned({ ...request, joint: { ...request.joint, ...joint } }).fillers.map((f) => f.filler.designation);
  };

  test('house rod first: 5 to 6 % silver where nobody says, then less silver, then the lower liquidus', () => {
    expect(order(['BCuP-5', 'BCuP-4', 'BCuP-6', 'BCuP-3'])).toEqual(['BCuP-3', 'BCuP-4', 'BCuP-6', 'BCuP-5']);
    expect(order(['BCuP-5', 'BCuP-3'], { rest: { schools: { houseRod: 'silver-15' } } })).toEqual(['BCuP-5', 'BCuP-3']);
    expect(order(['BCuP-3', 'BCuP-6'], { rest: { schools: { houseRod: 'silver-free' } } })).toEqual(['BCuP-6', 'BCuP-3']);
  });

  test('where it moves the house rod is 15 %', () => {
    expect(order(['BCuP-3', 'BCuP-5'], { rest: { service: { vibration: true } } })).toEqual(['BCuP-5', 'BCuP-3']);
  });

  test('on brass the colder row, on stainless the one with nickel', () => {
    expect(order(['BAg-36', 'BAg-7'], { female: 'brass' })).toEqual(['BAg-7', 'BAg-36']);
    expect(order(['BAg-7', 'BAg-24'], { female: 'stainless-steel' })).toEqual(['BAg-24', 'BAg-7']);
  });

  test('of two that differ in nothing that counts, the name decides', () => {
    // Both have a liquidus of 779 °C, and brass asks for no nickel.
    expect(order(['BAg-4', 'BAg-37'], { female: 'brass' })).toEqual(['BAg-37', 'BAg-4']);
    expect(order(['BAg-37', 'BAg-4'], { female: 'brass' })).toEqual(['BAg-37', 'BAg-4']);
  });

  test('aluminium: its silicon rod on the bench, the zinc rod on the unit', () => {
    const where: Where = { male: 'aluminium', female: 'aluminium' };
    expect(order(['BAlSi-4', 'Zn-2Al', 'Zn-15Al'], where)).toEqual(['Zn-2Al', 'Zn-15Al', 'BAlSi-4']);
    expect(order(['Zn-15Al', 'Zn-2Al', 'BAlSi-4'], where, { access: 'bench' })[0]).toBe('BAlSi-4');
  });
});
