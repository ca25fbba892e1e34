import { readFileSync } from 'node:fs';
import path from 'node:path';
import { run } from './main';
import { answer, ask, joint, path12, plan, q, refusal } from './testing/ask';

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
    expect(JSON.parse(run('verify', example).stdout)).toMatchObject({
      ...{ intact: true, entries: 13, head },
      ...{ reached: ['read', 'hangs-together', 'keeps-rules', 'worked-again', 'signed'], findings: [] },
      signed: { shop: { name: 'Lumikero workshop' }, text: [expect.stringContaining('held this record when it signed')] },
    }));

  test('against what was kept before: itself is continued, what is none is refused, a label with another head is found', () => {
    const against = (older: string) => run('verify', example, ['--older', 'kept'], () => Buffer.from(older));
    expect(JSON.parse(against(example).stdout)).toMatchObject({ intact: true, older: 'continued' });
    expect(refusal(against('nothing of the kind')).field).toBe('older');
    const label = (hash: string) => `https://kesto.example/joints/x#1~HS3-03~13~${hash}~${'ab'.repeat(8)}`;
    expect(JSON.parse(against(label(head)).stdout)).toMatchObject({ intact: true, older: 'not-compared' });
    const other = against(label('f'.repeat(64)));
    expect([other.exit, JSON.parse(other.stdout).firstBroken.entry]).toEqual([1, 13]);
    expect(refusal(run('verify', example, ['--older', 'gone'], () => { throw new Error('ENOENT'); })).message).toContain('ENOENT'); // prettier-ignore
  });

  test('a record of version 1, given away before there was format 3, is intact for ever', () => {
    const former = readFileSync(path.join(__dirname, '../../docs/examples/joint-record-version-1.json'), 'utf8');
    expect(JSON.parse(run('verify', former).stdout)).toMatchObject({ intact: true, entries: 9 });
  });

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
    ['a number without end', example.replace(/"rodMm": ?22/, '"rodMm": 1e999'), 'entries[3].content.said.told.rodMm'],
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
    expect(Object.keys(a).sort()).toEqual(['cautions', 'condensingC', 'evaporatingC', 'pointers', 'subcoolingK', 'superheatK']);
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

describe('the command itself', () => {
  test('an unknown command names those there are', () => expect(refusal(run('brew', '{}')).message).toContain('plan'));
  test('no command at all', () => expect(refusal(run(undefined, '{}')).code).toBe('unknown-command'));
  test('what is not JSON is refused as such', () => expect(refusal(run('plan', '{joint:')).code).toBe('not-json'));
});
