import { KINDS, kindsOf, stagedKinds, stagesOf, tellsWell, type Fields } from '@kesto/core';
import { check, putEntryRequest, putStageEntryRequest, stageCorrectionOf } from './schemas';
import { fullest, smallest, wrong } from './testing/bodies';

const around = { deviceTime: '2026-11-26T08:00:00.000Z', photos: [] };
const jobBody = (kind: (typeof JOB)[number]) => (values: object) => ({ ...around, stage: stagesOf(kind)[0], kind, values });
const JOB = stagedKinds().filter((kind) => KINDS[kind].by !== 'kesto');
const JOINT = kindsOf('joint').filter((kind) => KINDS[kind].by !== 'kesto' && !['corrected', 'erased', 'commented'].includes(kind));

/** On whose phone an overruling was, and by what, the server says and nobody else. */
function toldBy(kind: (typeof JOB)[number]): Fields {
  const { phoneOf: _phone, byPin: _pin, ...told } = KINDS[kind].told as Fields;
  return told;
}

const CASES = [
  ...JOB.map((kind) => [kind, toldBy(kind), putStageEntryRequest, jobBody(kind)] as const),
  ...JOINT.map((kind) => [kind, KINDS[kind].told as Fields, putEntryRequest, (values: object) => ({ ...around, kind, values })] as const),
];

describe.each(CASES)('%s', (_kind, fields, schema, body) => {
  const checked = (values: object) => check<unknown>(schema as never, body(values)); // cast: one of two schemas, asked alike

  test('is taken with the least and with the most that it can say', () => {
    expect(checked(smallest(fields))).toMatchObject({ ok: true });
    expect(checked(fullest(fields))).toMatchObject({ ok: true });
  });

  test('is refused with anything missing, of another type, beyond its limits or beside it: by the field', () => {
    for (const { field, values } of wrong(fields)) {
      const answer = checked(values);
      expect({ field, values, ok: answer.ok }).toMatchObject({ ok: false });
      if (!answer.ok) expect(answer.problem.field).toMatch(new RegExp(`^values\\.${field}`));
    }
  });
});

test('what is Kesto’s own nobody sends', () => {
  const own = stagedKinds().filter((kind) => KINDS[kind].by === 'kesto');
  expect(own).toContain('series-began');
  for (const kind of own)
    expect(check(putStageEntryRequest, jobBody(kind)(smallest(KINDS[kind].told)))).toMatchObject({ ok: false, problem: { field: 'kind' } });
});

test('a job’s kind is kept in its own stages alone', () => {
  const approval = { ...around, stage: 'find', kind: 'approval', values: smallest(KINDS.approval.told) };
  expect(check(putStageEntryRequest, approval)).toMatchObject({ ok: false, problem: { field: 'kind' } });
});

test('what one value says of another is told by its field', () => {
  expect(tellsWell('recovered', { tareKg: 12, grossKg: 11, minutes: 5 })).toEqual({ field: 'grossKg', why: 'under-before', beforeKg: 12 });
  expect(tellsWell('recovered', { tareKg: 12, grossKg: 12, minutes: 5 })).toBeNull();
  expect(tellsWell('also-opened', { what: 'drier', place: 'drier', choice: 'declined' })).toEqual({ field: 'why', why: 'reason-needed' });
  expect(tellsWell('also-opened', { what: 'drier', place: 'drier', choice: 'yes' })).toBeNull();
});

test('a limit is said with its range and unit', () => {
  const body = jobBody('hot-work')({ point: 'oxygen', answer: 'done', oxygenPercent: 101 });
  expect(check(putStageEntryRequest, body)).toMatchObject({
    problem: { field: 'values.oxygenPercent', message: 'values.oxygenPercent must lie from 0 to 100 %' },
  });
});

test('whose phone it was, and that it was a PIN, nobody says of their own overruling, nor puts right', () => {
  const values = { gate: 'torch', points: ['sprinklers'], reason: 'open field' };
  for (const more of [{ phoneOf: 'Ilta Varro' }, { byPin: true }]) {
    const body = { ...around, stage: 'make-safe', kind: 'overruled', values: { ...values, ...more } };
    expect(check<unknown>(putStageEntryRequest as never, body).ok).toBe(false); // cast: as above
    expect(check<unknown>(stageCorrectionOf('overruled') as never, more).ok).toBe(false);
  }
});
