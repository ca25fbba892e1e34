import type { UnitView } from '@kesto/contract';
import type { Command } from '@/outbox';
import { jointWith } from '@/data/joints/pendingJoint';
import { platesAt, sitesWith, unitsWith } from '@/data/units/pendingUnits';
import { jobView } from '@/testing/jobs';
import { CIRCUIT, draftOf, jointView, planOf, SITE } from '@/testing/joints';
import { jobWith, newJob, tagAfter } from './pendingJob';

let made = 0;
const command = (part: Pick<Command, 'route' | 'params' | 'body'>): Command => ({
  ...{
    id: `c${++made}`,
    by: 'p1',
    at: '2026-11-26T09:00:00.000Z',
    byName: '',
    about: [],
    needs: [],
    makes: null,
    changes: [],
    state: { status: 'waiting' },
  },
  ...part,
});
const joint = (id: string, title: string) => command({ route: 'putJoint', params: { job: 'job', joint: id }, body: { title } });
const entry = (id: string, kind: string, values: object = {}, on = 'CR2-09') =>
  command({ route: 'putEntry', params: { joint: on, entry: id }, body: { kind, values, photos: [] } });
const q = (value: number, unit: string) => ({ value, unit });

test.each([
  ['CR2-09', 1, 'CR2-10'],
  ['CR2-10', 0, 'CR2-10'],
  ['OR1-99', 1, 'OR1-100'],
])('%s and %i more is %s', (tag, by, next) => expect(tagAfter(tag, by)).toBe(next));

test('joints the server does not know get the tags it would give, in the order they were added', () => {
  const { order, joints } = jobWith(jobView(), [joint('a', 'by the wall'), joint('b', 'by the coil')], 'Ilta');
  expect(order.slice(2)).toMatchObject([
    { id: 'a', tag: 'CR2-10', title: 'by the wall', state: 'not-planned' },
    { id: 'b', tag: 'CR2-11', title: 'by the coil' },
  ]);
  expect(joints).toBe(4);
});

test('a flame that only this device has counts as the last one, and an older one does not', () => {
  const job = jobView();
  const lit = (at: string) => ({
    ...entry('e', 'lit', { filler: 'BAg-36' }, job.order[0]?.id),
    body: { kind: 'lit', values: {}, photos: [], deviceTime: at },
  });
  const last = (before: string | null, ...kept: Command[]) =>
    jobWith({ ...job, stages: { ...job.stages, lastFlame: before } }, kept, 'Ilta').stages.lastFlame;
  const [early, late] = ['2026-11-26T09:00:00.000Z', '2026-11-26T10:00:00.000Z'];
  expect(last(null, lit(early), lit(late))).toBe(late);
  expect(last(late, lit(early))).toBe(late);
  expect(last(early)).toBe(early);
  expect(last(null, entry('f', 'flame-off', {}, 'elsewhere'))).toBeNull();
});

test('a joint that has arrived is not counted twice', () => {
  const job = jobView();
  expect(jobWith(job, [joint(job.order[0]?.id ?? '', 'again')], 'Ilta').order).toHaveLength(job.order.length);
});

test('a joint moves on with what is kept here: brazed, looked at, sent back', () => {
  const stateAfter = (...kept: Command[]) => jobWith(jobView(), kept, 'Ilta').order[0]?.state;
  const [brazed, cracked] = [entry('e1', 'brazed'), entry('e2', 'looked-at', { result: 'cut-out' })];
  expect(stateAfter()).toBe('planned');
  expect(stateAfter(brazed)).toBe('brazed');
  expect(stateAfter(brazed, cracked)).toBe('cut-out');
  expect(stateAfter(entry('e3', 'brazed', {}, 'another'))).toBe('planned');
});

test('a job of its own schools and a bench sum stand there before the server has them', () => {
  const note = (id: string, body: object) => command({ route: 'putJobEntry', params: { job: 'job', entry: id }, body });
  const sum = { calculator: 'gap', given: [], answers: [] };
  const kept = [
    note('n1', { kind: 'schools', values: { schools: { houseRod: 'silver-15' }, reason: 'the owner waits' } }),
    note('n2', { kind: 'sum', values: sum }),
  ];
  expect(jobWith(jobView(), kept, 'Ilta Varro')).toMatchObject({
    schools: { reason: 'the owner waits', by: 'Ilta Varro' },
    sums: [{ ...sum, id: 'n2', by: 'Ilta Varro' }],
  });
});

test('a plan on its way is worked out here, and is the plan one sees; an entry of the record counts once it arrived', () => {
  const view = jointView(draftOf());
  const { request, plan } = planOf(draftOf());
  const chosen = plan.chosen?.filler.designation ?? '';
  const waiting = command({ route: 'putPlan', params: { joint: 'joint', plan: 'p9' }, body: { request, chosen, engineVersion: '9.9.9' } });
  const shown = jointWith({ ...view, plan: null, state: 'not-planned' }, [waiting], 'Ilta Varro');
  expect(shown).toMatchObject({ state: 'planned', plan: { id: 'p9', chosen, engineVersion: '9.9.9', by: 'Ilta Varro' } });
  const withEntry = jointView(draftOf(), [{ kind: 'brazed', values: {}, corrects: null }]);
  const looked = jointWith({ ...withEntry, state: 'passed' }, [entry('e1', 'brazed', {}, 'joint')], 'Ilta Varro');
  expect(looked.state).toBe('passed');
});

describe('a machine and its job that only this device knows', () => {
  const site = command({ route: 'putSite', params: { site: 's9' }, body: { name: 'the orangery', altitude: q(600, 'ft') } });
  const circuits = [
    { id: 'k9', name: 'main', refrigerant: 'r32', highSide: q(41, 'barg'), lowSide: q(25, 'barg'), coldest: q(-10, 'C'), swept: [] },
  ];
  const body = { siteId: 's9', tag: 'OR1', name: 'orangery split', kind: 'split', circuits };
  const unit = command({ route: 'putUnit', params: { unit: 'u9' }, body });
  const kept = [site, unit];

  test('stand in the lists as the server will show them, in SI', () => {
    expect(sitesWith([SITE], kept).at(-1)).toMatchObject({ id: 's9', name: 'the orangery' });
    expect(sitesWith([SITE], kept).at(-1)?.altitudeM).toBeCloseTo(182.88, 2); // 600 x 0.3048
    const [made] = unitsWith([], [SITE], kept);
    expect(made).toMatchObject({ tag: 'OR1', site: { id: 's9' }, circuits: [{ id: 'k9', refrigerant: 'R-32', coldestC: -10 }] });
  });

  test('a plate that is put right stands in the place of the one before', () => {
    const before: UnitView = { id: 'u9', tag: 'OR1', name: 'old name', kind: 'split', sisters: [], site: SITE, circuits: [CIRCUIT] };
    expect(unitsWith([before], [], kept).map((u) => u.name)).toEqual(['orangery split']);
  });

  test('a job on it opens with the machine’s first tag', () => {
    const opening = command({ route: 'putJob', params: { job: 'j9' }, body: { circuitId: 'k9', title: 'valve leaks' } });
    const job = newJob(opening, unitsWith([], [SITE], kept), 33);
    expect(job).toMatchObject({ id: 'j9', number: 33, circuitId: 'k9', unit: { tag: 'OR1' }, nextTag: 'OR1-01', order: [] });
    expect(newJob(opening, [], 33)).toBeUndefined();
  });
});

test('a site’s machines are those that come to it here, under their newest name, and none that goes elsewhere', () => {
  const plate = (id: string, name: string) => ({ id, tag: id.toUpperCase(), name, kind: 'split' as const });
  const put = (id: string, name: string, siteId: string) =>
    command({ route: 'putUnit', params: { unit: id }, body: { ...plate(id, name), siteId, circuits: [] } });
  const kept = [put('a', 'east', 'here'), put('b', 'west', 'elsewhere'), put('c', 'roof', 'elsewhere'), put('c', 'attic', 'here')];
  const names = platesAt('here', [plate('a', 'old'), plate('b', 'west'), plate('d', 'cellar')], kept).map(({ name }) => name);
  expect(names).toEqual(['east', 'cellar', 'attic']);
});
