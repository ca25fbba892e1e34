import { isLabelSignedBy, readLabel } from '@kesto/core/tree';
import jsqr from 'jsqr';
import sharp from 'sharp';
import { FINISHED_JOINT } from '../../testing/examples';
import { textOfPdf } from '../../testing/pdf';
import { testServer, type TestServer } from '../../testing/server';
import { DEMO_SHOP } from '../demo';

const PUBLIC = 'https://kesto.example';
let server: TestServer;
beforeAll(async () => {
  server = await testServer({ publicUrl: new URL(PUBLIC) });
});
afterAll(() => server.close());

/** What a camera reads of a drawing, at about 200 dots an inch. */
async function scanned(svg: Buffer): Promise<string> {
  const { data, info } = await sharp(svg, { density: 200 }).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
  return jsqr(new Uint8ClampedArray(data), info.width, info.height)?.data ?? '';
}
const as = (login: string) => server.as(login);
const ofHost = { host: 'kesto.example' };

test('three labels are printed, scanned, and each opens its own record, with the head it had', async () => {
  const made = await server.store.inShop(DEMO_SHOP, async ({ records }) => [...(await records.brazedSince(null)).keys()].slice(0, 3));
  expect(made).toHaveLength(3);
  const bo = await as('bo');
  for (const joint of made) {
    const { body } = await bo.get(`/api/joints/${joint}/label.svg`).set(ofHost).expect(200);
    const text = await scanned(body as Buffer);
    expect(text.startsWith(`${PUBLIC}/joints/${joint}#`)).toBe(true);
    const label = readLabel(text)!;
    const { body: view } = await bo.get(`/api/joints/${joint}`).set(ofHost).expect(200);
    expect(label).toMatchObject({ tag: view.tag, sequence: view.entries.length, head: view.entries.at(-1).hash });
    const { body: seal } = await bo.get('/api/seal').set(ofHost).expect(200);
    expect(isLabelSignedBy(label, seal.treeHead.key)).toBe(true);
    const known = await server
      .stranger()
      .post('/api/labels')
      .set(ofHost)
      .send({ joint, sequence: label.sequence, head: label.head })
      .expect(200);
    expect(known.body).toEqual({ known: true });
  }
});

test('a stranger learns whether a head is known, nothing else, and thirty times a minute', async () => {
  const asked = { joint: FINISHED_JOINT, sequence: 1, head: 'a'.repeat(64) };
  const answers = [];
  for (let i = 0; i < 31; i += 1) answers.push((await server.stranger().post('/api/labels').set(ofHost).send(asked)).status);
  expect(answers.filter((status) => status === 429).length).toBeGreaterThan(0);
  expect(
    (
      await server
        .stranger()
        .post('/api/labels')
        .set(ofHost)
        .send({ ...asked, head: 'x' })
    ).status,
  ).toBe(400);
});

test('a sheet for a whole job is paper with each tag and where its record stood', async () => {
  const bo = await as('bo');
  const { job } = (await bo.get(`/api/joints/${FINISHED_JOINT}`).set(ofHost).expect(200)).body;
  const { body } = await bo.get(`/api/jobs/${job.id}/labels.pdf`).set(ofHost).buffer(true).expect(200);
  const text = await textOfPdf(body as Buffer);
  expect(text).toContain('HS3-03');
  expect(text).toMatch(/entry \d+, 20\d\d-/);
});
