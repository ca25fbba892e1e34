import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { planJoint } from './frozen/planner.cjs';
import { BRASS_STUB } from '../testing/examples';

const files = readdirSync(__dirname, { recursive: true, encoding: 'utf8' }).filter((file) => /(?<!\.test)\.ts$/.test(file));

test.each(files)('%s runs nothing of today’s engine: what it needs is frozen beside it', (file) => {
  const text = readFileSync(path.join(__dirname, file), 'utf8');
  expect(text.match(/^import (?!type ).*from '@kesto\/.*$/gm) ?? []).toEqual([]);
});

test('the frozen planner answers as it did: what it said of one joint was read from that day’s engine', () => {
  const plan = planJoint(BRASS_STUB);
  expect(plan).toMatchObject({ ok: true, value: { chosen: { filler: { designation: 'BAg-36' } }, fit: { verdict: 'good' } } });
  // Engine 2.2.0 knew no weaker member.
  expect(plan.ok && 'weaker' in plan.value.pressure).toBe(false);
});
