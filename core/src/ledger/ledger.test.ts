import { chainOf, exported } from '../testing/records';
import { ledgerChain, linkAfter, salt, type Said } from '../testing/ledger';
import { canonicalHash } from '../record/chain';
import { readChain, readEntry, type JointLink } from '../record/jointEntry';
import { stateAfter } from '../record/state';
import { verifyRecord } from '../record/verify';
import { factsIn, type JobLink } from '../stage';
import { commit, effectiveTime, firstBreakOf, sealLink, type AnyLink, type LedgerLink } from '.';

const JOINT = { of: 'joint', id: 'joint-1' } as const;
const JOB = { of: 'job', id: 'job-1' } as const;
const soaped: Said = { kind: 'soaped', told: { note: 'dry all round' } };
const broken = (of: 'joint' | 'job', links: readonly AnyLink[]) => {
  const found = firstBreakOf(of, links);
  return found && [found.entry, found.why];
};
const last = (links: readonly AnyLink[]) => links[links.length - 1] as LedgerLink; // cast: these end in format 3
const swapped = (links: readonly AnyLink[], link: LedgerLink) => [...links.slice(0, -1), link];
const resealed = (link: LedgerLink, change: (content: LedgerLink['content']) => LedgerLink['content']) =>
  sealLink(change(link.content), link.beside);

describe('a chain that goes on in format 3', () => {
  const links = ledgerChain(
    JOINT,
    [soaped, { kind: 'corrected', told: { values: {} }, corrects: { entry: 'e5', why: 'misread' } }],
    chainOf(4),
  );

  test('holds, with its former links to the letter as they were', () => {
    expect(broken('joint', links)).toBeNull();
    expect(links.slice(0, 4)).toEqual(chainOf(4));
    const file = exported(links as never); // cast: the file takes links of every format
    expect(verifyRecord(file)).toMatchObject({ ok: true, value: { intact: true, entries: 6 } });
  });

  test('is read with its words and names in their place', () => {
    expect(readEntry(links[4] as JointLink)).toMatchObject({
      kind: 'soaped',
      person: { id: 'p1', name: 'Ilta Varro' },
      values: { note: 'dry all round' },
    });
    expect(readEntry(links[5] as JointLink).corrects).toEqual({ entry: 'e5', why: 'misread' });
  });

  test('nobody’s words are hashed: the content holds commitments alone', () => {
    expect(JSON.stringify(last(links.slice(0, 5)).content)).not.toMatch(/dry all round|Ilta Varro/);
  });

  test.each([
    ['another chain', (c: LedgerLink['content']) => ({ ...c, chain: { of: 'joint' as const, id: 'joint-2' } }), 'other-joint'],
    ['a chain of another kind', (c: LedgerLink['content']) => ({ ...c, chain: { of: 'job' as const, id: 'joint-1' } }), 'other-joint'],
    ['a kind of another chain', (c: LedgerLink['content']) => ({ ...c, said: { ...c.said, kind: 'complaint' as const } }), 'unknown-kind'],
    ['an id that stands already', (c: LedgerLink['content']) => ({ ...c, said: { ...c.said, id: 'entry-2' } }), 'id-twice'],
    [
      'a correction of nothing',
      (c: LedgerLink['content']) => ({ ...c, said: { ...c.said, corrects: { entry: 'x', why: c.said.corrects!.why } } }),
      'correction-of-nothing',
    ],
    [
      'a server time that runs back',
      (c: LedgerLink['content']) => ({ ...c, at: { ...c.at, server: '2026-11-01T10:00:00.000Z' } }),
      'time-runs-back',
    ],
    ['a server time that is none', (c: LedgerLink['content']) => ({ ...c, at: { ...c.at, server: 'noon' } }), 'time-runs-back'],
  ])('is broken by %s, sealed anew', (_what, change, why) => {
    expect(broken('joint', swapped(links, resealed(last(links), change)))).toEqual([6, why]);
  });

  test('a kind of newer tables than these is not judged', () => {
    const newer = resealed(last(links), (c) => ({ ...c, rules: 99, said: { ...c.said, kind: 'x-rayed' as never } })); // cast: nobody knows it yet
    expect(broken('joint', swapped(links, newer))).toBeNull();
  });
});

describe('words beside', () => {
  const links = ledgerChain(JOB, [{ kind: 'complaint', stage: 'find', told: { text: 'the neighbour Mrs Aalto called' } }]);
  const [link] = links as readonly LedgerLink[];
  const what = (link!.content.said.told['text'] as { words: string }).words;

  test('altered, left out or slipped in are named', () => {
    const other = { ...link!.beside, [what]: { salt: '0'.repeat(32), words: 'nobody called' } };
    expect(broken('job', [{ ...link!, beside: other }])).toEqual([1, 'words-altered']);
    const { [what]: _gone, ...rest } = link!.beside;
    expect(broken('job', [{ ...link!, beside: rest }])).toEqual([1, 'words-missing']);
    expect(broken('job', [{ ...link!, beside: { ...link!.beside, ...commit('more', salt).beside } }])).toEqual([1, 'words-unnamed']);
  });

  test('erased by an entry that says so: the chain holds, the words are gone', () => {
    const { [what]: _gone, ...rest } = link!.beside;
    const erased = [
      { ...link!, beside: rest },
      linkAfter(links, JOB, { kind: 'erased', told: { what: [what], why: 'a neighbour’s name' } }),
    ];
    expect(broken('job', erased)).toBeNull();
    expect(factsIn(erased as readonly JobLink[])).toMatchObject([{ kind: 'complaint', values: { text: '' } }]);
  });

  test('a commitment is SHA-256 of salt and words', () => {
    const salted = { salt: '00112233445566778899aabbccddeeff', words: 'Ilta Varro' };
    // The same by another program: sha256 of {"salt":"00112233445566778899aabbccddeeff","words":"Ilta Varro"}.
    expect(canonicalHash(salted)).toBe('83ae501a859c6ad31ff036996404b74376c7b54af3a3790e5db3fae8d52ca371');
    expect(commit('Ilta Varro', () => salted.salt).commitment.words).toBe(
      '83ae501a859c6ad31ff036996404b74376c7b54af3a3790e5db3fae8d52ca371',
    );
  });
});

describe('what was struck out or corrected', () => {
  test('a second flame that is struck out moves nothing', () => {
    const made = {
      filler: 'BAg-36',
      rodMm: 40,
      seconds: null,
      purgeLpm: null,
      floodSeconds: null,
      depthMm: null,
      protection: '',
      note: '',
    };
    const links = ledgerChain(JOINT, [
      { kind: 'brazed', told: made },
      { kind: 'cut-out', told: { note: '' } },
      { kind: 'struck-out', corrects: { entry: 'e2', why: 'the joint beside it' } },
    ]) as readonly JointLink[]; // cast: a joint’s links
    expect(stateAfter(readChain(links), true)).toBe('brazed');
    expect(links.map(readEntry)).toHaveLength(3);
  });

  test('a weight corrected counts as corrected; one struck out does not count', () => {
    const recovered = (grossKg: number): Said => ({ kind: 'recovered', stage: 'make-safe', told: { tareKg: 12.1, grossKg, minutes: 41 } });
    const links = ledgerChain(JOB, [
      recovered(61.95),
      { kind: 'corrected', told: { values: { grossKg: 16.95 } }, corrects: { entry: 'e1', why: 'read upside down' } },
      recovered(99),
      { kind: 'struck-out', corrects: { entry: 'e3', why: 'another cylinder' } },
    ]) as readonly JobLink[]; // cast: a job’s links
    expect(factsIn(links)).toMatchObject([{ kind: 'recovered', values: { tareKg: 12.1, grossKg: 16.95 } }]);
  });
});

describe('when it was', () => {
  const server = '2026-11-24T12:00:00.000Z';
  test.each([
    ['a clock that is right, sent at once', '2026-11-24T12:00:00.000Z', 0, server],
    ['made two hours before it was sent', '2026-11-24T10:00:00.000Z', 0, '2026-11-24T10:00:00.000Z'],
    ['a device two hours ahead', '2026-11-24T14:00:00.000Z', -7200, server],
    ['a device two hours ahead that tells no clock', '2026-11-24T14:00:00.000Z', null, server],
    [
      'a device that believes it is 2020',
      '2020-01-01T00:00:00.000Z',
      (Date.parse(server) - Date.parse('2020-01-01T00:30:00.000Z')) / 1000,
      '2026-11-24T11:30:00.000Z',
    ],
  ])('%s', (_what, device, offsetS, at) => expect(effectiveTime({ device, server, offsetS }, null)).toBe(at));

  test('a clock put right between two entries does not turn their order', () => {
    const links = ledgerChain(JOB, [
      { kind: 'watch-began', stage: 'make-safe', told: { minutes: 60, by: 'Ilta Varro' }, device: server, server, offsetS: 0 },
      {
        kind: 'watch-ended',
        stage: 'make-safe',
        told: {},
        device: '2020-01-01T00:00:00.000Z',
        server: '2026-11-24T12:05:00.000Z',
        offsetS: 0,
      },
    ]) as readonly JobLink[]; // cast: a job’s links
    expect(factsIn(links).map(({ at }) => at)).toEqual([server, server]);
  });
});
