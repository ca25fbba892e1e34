import { reason, reasons, rowOf, type Where } from '../testing/fillers';
import { q } from '../testing/plans';

const code = (filler: string, where: Where, asked: string) => reason(filler, where, asked)?.verdict;
const ALUMINIUM = { male: 'aluminium', female: 'aluminium' } as const;

describe('old solder', () => {
  const old = (filler: string) => ({ state: 'brazed', filler }) as const;
  test('zinc-aluminium on aluminium is repaired with its own kind, and with nothing else', () => {
    const where: Where = { ...ALUMINIUM, history: old('Zn-2Al') };
    expect(code('Zn-15Al', where, 'soft-solder')).toBeUndefined();
    expect(code('BAlSi-4', where, 'soft-solder')).toBe('forbidden');
  });

  test('on copper zinc-aluminium stays a solder, whatever comes over it', () => {
    expect(code('Zn-2Al', { history: old('Zn-2Al') }, 'soft-solder')).toBe('forbidden');
  });

  test('tin on aluminium is no zinc-aluminium', () => {
    expect(code('Zn-2Al', { ...ALUMINIUM, history: 'soft-soldered' }, 'soft-solder')).toBe('forbidden');
  });
});

describe('old silver', () => {
  const silver = { state: 'brazed', filler: 'BAg-36' } as const;
  test('ground off it mixes with nothing', () => {
    expect(code('BCuP-5', { history: { ...silver, removed: 'ground-off' } }, 'mixed-fillers')).toBeUndefined();
    expect(code('BAg-36', { history: { ...silver, removed: 'ground-off' } }, 'same-kind')).toBeUndefined();
  });

  test('on aluminium or beside steel nothing is said of mixing: other rules decide there', () => {
    expect(code('BCuP-5', { male: 'aluminium', history: silver }, 'mixed-fillers')).toBeUndefined();
    expect(code('BAg-36', { female: 'carbon-steel', history: silver }, 'same-kind')).toBeUndefined();
  });
});

describe('ammonia', () => {
  const rest = { service: { refrigerant: 'R-717' } };
  test('forbids what holds copper, silver rods included', () => {
    expect(code('BAg-24', { rest, male: 'carbon-steel', female: 'stainless-steel' }, 'ammonia')).toBe('forbidden');
    expect(code('BCuP-5', { rest, ...ALUMINIUM }, 'ammonia')).toBe('forbidden');
  });

  test('on aluminium it forbids zinc, and leaves the silicon rod', () => {
    expect(code('Zn-2Al', { rest, ...ALUMINIUM }, 'ammonia-zinc')).toBe('forbidden');
    expect(code('Zn-2Al', { rest, ...ALUMINIUM }, 'ammonia')).toBeUndefined();
    expect(reasons('BAlSi-4', { rest, ...ALUMINIUM }).map((r) => r.code)).toEqual(['expert']);
  });

  test('another refrigerant says nothing', () =>
    expect(code('BCuP-5', { rest: { service: { refrigerant: 'R-744' } } }, 'ammonia')).toBeUndefined());
});

test('silver wets copper-nickel, but that is no praise where steel or aluminium is the other side', () => {
  const onCopperNickel = (male: 'copper' | 'carbon-steel' | 'aluminium') =>
    code('BAg-36', { male, female: 'copper-nickel' }, 'wets-copper-alloy');
  expect([onCopperNickel('copper'), onCopperNickel('carbon-steel'), onCopperNickel('aluminium')]).toEqual(['best', undefined, undefined]);
});

test('aluminium on the bench is skilled work and allowed', () => {
  const [row] = [rowOf('BAlSi-4', { ...ALUMINIUM, access: 'bench' })];
  expect(row).toMatchObject({ verdict: 'allowed', reasons: [{ code: 'bench-only-skill' }] });
});

describe('cold', () => {
  const at = (celsius: number) => code('BCuP-2', { rest: { service: { minTemp: q(celsius, 'C') } } }, 'low-ductility');
  test('asks for silver below -20 °C, not at it', () => expect([at(-20), at(-21)]).toEqual([undefined, 'avoid']));
});

describe('a limit of the gap that is typed is a limit that is kept', () => {
  // Copper in copper at brazing heat is about 1.3 % wider than cold: the bore that gives this gap when hot.
  const hot = (filler: string, gapMm: number) => {
    const wide = Number(reason(filler, { boreMm: 22.225 + 0.8 }, 'runs-through')?.values?.['gapMm']);
    return 22.225 + (2 * gapMm * 0.4) / wide;
  };
  test('half a micrometre over what a row fills is forgiven, more is not', () => {
    const runs = (gapMm: number) => code('BAg-36', { boreMm: hot('BAg-36', gapMm) }, 'runs-through');
    expect([runs(0.1303), runs(0.1308)]).toEqual([undefined, 'avoid']);
  });

  test('so it is at the quarter of a millimetre beyond which nothing bridges', () => {
    const bridged = (gapMm: number) => reason('BCuP-5', { boreMm: hot('BCuP-5', gapMm) }, 'bridges-gap')?.values?.['gapMm'];
    expect(bridged(0.2503)).toBeCloseTo(0.2503, 4);
    expect(bridged(0.2508)).toBeUndefined();
  });
});
