import { RULES } from './entry';
import { chainOf } from '../testing/records';
import { ledgerChain, type Said } from '../testing/ledger';
import { planJoint, ENGINE_VERSION } from '../plan/planJoint';
import { GOLDEN_REQUESTS } from '../golden/requests';
import type { JointLink } from '../record/jointEntry';
import { sealEntry } from '../record/chain';
import type { JobLink } from '../stage';
import { figuresOf, isWorkedAgain, jobFindings, jointFindings, type AnyLink, type LedgerLink } from '.';

const JOINT = { of: 'joint', id: 'joint-1' } as const;
const JOB = { of: 'job', id: 'job-1' } as const;
const made = { filler: 'BAg-36', rodMm: 40, seconds: null, purgeLpm: null, floodSeconds: null, depthMm: null, protection: '', note: '' };
const flame = (torch: string, approval: object | null): Said => ({
  kind: 'brazed',
  told: made,
  rest: { worked: { engine: '1', drawing: null, values: { torch, approval } } },
});
const APPROVED = { scope: 'silver', validUntil: '2027-01-01' };
const ofJoint = (links: readonly AnyLink[]) => jointFindings(links as readonly JointLink[]).map(({ entry, what }) => [entry, what]); // cast: a joint's links
const ofJob = (links: readonly AnyLink[]) => jobFindings(links as readonly JobLink[]).map(({ entry, what }) => [entry, what]); // cast: a job's links

describe('of a joint', () => {
  test('nothing is said of a record that is as it should be', () =>
    expect(ofJoint(ledgerChain(JOINT, [flame('open', APPROVED), { kind: 'soaped', told: { note: '' } }]))).toEqual([]));

  test('a second flame, a locked torch and a missing approval are named at their entry', () => {
    const links = ledgerChain(JOINT, [flame('locked', APPROVED), flame('open', null)]);
    expect(ofJoint(links)).toEqual([
      [1, 'lit-while-locked'],
      [2, 'out-of-turn'],
      [2, 'no-approval'],
    ]);
  });

  test('what was struck out is said to be so, and no longer out of turn', () => {
    const links = ledgerChain(JOINT, [
      flame('open', APPROVED),
      flame('open', APPROVED),
      { kind: 'struck-out', corrects: { entry: 'e2', why: 'x' } },
    ]);
    expect(ofJoint(links)).toEqual([[2, 'struck-out']]);
  });

  test('words that are gone, tables newer than these and clocks apart are said', () => {
    const [link] = ledgerChain(JOINT, [{ kind: 'soaped', told: { note: 'dry' }, offsetS: -301 }]) as readonly LedgerLink[];
    const bare = { ...link!, beside: {}, content: { ...link!.content, rules: RULES + 1 } };
    expect(ofJoint([bare])).toEqual([
      [1, 'out-of-turn'],
      [1, 'words-erased'],
      [1, 'not-judged'],
      [1, 'clocks-apart'],
    ]);
    const near = ledgerChain(JOINT, [{ ...flame('open', APPROVED), offsetS: 300 }]);
    expect(ofJoint(near)).toEqual([]);
    const ahead = ledgerChain(JOINT, [{ ...flame('open', APPROVED), device: '2026-11-24T10:05:01.000Z', offsetS: null }]);
    expect(ofJoint(ahead)).toEqual([[1, 'clocks-apart']]);
  });

  test('a server time that runs back in a former format is said, no break', () => {
    const [first, second] = chainOf(2);
    const back = sealEntry({
      ...second!.content,
      kind: 'brazed',
      serverTime: '2026-11-20T09:00:00.000Z',
      deviceTime: '2026-11-20T09:00:00.000Z',
    });
    expect(ofJoint([first!, back])).toEqual([[2, 'time-ran-back']]);
  });

  test('a plan of this engine is made again: the same, or said to be another', () => {
    const [request] = GOLDEN_REQUESTS;
    const plan = planJoint({ ...request!, choose: 'BCuP-5' });
    if (!plan.ok) throw new Error('the golden joint is planned');
    const told = {
      plan: 'p',
      job: null,
      tag: 'CR2-07',
      request: request!,
      chosen: 'BCuP-5',
      plannedBy: 'p1',
      plannedAt: '2026-11-24T09:00:00.000Z',
    };
    const planned = (values: object, engine = ENGINE_VERSION) =>
      ledgerChain(JOINT, [
        { kind: 'planned', told, rest: { worked: { engine, drawing: null, values: { plan: values } } } },
      ]) as readonly JointLink[]; // cast: a joint's links
    const kept = figuresOf(plan.value) as { fit: object }; // cast: a plan's figures
    expect(ofJoint(planned(kept))).toEqual([]);
    expect(ofJoint(planned({ ...kept, fit: { ...kept.fit, leastOverlapM: 0.001 } }))).toEqual([[1, 'worked-otherwise']]);
    expect([isWorkedAgain(planned(kept)), isWorkedAgain(planned({}, '0.1.0'))]).toEqual([true, false]);
    expect(ofJoint(planned({}, '0.1.0'))).toEqual([]);
  });
});

describe('of a job', () => {
  const overruled: Said = { kind: 'overruled', stage: 'make-safe', told: { gate: 'torch', reason: 'open field' } };
  const began: Said = { kind: 'watch-began', stage: 'make-safe', told: { minutes: 60, by: 'Oskar Penn' } };
  const ended = (server: string): Said => ({ kind: 'watch-ended', stage: 'make-safe', told: {}, server, device: server });

  test('an overruling is said, until it is struck out', () => {
    expect(ofJob(ledgerChain(JOB, [overruled]))).toEqual([[1, 'overruled']]);
    const struck = ledgerChain(JOB, [overruled, { kind: 'struck-out', corrects: { entry: 'e1', why: 'another job' } }]);
    expect(ofJob(struck)).toEqual([[1, 'struck-out']]);
  });

  test('a watch that arrived whole within three minutes was not witnessed; one that took its hour was', () => {
    expect(ofJob(ledgerChain(JOB, [began, ended('2026-11-24T10:03:00.000Z')]))).toEqual([[2, 'not-witnessed']]);
    expect(ofJob(ledgerChain(JOB, [began, ended('2026-11-24T11:00:00.000Z')]))).toEqual([]);
  });

  test('words that were erased are said of the entry that held them', () => {
    const [link] = ledgerChain(JOB, [{ kind: 'complaint', stage: 'find', told: { text: 'warm' } }]) as readonly LedgerLink[];
    expect(ofJob([link!])).toEqual([]);
    expect(ofJob([{ ...link!, beside: {} }])).toEqual([[1, 'words-erased']]);
  });
});

test('a chain sealed over nonsense is said to be not judged, and nothing falls over', () => {
  const nonsense: Said = { kind: 'watch-began', stage: 'make-safe', told: { minutes: 'an hour' as never, by: 'Oskar Penn' } };
  expect(ofJob(ledgerChain(JOB, [nonsense]))).toEqual([[1, 'not-judged']]);
  const planned: Said = {
    kind: 'planned',
    told: { request: 7 as never },
    rest: { worked: { engine: ENGINE_VERSION, drawing: null, values: {} } },
  };
  expect(ofJoint(ledgerChain(JOINT, [planned]))).toEqual([[1, 'not-judged']]);
  expect(ofJoint(ledgerChain(JOINT, [{ ...flame('open', APPROVED), device: 'yesterday', server: 'noon' }]))).toEqual([]);
});
