import type { Seal, TreeHeadFile } from './seal';
import { TREE_HEAD_FORMAT } from './seal';
import { linksMisfit } from '../record/recordShape';

const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const isText = (value: unknown): value is string => typeof value === 'string';
const isHash = (value: unknown) => isText(value) && /^[0-9a-f]{64}$/.test(value);
const isCount = (value: unknown) => Number.isSafeInteger(value) && Number(value) >= 0;

type Test = (value: unknown) => boolean;
const orNull =
  (test: Test): Test =>
  (value) =>
    value === null || test(value);

/** Exactly these keys, each as it has to be. */
const fits = (value: unknown, keys: Readonly<Record<string, Test>>): boolean =>
  isObject(value) &&
  Object.keys(value).every((key) => Object.hasOwn(keys, key)) &&
  Object.entries(keys).every(([key, test]) => Object.hasOwn(value, key) && test(value[key]));

const every =
  (test: Test): Test =>
  (value) =>
    Array.isArray(value) && value.every(test);
const isHashes = every(isHash);

const LEAVES: Readonly<Record<string, Readonly<Record<string, Test>>>> = {
  head: { what: isText, of: (of) => ['joint', 'job', 'shop'].includes(String(of)), id: isText, sequence: isCount, hash: isHash },
  entry: { what: isText, hash: isHash },
  key: {
    ...{ what: isText, key: isHash, why: (why: unknown) => ['first', 'changed', 'lost', 'stolen'].includes(String(why)) },
    ...{ before: orNull(isHash), signature: orNull(isText), notAfter: orNull(isCount), at: isText },
  },
  restored: { what: isText, epoch: isCount, size: isCount, root: isHash, at: isText },
};

function isLeaf(value: unknown): boolean {
  const keys = isObject(value) ? LEAVES[String(value['what'])] : undefined;
  return keys !== undefined && fits(value, keys);
}

const isTreeHead: Test = (value) =>
  fits(value, { origin: isText, name: isText, epoch: isCount, size: isCount, root: isHash, time: isText, key: isHash, signature: isText });

/** Whether something has the shape of a seal and nothing beside it. */
export const isSeal = (value: unknown): value is Seal =>
  fits(value, {
    treeHead: isTreeHead,
    leaves: every((one) => fits(one, { leaf: isLeaf, index: isCount, proof: isHashes })),
    continued: every((one) => fits(one, { size: isCount, root: isHash, proof: isHashes })),
    devices: (links) => Array.isArray(links) && (links.length === 0 || linksMisfit('shop', links) === null),
  });

/** Whether something is a tree head kept as a file. */
export const isTreeHeadFile = (value: unknown): value is TreeHeadFile =>
  fits(value, { format: (format) => format === TREE_HEAD_FORMAT, version: (version) => version === 1, seal: isSeal });
