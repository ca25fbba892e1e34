import type { Command } from '@/outbox';
import { VAN_COMMAND } from '@/testing/commands';
import { jobWithStages } from '@/testing/stages';
import { factsOfJob, stagesWith } from './pendingStages';

const NOTED = ['find', 'complaint', { text: 'warm' }] as const;
const AT = '2026-11-24T11:00:00.000Z';

const command = (route: Command['route'], entry: string, body: object): Command => ({
  ...{ ...VAN_COMMAND, id: entry, route, byName: 'Ilta Varro' },
  ...{ params: { job: 'job', entry }, body: { photos: [], deviceTime: AT, ...body } },
});
const loss = (entry = 'new') => command('putStageEntry', entry, { stage: 'find', kind: 'loss', values: { lostKg: 0.4, days: 60 } });
const kinds = (pending: readonly Command[]) =>
  factsOfJob(stagesWith(jobWithStages([NOTED]), pending, 'Ilta Varro').stages).map(({ kind }) => kind);

describe('what this phone has and the server has not', () => {
  test('stands in the job as it will stand, after what was noted before, under who wrote it', () => {
    expect(kinds([loss()])).toEqual(['complaint', 'loss']);
    const { stages } = stagesWith(jobWithStages([NOTED]), [loss()], 'Ilta Varro');
    expect(stages.kept?.[0]).toMatchObject({ id: 'new', kind: 'loss', stage: 'find', person: { name: 'Ilta Varro' }, deviceTime: AT });
  });

  test('is there once: what the server has by now is not shown twice', () => {
    expect(kinds([command('putStageEntry', 'e0', { stage: 'find', kind: 'complaint', values: { text: 'warm' } })])).toEqual(['complaint']);
  });

  test('of anything else, as a count of the van, nothing is noted in the job', () => {
    expect(kinds([VAN_COMMAND])).toEqual(['complaint']);
  });

  test('a correction stands for what it corrects', () => {
    const anew = command('putStageEntry', 'anew', {
      stage: 'find',
      kind: 'corrected',
      values: { text: 'it ices up' },
      corrects: { entry: 'e0', why: 'heard wrong' },
    });
    const facts = factsOfJob(stagesWith(jobWithStages([NOTED]), [anew], 'Ilta Varro').stages);
    expect(facts.map(({ kind, values }) => [kind, values])).toEqual([['complaint', { text: 'it ices up' }]]);
  });

  test('what a lead lifted by PIN is the lead’s word, and says on whose phone', () => {
    const byPin = command('putPinOverruling', 'pin', {
      ...{ stage: 'safe', lead: { id: 'lead', name: 'Maren Ito-Dahl' } },
      values: { gate: 'watch', reason: 'two of us stay' },
    });
    const { stages } = stagesWith(jobWithStages([NOTED]), [byPin], 'Ilta Varro');
    expect(stages.kept?.[0]).toMatchObject({
      ...{ kind: 'overruled', person: { id: 'lead', name: 'Maren Ito-Dahl' } },
      values: { gate: 'watch', reason: 'two of us stay', phoneOf: 'Ilta Varro', byPin: true },
    });
  });

  test('moves the job on at once: a stage ended here is ended here', () => {
    const done = command('putStageEntry', 'done', { stage: 'find', kind: 'done', values: {} });
    const before = stagesWith(jobWithStages([NOTED]), [], 'Ilta Varro');
    const after = stagesWith(jobWithStages([NOTED]), [done], 'Ilta Varro');
    expect([before.stage, after.stage]).toEqual(['find', 'decide']);
  });
});
