import type { CircuitGraph } from '../circuit/graph';
import { codes, isolated, whys } from '../testing/isolations';
import { ring } from '../testing/rings';
import { isolate } from '.';

const q = (value: number, unit: string) => ({ value, unit });

const split = (rest: Parameters<typeof ring>[1] = {}) => ring('comp cond king drier exp evap suction', { more: ['drier>port'], ...rest });

describe('pump down', () => {
  test('a split: shut the liquid valve, run, stop, shut the suction valve', () => {
    const found = isolated(split(), ['drier']);
    expect(found).toMatchObject({ method: 'pump-down', open: [], close: ['king'], closeAfter: ['suction'] });
    expect(found.staysFull).toEqual(['comp', 'cond', 'king']);
    expect(found.emptied).toEqual(['drier', 'exp', 'evap', 'suction', 'port']);
    expect(found.opened).toEqual(['drier', 'exp', 'evap', 'port']);
    expect(codes(found)).toEqual(['stop-above-zero']);
  });

  test('nothing to shut towards the compressor: only its valves hold the charge back', () => {
    const found = isolated(split({ parts: { suction: { closes: false } } }), ['evap']);
    expect(found).toMatchObject({ method: 'pump-down', closeAfter: [] });
    expect(codes(found)).toContain('compressor-holds');
  });

  test('the valve behind the receiver is taken, not the one before it', () => {
    const circuit = ring('comp cond king1 rec king2 drier exp evap suction');
    expect(isolated(circuit, ['drier'])).toMatchObject({ close: ['king2'], staysFull: ['comp', 'cond', 'king1', 'rec', 'king2'] });
  });

  test('with the receiver’s valve stripped, the one before it; the receiver is emptied then', () => {
    const circuit = ring('comp cond king1 rec king2 drier exp evap suction', { parts: { king2: { closes: false } } });
    const found = isolated(circuit, ['drier']);
    expect(found.close).toEqual(['king1']);
    expect(found.emptied).toContain('rec');
  });

  test('never a valve between compressor and condenser', () => {
    const circuit = ring('comp valve cond drier exp evap suction', { parts: { valve: { closes: true } } });
    expect(isolated(circuit, ['drier']).method).not.toBe('pump-down');
  });

  test('never the valve that is itself worked on', () => {
    const found = isolated(ring('comp cond rec king1 king2 drier exp evap suction'), ['king1']);
    expect(found.method).not.toBe('pump-down');
    expect(whys(found)).toContain('work-stays-full');
  });

  test('a shut solenoid on the way to the compressor is opened', () =>
    expect(isolated(ring('comp cond king drier sol exp evap suction', { parts: { sol: { open: false } } }), ['drier']).open).toEqual([
      'sol',
    ]));

  test('a solenoid, open or shut, is held open: what lies before it is emptied too and no liquid stays locked in', () => {
    for (const open of [false, true]) {
      const found = isolated(ring('comp cond king drier sol exp evap suction', { parts: { sol: { open } } }), ['exp']);
      expect(found).toMatchObject({ method: 'pump-down', open: ['sol'], close: ['king'] });
      expect(found.emptied).toContain('drier');
      expect(codes(found)).not.toContain('liquid-lock');
      expect(whys(found)).toContain('held-open');
    }
  });

  test('a check valve against the way out traps the refrigerant', () => {
    const circuit = ring('comp cond king drier exp evap suction', { more: ['drier>check', 'check>tube'] });
    expect(whys(isolated(circuit, ['tube']))).toContain('no-way-out');
    expect(isolated(circuit, ['drier']).method).toBe('pump-down');
  });

  test('hot-gas by-pass that does not close feeds the opened side; one that closes is shut', () => {
    const bypass = (closes: boolean) =>
      isolated(ring('comp cond king drier exp evap suction', { more: ['comp>valve', 'valve>evap'], parts: { valve: { closes } } }), [
        'drier',
      ]);
    const fed = bypass(false);
    expect(fed.method).not.toBe('pump-down');
    expect(bypass(true)).toMatchObject({ method: 'pump-down', close: ['king', 'valve'] });
  });

  test('a twin compressor that stands feeds the suction header, unless it is known to hold', () => {
    const twin = (closes?: boolean) =>
      ring('comp1 cond king drier exp evap suction tube', {
        more: ['tube>comp2', 'comp2>cond'],
        parts: { comp2: { runs: false, ...(closes === undefined ? {} : { closes }) } },
      });
    const fed = isolated(twin(), ['drier']);
    expect(fed.why[0]).toEqual({ code: 'fed-by-part', parts: ['comp2'] });
    expect(isolated(twin(true), ['drier']).method).toBe('pump-down');
  });

  test.each([
    ['not-running', split({ parts: { comp: { runs: false } } }), {}],
    ['low-side-leak', split(), { lowSideLeak: true }],
    ['below-zero', split(), { lowSidePressure: q(-5, 'kPag') }],
    ['air-inside', split(), { airInside: true }],
    ['joint-open', split(), { jointOpen: true }],
  ] as const)('never when %s', (code, circuit, state) => {
    const found = isolated(circuit, ['drier'], { state });
    expect(whys(found)).toContain(code);
    expect(found).toMatchObject({ method: 'recover-section', close: ['king', 'suction'] });
  });

  test('a compressor of another circuit does not count', () => {
    const one = split({ parts: { comp: { runs: false } } });
    const other = ring('comp9 cond9 king9 exp9 evap9');
    const both = { parts: [...one.parts, ...other.parts], links: [...one.links, ...other.links] };
    const found = isolated(both, ['drier']);
    expect(whys(found)).toContain('not-running');
    expect(found.staysFull).toEqual(expect.arrayContaining(['comp9', 'evap9']));
  });

  test('the charge must go into 80 % of condenser and receiver', () => {
    const circuit = split({ parts: { cond: { volume: q(5, 'L') } } });
    const found = isolated(circuit, ['drier'], { charge: q(6, 'kg'), refrigerant: 'R-410A' });
    // R-410A liquid at 25 °C 1.06 kg/L: 5 L x 0.8 take 4.2 kg.
    expect(found.why[0]).toMatchObject({ code: 'charge-too-large', roomKg: expect.closeTo(4.2, 1) as number });
    expect(isolated(circuit, ['drier'], { charge: q(4, 'kg'), refrigerant: 'R-410A' }).method).toBe('pump-down');
  });

  test('a dual pressure switch does not join its two sides; its high capillary stays full', () => {
    const circuit = ring('comp cond king drier exp evap suction', { more: ['cond>dual', 'suction>dual'] });
    expect(isolated(circuit, ['drier']).method).toBe('pump-down');
    expect(isolated(circuit, ['drier']).staysFull).toContain('dual');
    expect(isolated(circuit, ['dual']).why[0]).toEqual({ code: 'work-stays-full', parts: ['dual'] });
  });

  test('drawn with the flow through it, a dual switch is still two capillaries', () => {
    const circuit = ring('comp tube1 cond king drier exp evap tube2', { more: ['tube1>dual', 'dual>tube2'] });
    expect(isolated(circuit, ['drier']).method).toBe('pump-down');
  });

  test('a heat pump: the valve itself stays full on one side, the coil outdoors is emptied the other way round', () => {
    const circuit = ring('comp rev cond king exp evap suction rev acc', { more: ['king>port'] });
    expect(isolated(circuit, ['exp'])).toMatchObject({ method: 'pump-down', close: ['king'], closeAfter: ['suction'] });
    expect(isolated(circuit, ['exp']).staysFull).toContain('rev');
    const outdoors = ring('comp rev cond king1 exp king2 evap suction rev acc', { more: ['cond>port'] });
    const found = isolated(outdoors, ['cond']);
    expect(found.method).not.toBe('pump-down'); // nothing can be shut between the coil and the compressor then
    const withValve = ring('comp rev suction2 cond king1 exp king2 evap suction rev acc', { more: ['cond>port'] });
    expect(isolated(withValve, ['cond'])).toMatchObject({ method: 'pump-down', close: ['king2'], closeAfter: ['suction2'] });
    expect(whys(isolated(withValve, ['cond']))).toContain('other-position');
  });
});

describe('recover', () => {
  test('one valve bounds nothing: all of it comes out', () => {
    const found = isolated(ring('comp cond king drier exp evap'), ['cond']);
    expect(found).toMatchObject({ method: 'recover-all', close: [], staysFull: [] });
    expect(found.opened).toHaveLength(6);
    expect(codes(found)).toEqual(['no-port']);
  });

  test('valves that were not seen to close count as open', () =>
    expect(isolated(split({ parts: { comp: { runs: false }, king: { closes: false } } }), ['drier']).method).toBe('recover-all'));

  test('shut parts inside are opened, or what is behind them stays', () => {
    const circuit = ring('comp cond drier sol exp evap', { parts: { sol: { open: false } } });
    expect(isolated(circuit, ['cond']).open).toEqual(['sol']);
  });
});

test('a port on a service valve that bounds the piece serves it', () => {
  const circuit = ring('comp cond king drier exp evap suction', { more: ['king>port'], parts: { comp: { runs: false } } });
  expect(isolated(circuit, ['drier']).method).toBe('recover-section');
  expect(codes(isolated(circuit, ['drier']))).toEqual([]);
});

describe('sections', () => {
  const tube = { od: q(0.875, 'in'), wall: q(0.045, 'in'), length: q(12, 'm') };
  const circuit = ((): CircuitGraph => {
    const { parts, links } = split({ parts: { evap: { volume: q(2, 'L') } } });
    return { parts, links: links.map((link) => (link.from === 'evap' ? { ...link, tube } : link)) };
  })();
  const hold = { testPressure: q(20, 'barg'), minutes: 60, gauge: { resolution: q(1, 'kPa') }, temperatureUncertaintyK: 0.5 };

  test('cut at the two valves: what each holds, and whether a gauge can be put on it', () => {
    const { sections } = isolated(circuit, ['drier'], { split: ['king', 'suction'] });
    // 19.94 mm bore over 12 m is 3.747 L.
    expect(sections).toEqual([
      { parts: ['comp', 'cond'], volumeM3: 0, portsNeeded: 1, smallestSeenPaM3S: null },
      { parts: ['drier', 'exp', 'evap', 'port'], volumeM3: expect.closeTo(5.747e-3, 5) as number, portsNeeded: 0, smallestSeenPaM3S: null },
    ]);
  });

  test('a section sees what the whole cannot: the blind part goes with the volume', () => {
    const smallest = (cuts: readonly string[]) =>
      (isolated(circuit, ['drier'], { split: cuts, hold }).sections ?? []).map((s) => s.smallestSeenPaM3S ?? 0);
    const [whole = 0] = smallest([]);
    const [before = 0, after = 0] = smallest(['exp', 'king']).slice(-2);
    expect(Math.max(before, after)).toBeLessThanOrEqual(whole);
    // By hand: 2 x 5.747 L x 3.64 kPa / 3600 s; 3.64 kPa from 0.5 K of 293 K at 2.1 MPa, the weather 0.5 kPa, the step 0.4 kPa.
    expect(whole).toBeCloseTo(1.17e-5 * 1000, 2);
  });
});

test.each([
  ['a part that is not there', { work: ['nothing'] }, 'work[0]'],
  ['no part at all', { work: [] }, 'work'],
  ['a cut at nothing', { work: ['drier'], split: ['drier', 'x'] }, 'split[1]'],
] as const)('%s is refused', (_what, rest, field) => {
  const result = isolate({ circuit: split(), ...rest });
  expect(result).toMatchObject({ ok: false, errors: [{ field }] });
});

test('a circuit that cannot be is refused, naming the part in full', () => {
  const circuit = { parts: [...split().parts, { id: 'lost', kind: 'valve' as const }], links: split().links };
  expect(isolate({ circuit, work: ['drier'] })).toMatchObject({ ok: false, errors: [{ field: 'circuit.parts[8]', reason: 'not-linked' }] });
});

describe('a tube that is opened itself, kinked or blocked', () => {
  test('behind the liquid valve it is pumped down like a part there: the valve is not what is opened', () => {
    const found = isolated(split(), ['king>drier']);
    expect(found).toMatchObject({ method: 'pump-down', close: ['king'], closeAfter: ['suction'] });
    expect(found.opened).toContain('king>drier');
    expect(found.staysFull).toContain('king');
  });

  test('before the liquid valve nothing cuts it off from the condenser', () => {
    const found = isolated(split(), ['cond>king']);
    expect(found.method).not.toBe('pump-down');
    expect(found.emptied).toContain('cond>king');
  });

  test('a tube that is not drawn is refused by its place in the list', () => {
    const answer = isolate({ circuit: split(), work: ['drier', 'drier>comp'] });
    expect(answer).toMatchObject({ ok: false, errors: [{ field: 'work[1]' }] });
  });
});
