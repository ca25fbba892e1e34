import { codes, isolated, whys } from '../testing/isolations';
import { ring } from '../testing/rings';

const shut = { closes: true, open: false } as const;
const closes = { closes: true } as const;
const stands = { comp: { runs: false } } as const;

describe('liquid that valves would lock in, drawn by hand', () => {
  // condenser == king =L= drier =L= valve2(shut) - expansion: shutting king leaves the drier full between two shut valves.
  test('beyond a valve that stands shut: that one holds, the one before it stays open', () => {
    const found = isolated(ring('comp cond king drier valve2 exp evap suction', { parts: { valve2: shut } }), ['exp']);
    expect(found).toMatchObject({ method: 'pump-down', close: ['valve2'], closeAfter: ['suction'] });
    expect(found.staysFull).toContain('drier');
    expect(codes(found)).not.toContain('liquid-lock');
  });

  // receiver == valve1 =L= glass-long tube =L= valve2(shut) - drier - valve3 - expansion, standing: valve3 and valve2 would hold a tube full.
  test('in recovery as well: the piece behind the shut valve is emptied too', () => {
    const circuit = ring('comp cond rec tube1 valve2 tube2 valve3 exp evap suction', {
      parts: { ...stands, valve2: shut, valve3: closes },
    });
    const found = isolated(circuit, ['exp']);
    expect(found).toMatchObject({ method: 'recover-section', close: ['valve2', 'suction'] });
    expect(found.emptied).toEqual(expect.arrayContaining(['tube2', 'valve3']));
    expect(codes(found)).not.toContain('liquid-lock');
  });

  // king =L= drier =L= solenoid: the solenoid drops with the lock-out and the drier is a bottle of liquid.
  test('by a solenoid that drops: held open until it is empty', () => {
    const found = isolated(ring('comp cond king drier sol exp evap suction'), ['evap']);
    expect(found).toMatchObject({ method: 'pump-down', open: ['sol'] });
    expect(found.why).toContainEqual({ code: 'held-open', parts: ['sol'] });
  });

  test('what was locked in before is said, and is no fault of the way', () => {
    const circuit = ring('comp cond rec king drier exp evap suction', {
      more: ['cond>valve8', 'valve8>tube8', 'tube8>valve9', 'valve9>rec'],
      parts: { valve8: shut, valve9: shut },
    });
    const found = isolated(circuit, ['drier']);
    expect(found.method).toBe('pump-down');
    expect(found.cautions.find((c) => c.code === 'liquid-lock')).toMatchObject({ severity: 'stop', values: { parts: 'tube8' } });
  });
});

describe('what holds nothing back', () => {
  test('a solenoid that was said to close', () => {
    const found = isolated(ring('comp cond sol drier exp evap suction', { parts: { sol: closes } }), ['drier']);
    expect(found.method).not.toBe('pump-down');
    expect(found.close).not.toContain('sol');
  });
  test('a solenoid in a hot-gas by-pass: it feeds what is opened', () => {
    const circuit = ring('comp cond king drier exp evap suction', { more: ['comp>sol', 'sol>evap'], parts: { sol: closes } });
    expect(isolated(circuit, ['drier']).method).not.toBe('pump-down');
    expect(isolated(ring('comp cond king drier exp evap suction', { more: ['comp>valve7', 'valve7>evap'], parts: { valve7: closes } }), ['drier'])).toMatchObject({ method: 'pump-down', close: ['king', 'valve7'] }); // prettier-ignore
  });
  test('a check valve, however tight, and an expansion valve', () => {
    const back = ring('comp cond king drier exp evap check', { more: ['comp>check'], parts: { check: closes, exp: closes } });
    expect([...isolated(back, ['drier']).close, ...isolated(back, ['drier']).closeAfter]).toEqual(
      expect.not.arrayContaining(['check', 'exp']),
    );
    expect(isolated(ring('comp cond exp evap', { parts: { exp: closes } }), ['evap']).method).toBe('recover-all');
  });
  test('a relief valve is never shut off from what it guards', () => {
    const circuit = ring('comp cond rec valve1 drier exp evap suction', {
      more: ['rec>valve5', 'valve5>relief'],
      parts: { ...stands, valve1: closes, valve5: closes },
    });
    for (const work of ['rec', 'cond', 'relief']) expect(isolated(circuit, [work]).close).not.toContain('valve5');
    expect(isolated(circuit, ['drier'])).toMatchObject({ method: 'recover-section', close: ['valve1', 'suction'] });
  });
  test('a twin that stands is named where it feeds back', () => {
    const twin = ring('comp1 cond king drier exp evap suction tube', {
      more: ['tube>comp2', 'comp2>cond'],
      parts: { comp1: { runs: true }, comp2: { runs: false } },
    });
    expect(isolated(twin, ['drier']).why[0]).toEqual({ code: 'fed-by-part', parts: ['comp2'] });
  });
});

describe('air, water, dry ice', () => {
  const split = ring('comp cond king drier exp evap suction', { more: ['drier>port'] });
  test.each([
    ['R-32 with nobody having looked', 'R-32', {}, false],
    ['R-290 with nobody having looked', 'R-290', {}, false],
    ['R-32 looked over and tight', 'R-32', { lowSideLeak: false }, true],
    ['R-410A with nobody having looked', 'R-410A', {}, true],
    ['R-410A at zero gauge with nobody having looked', 'R-410A', { lowSidePressure: { value: 0, unit: 'barg' } }, false],
    ['R-410A at zero gauge, tight', 'R-410A', { lowSidePressure: { value: 0, unit: 'barg' }, lowSideLeak: false }, true],
  ])('pump down %s', (_what, refrigerant, state, goes) => {
    const found = isolated(split, ['drier'], { refrigerant, state });
    expect(found.method === 'pump-down').toBe(goes);
    expect(whys(found).includes('low-side-unknown')).toBe(!goes);
    expect(codes(found).includes('flammable-air')).toBe(refrigerant !== 'R-410A' && !goes);
  });
  test('one that is not listed burns by its class', () => {
    const unlisted = { refrigerant: 'R-1270', safetyClass: 'A3' } as const;
    const found = isolated(split, ['drier'], unlisted);
    expect(whys(found)).toContain('low-side-unknown');
    expect(found.cautions).toContainEqual(expect.objectContaining({ code: 'flammable-air', values: { refrigerant: 'R-1270' } }));
    const charge = { value: 1.2, unit: 'kg' };
    expect(isolated(split, ['drier'], { ...unlisted, charge, state: { lowSideLeak: false } }).method).toBe('pump-down');
  });
  test('a scroll is not drawn under zero', () =>
    expect(isolated(split, ['drier'], { state: { compressorKind: 'scroll' } }).cautions).toContainEqual(expect.objectContaining({ code: 'stop-above-zero', values: { mostPa: 14_000, compressor: 'scroll' } }))); // prettier-ignore
  test('water that stands in what is emptied freezes', () => {
    const chiller = ring('comp cond king drier exp chiller suction');
    expect(isolated(chiller, ['drier']).cautions).toContainEqual(
      expect.objectContaining({ code: 'water-freezes', values: { parts: 'chiller' } }),
    );
    expect(codes(isolated(split, ['drier']))).not.toContain('water-freezes');
  });
  test('carbon dioxide: dry ice and no smell, whatever the way', () => {
    for (const parts of [{}, stands])
      expect(codes(isolated(ring('comp cond king drier exp evap suction', { parts }), ['drier'], { refrigerant: 'R-744' }))).toEqual(expect.arrayContaining(['dry-ice', 'asphyxiant'])); // prettier-ignore
  });
});
