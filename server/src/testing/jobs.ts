import { v7 as uuid } from 'uuid';
import { demoId } from '../features/demo';
import { brazedBody, lookBody, planBody } from './examples';
import type { RulesServer } from './server';

export const bar = (value: number) => ({ value, unit: 'barg' });

/** A job of Ilta's on a circuit, on the herbarium split where none is said. */
export async function openJob(server: RulesServer, circuitId = demoId(0x33)): Promise<string> {
  const id = uuid();
  await (await server.as('ilta')).put(`/api/jobs/${id}`).send({ circuitId, title: 'short of charge' }).expect(200);
  return id;
}

/** A joint at the drier of the herbarium split, made and looked at; the job's first of that place. */
export async function madeJoint(server: RulesServer, job: string): Promise<string> {
  const ilta = await server.as('ilta');
  const joint = uuid();
  const circuit = (await ilta.get(`/api/jobs/${job}`).expect(200)).body.circuit.id as string;
  const { body } = await ilta.get(`/api/circuits/${circuit}/drawing`).expect(200);
  const link = (body.drawing.circuit as { links: { from: string; to: string }[] }).links.find(({ to }) => to === 'drier'); // cast: as the route answers
  await ilta
    .put(`/api/jobs/${job}/joints/${joint}`)
    .send({ title: 'Drier in', at: { part: 'drier', from: link?.from, to: 'drier' } })
    .expect(200);
  await ilta.put(`/api/joints/${joint}/plans/${uuid()}`).send(planBody()).expect(200);
  for (const entry of [brazedBody(), lookBody()]) await ilta.put(`/api/joints/${joint}/entries/${uuid()}`).send(entry).expect(200);
  return joint;
}

/** A job whose torch is the only thing left. */
export async function decidedJob(server: RulesServer): Promise<string> {
  const job = await openJob(server);
  const note = async (stage: string, kind: string, values: object) =>
    (await server.as('ilta'))
      .put(`/api/jobs/${job}/stages/${uuid()}`)
      .send({ stage, kind, values, deviceTime: new Date().toISOString(), photos: [] })
      .expect(200);
  await note('find', 'skipped', { reason: 'known' });
  await note('decide', 'approval', { by: 'the station', how: 'phone', for: 'all of it' });
  await note('decide', 'done', {});
  return job;
}

/** A split for R-32 with one circuit; drawn as the herbarium's, where asked for. */
export async function addSplit(
  server: RulesServer,
  { drawn, chargeLb, ...rest }: { readonly tag: string; readonly model?: string; readonly chargeLb?: number; readonly drawn: boolean },
): Promise<{ unit: string; circuit: string }> {
  const ilta = await server.as('ilta');
  const [unit, circuit] = [uuid(), uuid()];
  const plate = {
    ...{ id: circuit, name: 'main', refrigerant: 'R-32', highSide: bar(41), lowSide: bar(25), coldest: { value: -5, unit: 'C' } },
    ...(chargeLb !== undefined && { charge: { value: chargeLb, unit: 'lb' } }),
  };
  await ilta
    .put(`/api/units/${unit}`)
    .send({ siteId: demoId(2), name: 'trial', kind: 'split', ...rest, circuits: [plate] })
    .expect(200);
  if (drawn) {
    const { body } = await ilta.get(`/api/circuits/${demoId(0x33)}/drawing`).expect(200);
    await ilta.put(`/api/circuits/${circuit}/drawings/${uuid()}`).send(body.drawing.circuit).expect(200);
  }
  return { unit, circuit };
}

export const at18 = (value: number) => ({ pressure: bar(value), temperature: { value: 18, unit: 'C' } });

/** A litre round the drier, an hour at 25 barg and 18 °C, with the supply shut; read again as said. */
export const driersHold = (endBarg: number) => ({
  ...{ parts: ['drier'], volume: { value: 1, unit: 'L' }, minutes: 60, start: at18(25), end: at18(endBarg), temperatureUncertaintyK: 0.3 },
  ...{ gauge: { resolution: { value: 1, unit: 'kPa' } }, supplyShut: true },
});
