import { readFileSync } from 'node:fs';
import path from 'node:path';
import { run } from './main';

const q = (value: number | string, unit: string) => ({ value, unit });
const ask = (command: string, request: unknown) => run(command, JSON.stringify(request));
const answer = (command: string, request: unknown) => {
  const outcome = ask(command, request);
  if (outcome.exit !== 0) throw new Error(outcome.stderr);
  expect(outcome.stderr).toBe('');
  return JSON.parse(outcome.stdout) as Record<string, never>;
};
/** A refusal: exit 2, nothing on standard output, one JSON line on standard error. */
const refusal = (outcome: ReturnType<typeof run>) => {
  expect(outcome.exit).toBe(2);
  expect(outcome.stdout).toBe('');
  expect(outcome.stderr.trim().split('\n')).toHaveLength(1);
  const { error } = JSON.parse(outcome.stderr) as { error: { code: string; field: string; message: string } };
  expect(Object.keys(error).sort()).toEqual(['code', 'field', 'message']);
  return error;
};

const joint = (female: object = {}, male: object = {}) => ({
  male: { metal: 'copper', form: 'tube', od: q(0.875, 'in'), wall: q(0.045, 'in'), ...male },
  female: { metal: 'brass', form: 'component-stub', bore: q(22.33, 'mm'), cupDepth: q(19, 'mm'), wall: q(1.6, 'mm'), ...female },
});
const plan = (rest: object = {}) => ({ joint: joint(), service: { designPressure: q(19, 'barg'), maxTemp: q(50, 'C') }, ...rest });
const path12 = {
  sections: [{ bore: q(19.94, 'mm'), length: q(12, 'm') }, { volume: q(1.8, 'L') }],
  flood: q(15, 'L/min'),
  minutes: 10,
  outlet: { kind: 'port-core-out' },
};

describe('plan', () => {
  test('answers exactly the keys of the contract', () => {
    const a = answer('plan', plan({ purge: path12, near: [{ kind: 'valve', distance: q(60, 'mm') }], torch: { fuel: 'air-acetylene' } }));
    expect(Object.keys(a).sort()).toEqual([
      'cautions',
      'filler',
      'fillers',
      'fit',
      'flux',
      'heat',
      'inspect',
      'pressure',
      'protection',
      'purge',
    ]);
    expect(Object.keys(a['fit']!).sort()).toEqual([
      'coldGapMm',
      'insertMm',
      'leastOverlapMm',
      'radialGapColdMm',
      'radialGapHotMm',
      'verdict',
    ]);
    expect(Object.keys(a['filler']!).sort()).toEqual(['massG', 'rodLengthMm', 'volumeMm3']);
    expect(Object.keys(a['flux']!).sort()).toEqual(['class', 'required', 'text']);
    expect(Object.keys(a['heat']!).sort()).toEqual(['energyKj', 'flags', 'seconds', 'targetHighC', 'targetLowC']);
    expect(Object.keys(a['pressure']!).sort()).toEqual(['allowableKpa', 'designKpa', 'ok']);
    expect(Object.keys(a['protection']![0]!).sort()).toEqual([
      'kind',
      'limitC',
      'measure',
      'peakC',
      'rootC',
      'unprotectedPeakC',
      'verdict',
    ]);
    expect(Object.keys(a['fillers']![0]!).sort()).toEqual(['designation', 'gapLeastMm', 'gapMostMm', 'reasons', 'verdict']);
    expect(Object.keys(a['cautions']![0]!).sort()).toEqual(['authority', 'code', 'severity', 'stage', 'text']);
  });

  test('copper into brass needs flux, and says so in words', () => {
    const a = answer('plan', plan());
    expect(a['flux']).toMatchObject({ required: true, class: 'FB3-A' });
    expect(String(a['flux']!['text'])).not.toBe('');
  });

  test('with every filler forbidden flux class, filler and heat are null', () => {
    const a = answer('plan', plan({ joint: joint({ history: 'soft-soldered' }) }));
    expect(a).toMatchObject({ filler: null, heat: null, flux: { class: null } });
  });

  test('choose decides what is worked out', () => {
    const target = (choose: string) => answer('plan', plan({ choose }))['heat']!['targetLowC'];
    expect(target('BAg-36')).toBe(677);
    expect(target('BAg-24')).toBe(707);
  });

  test('the same question gets the same answer to the letter', () => {
    expect(ask('plan', plan({ purge: path12 }))).toEqual(ask('plan', plan({ purge: path12 })));
  });

  test.each([
    ['letters in a size', plan({ joint: joint({}, { od: q('seven', 'in') }) }), 'joint.male.od'],
    ['a negative length', plan({ joint: joint({ cupDepth: q(-3, 'mm') }) }), 'joint.female.cupDepth'],
    ['a tube larger than its socket', plan({ joint: joint({ bore: q(20, 'mm') }) }), 'joint.female.bore'],
    ['a metal the engine does not know', plan({ joint: joint({ metal: 'tin' }) }), 'joint.female.metal'],
    ['an unknown filler', plan({ stock: [{ designation: 'BAg-36' }, { designation: 'BX-1' }] }), 'stock[1].designation'],
    ['a forbidden choice', plan({ choose: 'BAg-1' }), 'choose'],
    ['nothing open', plan({ purge: { ...path12, outlet: { kind: 'none' } } }), 'purge.outlet.kind'],
    ['an unknown unit', plan({ joint: joint({}, { od: q(7, 'furlong') }) }), 'joint.male.od'],
    ['a bare number', plan({ joint: joint({}, { od: 22 }) }), 'joint.male.od'],
    ['psi where a pressure is meant', plan({ service: { designPressure: q(400, 'psi') } }), 'service.designPressure'],
    ['atmosphere and altitude', plan({ atmosphere: q(100, 'kPa'), altitude: q(10, 'm') }), 'altitude'],
    ['a key nobody knows', plan({ colour: 'red' }), 'colour'],
    ['no joint', {}, 'joint'],
    ['an unknown refrigerant', plan({ service: { refrigerant: 'R-999' } }), 'service.safetyClass'],
    ['ammonia on copper', plan({ service: { refrigerant: 'R-717' } }), 'joint.male.metal'],
  ])('%s is refused, naming the field in full', (_what, request, field) => {
    const error = refusal(ask('plan', request));
    expect(error.field).toBe(field);
    expect(error.message.length).toBeGreaterThan(10);
  });

  test('a figure out of range names the range', () => {
    expect(refusal(ask('plan', plan({ joint: joint({}, { od: q(500, 'mm') }) }))).message).toMatch(/1\.5.*120 mm.*500/);
  });
});

describe('purge', () => {
  test('answers exactly its keys', () => {
    const a = answer('purge', {
      ...path12,
      cylinder: { waterVolume: q(10, 'L'), pressure: q(150, 'barg') },
      room: { volume: q(40, 'm3') },
    });
    expect(Object.keys(a).sort()).toEqual(
      [
        'cautions',
        'cylinderLeftPercent',
        'floodSeconds',
        'jointPressureKpa',
        'nitrogenL',
        'outlet',
        'roomO2Percent',
        'trickleLpm',
        'volumeChanges',
        'volumeL',
      ].sort(),
    );
    expect(a['volumeChanges']).toBeCloseTo(5.34, 2);
    expect(a['outlet']).toBe('open');
  });

  test('what was not given is null, not guessed', () => {
    expect(answer('purge', path12)).toMatchObject({ cylinderLeftPercent: null, roomO2Percent: null });
  });

  test('an unopened outlet is refused', () =>
    expect(refusal(ask('purge', { ...path12, outlet: { kind: 'none' } })).field).toBe('outlet.kind'));
});

describe('reach', () => {
  const request = {
    tube: { metal: 'copper', od: q(0.875, 'in'), wall: q(0.045, 'in') },
    ambient: q(20, 'C'),
    jointTemperature: q(720, 'C'),
    seconds: 60,
    at: [q(100, 'mm'), q(4, 'in')],
  };

  test('answers peaks in the order asked, with the balance', () => {
    const a = answer('reach', request);
    expect(Object.keys(a).sort()).toEqual(['dryAtSeconds', 'energyErrorPercent', 'points']);
    expect((a['points'] as unknown as { distanceMm: number }[]).map((p) => p.distanceMm)).toEqual([100, expect.closeTo(101.6, 6)]);
    expect(a['dryAtSeconds']).toBeNull();
  });

  test('a wrap without water is refused', () => {
    expect(refusal(ask('reach', { ...request, wet: { from: q(50, 'mm'), to: q(150, 'mm'), water: q(0, 'kg') } })).field).toBe('wet.water');
  });
});

describe('verify', () => {
  const example = readFileSync(path.join(__dirname, '../../docs/examples/joint-record.json'), 'utf8');

  const head = /"hash":\s*"([0-9a-f]{64})"(?![\s\S]*"hash":)/.exec(example)?.[1] ?? '';

  test('the example record is intact, with its count and its whole head', () =>
    expect(JSON.parse(run('verify', example).stdout)).toEqual({ intact: true, entries: 9, head }));

  test('a head noted earlier: found, and whether it is the last', () => {
    expect(JSON.parse(run('verify', example, ['--head', head]).stdout)).toMatchObject({ noted: { isLast: true, entriesAfter: 0 } });
    const other = run('verify', example, ['--head', 'f'.repeat(64)]);
    expect(other.exit).toBe(1);
    expect(JSON.parse(other.stdout)).toMatchObject({ intact: false, firstBroken: { chain: 'joint', head: 'f'.repeat(64) } });
    expect(refusal(run('verify', example, ['--head', 'short'])).field).toBe('head');
    expect(refusal(run('verify', example, ['--heads', head])).code).toBe('unknown-option');
  });

  test('one altered letter names joint, entry and why', () => {
    const outcome = run('verify', example.replace('Flowed all round at once.', 'Flowed all round at onze.'));
    expect(outcome.exit).toBe(1);
    expect(JSON.parse(outcome.stdout)).toMatchObject({
      firstBroken: { chain: 'joint', joint: 'HS3-03', entry: 4, why: expect.any(String) },
    });
  });

  const changed = (change: (file: Record<string, unknown>) => void) => {
    const file = JSON.parse(example) as Record<string, unknown>;
    change(file);
    return JSON.stringify(file);
  };
  const entry = (file: Record<string, unknown>) => (file['entries'] as { content: Record<string, unknown> }[])[2]!.content;

  test.each([
    ['a file of another kind', '{"format":"other"}', 'format'],
    ['no JSON', 'format', 'record'],
    ['null', 'null', 'record'],
    ['a key said twice', example.replace('"kind":', '"kind": "accepted", "kind":'), 'kind'],
    ['a key said twice, once with an escape', example.replace('"kind":', '"k\\u0069nd": "accepted", "kind":'), 'kind'],
    ['a key named record', changed((file) => Object.assign(file, { record: 1 })), 'record'],
    ['entries that are none', changed((file) => Object.assign(file, { entries: [null] })), 'entries[0]'],
    ['a joint that is null', changed((file) => (entry(file)['joint'] = null)), 'entries[2].content.joint'],
    ['photos that are one', changed((file) => (entry(file)['photos'] = 'x')), 'entries[2].content.photos'],
    ['a photo that is null', changed((file) => (entry(file)['photos'] = [null])), 'entries[2].content.photos[0]'],
    ['a value not in the chain', changed((file) => (entry(file)['approved'] = true)), 'entries[2].content.approved'],
    ['a correction of a number', changed((file) => (entry(file)['corrects'] = 7)), 'entries[2].content.corrects'],
    ['a number without end', example.replace(/"rodMm": ?22/, '"rodMm": 1e999'), 'entries[3].content.values.rodMm'],
    ['half a letter', changed((file) => (entry(file)['values'] = { note: '\ud800' })), 'entries[2].content.values.note'],
    ['five thousand levels', example.replace(/"rodMm": ?22/, `"rodMm": ${'['.repeat(5000)}${']'.repeat(5000)}`), ''],
  ])('%s is refused in one line, never a crash', (_what, text, field) => {
    const outcome = run('verify', text);
    expect(outcome).toMatchObject({ exit: 2, stdout: '' });
    expect(outcome.stderr.trim().split('\n')).toHaveLength(1);
    if (field) expect(refusal(outcome).field).toBe(field);
  });

  test('a photo under a name that every object has is missing, not read', () => {
    const outcome = run('verify', example.replaceAll(/"sha256": ?"[0-9a-f]{64}"/g, '"sha256": "constructor"'));
    expect(outcome.exit).toBe(1);
  });
});

describe('saturation and readings', () => {
  test('at a temperature: pressures; at a pressure: temperatures; densities and glide with both', () => {
    expect(Object.keys(answer('saturation', { refrigerant: 'R-407C', temperature: q(5, 'C') })).sort()).toEqual(
      ['bubbleKpa', 'dewKpa', 'glideK', 'liquidKgPerL', 'vapourKgPerM3'].sort(),
    );
    expect(Object.keys(answer('saturation', { refrigerant: 'R-407C', pressure: q(80, 'psig') })).sort()).toEqual(
      ['bubbleC', 'dewC', 'glideK', 'liquidKgPerL', 'vapourKgPerM3'].sort(),
    );
  });

  test('the local atmosphere turns gauge into absolute', () => {
    const dew = (rest: object) => Number(answer('saturation', { refrigerant: 'R-134a', pressure: q(35, 'psig'), ...rest })['dewC']);
    expect(dew({})).toBeCloseTo(4.44, 1); // 40 °F
    expect(dew({ altitude: q(1600, 'm') })).toBeLessThan(dew({}) - 1);
  });

  const short = {
    refrigerant: 'R-410A',
    metering: 'valve',
    suction: { pressure: q(100, 'psig'), line: q(60, 'F') },
    liquid: { pressure: q(340, 'psig'), line: q(103, 'F') },
  };

  test('readings answer superheat, subcooling and what they point to', () => {
    const a = answer('readings', short);
    expect(Object.keys(a).sort()).toEqual(['condensingC', 'evaporatingC', 'pointers', 'subcoolingK', 'superheatK']);
    expect(a['pointers']).toMatchObject([{ code: 'short', text: expect.stringContaining('short of charge') }]);
  });

  test('a fixed orifice also tells its target', () => {
    const a = answer('readings', { ...short, metering: 'fixed', indoorWetBulb: q(67, 'F'), outdoor: q(95, 'F') });
    expect(Number(a['targetSuperheatK']) * 1.8).toBeCloseTo(13, 6);
  });

  test.each([
    ['saturation', { refrigerant: 'R-999', temperature: q(0, 'C') }, 'refrigerant'],
    ['saturation', { refrigerant: 'R-32', temperature: q(200, 'C') }, 'temperature'],
    ['readings', { ...short, metering: 'tap' }, 'metering'],
    ['readings', { ...short, liquid: { pressure: q(9000, 'psig'), line: q(100, 'F') } }, 'liquid.pressure'],
  ])('%s refuses, naming the field', (command, request, field) => expect(refusal(ask(command, request)).field).toBe(field));
});

describe('what the contract refuses is refused with its full name, and the range in the unit that was sent', () => {
  const service = (rest: object) => plan({ service: { designPressure: q(19, 'barg'), ...rest } });
  const near = (rest: object) => plan({ near: [{ kind: 'valve', distance: q(60, 'mm'), ...rest }] });
  const reach = (rest: object) => ({
    tube: { metal: 'copper', od: q(0.875, 'in'), wall: q(0.045, 'in') },
    ambient: q(20, 'C'),
    jointTemperature: q(720, 'C'),
    seconds: 60,
    at: [q(50, 'mm')],
    ...rest,
  });
  const fixed = {
    refrigerant: 'R-410A',
    metering: 'fixed',
    suction: { pressure: q(340, 'psig'), line: q(60, 'F') },
    liquid: { pressure: q(100, 'psig'), line: q(103, 'F') },
  };
  const twice = {
    stock: [
      { designation: 'BAg-36', rod: 'round-1/16' },
      { designation: 'BAg-36', rod: 'round-1/8' },
    ],
  };

  test.each<[string, string, object, string, RegExp]>([
    ['coldest above hottest', 'plan', service({ minTemp: q(40, 'C'), maxTemp: q(20, 'C') }), 'service.minTemp', /maxTemp/],
    [
      'new with an old filler',
      'plan',
      plan({ joint: joint({ history: { state: 'new', filler: 'BCuP-2' } }) }),
      'joint.female.history.filler',
      /no old filler/,
    ],
    [
      'new with something removed',
      'plan',
      plan({ joint: joint({ history: { state: 'new', removed: 'cut-off' } }) }),
      'joint.female.history.removed',
      /nothing to remove/,
    ],
    ['a bare bar on a plate', 'plan', service({ designPressure: q(19, 'bar') }), 'service.designPressure', /barg or bara/],
    ['a bare kPa of a test', 'plan', plan({ purge: { ...path12, testPressure: q(2800, 'kPa') } }), 'purge.testPressure', /kPag/],
    ['a difference for a pressure', 'plan', service({ rating: q(400, 'psi') }), 'service.rating', /psig/],
    ['taking off what stays', 'plan', near({ kind: 'drier', protection: 'removed' }), 'near[0].protection', /stays on the line/],
    ['a limit colder than the air', 'plan', { ...near({ limit: q(50, 'F') }), ambient: q(86, 'F') }, 'near[0].limit', /ambient/],
    ['one filler in two rods', 'plan', plan(twice), 'stock[1].designation', /choose \{designation, rod\}/],
    [
      'a choice that is not in the stock',
      'plan',
      plan({ ...twice, stock: [{ designation: 'BAg-36' }], choose: 'BAg-24' }),
      'choose',
      /not in the stock/,
    ],
    ['a flood slower than its trickle', 'plan', plan({ purge: { ...path12, flood: q(0.5, 'L/min') } }), 'purge.flood', /trickle/],
    [
      'a flood faster than 100 m/s',
      'plan',
      plan({ purge: { ...path12, sections: [{ bore: q(2, 'mm'), length: q(1, 'm') }], flood: q(60, 'L/min') } }),
      'purge.flood',
      /100 m\/s/,
    ],
    ['oxygen nobody calls swept', 'plan', plan({ purge: { ...path12, targetO2Percent: 5 } }), 'purge.targetO2Percent', /2 %/],
    [
      'a joint hotter than its metal',
      'reach',
      reach({ tube: { metal: 'brass', od: q(22, 'mm'), wall: q(1, 'mm') }, jointTemperature: q(950, 'C') }),
      'jointTemperature',
      /melt/,
    ],
    ['gauges swapped', 'readings', fixed, 'suction.pressure', /swapped/],
    ['a tube thicker than a house', 'plan', plan({ joint: joint({}, { od: q(90, 'in') }) }), 'joint.male.od', /\d in, got 90/],
    ['air hotter than an oven', 'plan', plan({ ambient: q(400, 'F') }), 'ambient', /\d F, got 400/],
    ['a mountain nobody climbs', 'plan', plan({ altitude: q(30000, 'ft') }), 'altitude', /\d ft, got 30000/],
    ['a rating past every pipe', 'plan', service({ rating: q(90000, 'psig') }), 'service.rating', /\d psig, got 90000/],
    ['a limit in the wrong kind of unit', 'plan', near({ limit: q(100, 'mm') }), 'near[0].limit', /allowed: C, F, K/],
  ])('%s', (_what, command, request, field, says) => {
    const error = refusal(ask(command, request));
    expect(error.field).toBe(field);
    expect(error.message).toMatch(says);
  });
});

describe('the command itself', () => {
  test('an unknown command names those there are', () => expect(refusal(run('brew', '{}')).message).toContain('plan'));
  test('no command at all', () => expect(refusal(run(undefined, '{}')).code).toBe('unknown-command'));
  test('what is not JSON is refused as such', () => expect(refusal(run('plan', '{joint:')).code).toBe('not-json'));
});
