import { pathOf, ROUTES, type Answer, type Body, type Given } from './api';
import { bodySchemaOf } from './schemas';

test('two routes never stand at one method and path', () => {
  const all = Object.values(ROUTES).map((route) => `${route.method} ${route.path.replace(/:\w+/g, ':')}`);
  // A photo is put under what was sent and fetched under what was kept: one shape, two methods.
  expect(new Set(all).size).toBe(all.length);
});

test('what is written carries a body that is checked; a photo and a record’s file alone are bytes', () => {
  const bare = Object.entries(ROUTES).filter(([name, { method }]) => /put|post/.test(method) && !bodySchemaOf(name as keyof typeof ROUTES));
  expect(bare.map(([name]) => name)).toEqual(['setImport', 'putPhoto']);
});

test('a parameter is one segment, whatever it holds', () => {
  expect(pathOf(ROUTES.findJoint.path, { tag: 'CR2-07/../me' })).toBe('/api/find/CR2-07%2F..%2Fme');
});

test('types follow the table', () => {
  const names = (job: Answer<'getJob'>) => job.order.map((joint) => joint.tag);
  const title = (body: Body<'putJob'>) => body.title;
  expect([typeof names, typeof title]).toEqual(['function', 'function']);
  // @ts-expect-error a job has no tag of its own
  const wrong = (job: Answer<'getJob'>) => job.tag;
  // @ts-expect-error a parameter left out
  expect(pathOf(ROUTES.getJob.path, {})).toBe('/api/jobs/');
  // @ts-expect-error what is streamed is not an answer to give
  const record: Given<'exportRecord'> = { format: 'kesto-joint-record' };
  expect([wrong, record]).toHaveLength(2);
});
