import { utf8 } from '@scure/base';
import type { Chain } from '../ledger/row';
import type { AnyLink } from '../ledger/verifyChain';
import { recordMisfit } from '../record/recordShape';
import { readRecordText } from '../record/recordText';
import { RECORD_FORMAT, RECORD_VERSIONS, type ExportedRecord } from '../record/verify';
import { jobChainsIn, MANIFEST, SEAL_PART, verifyJob, type JobManifest } from '../record/verifyJob';
import { chainOfRecord } from './checkFile';
import type { Older, SealedChain } from './checkSeal';
import { readLabel } from './label';
import type { Seal } from './seal';
import { isSeal, isTreeHeadFile } from './sealShape';
import type { Parts } from '../record/parts';

const checkShape = recordMisfit(RECORD_FORMAT, RECORD_VERSIONS);

const headsIn = ({ leaves }: Seal): Older['heads'] =>
  leaves.flatMap(({ leaf }) => {
    if (leaf.what !== 'head') return [];
    const { of, id, sequence, hash } = leaf;
    return [{ of, id, sequence, hash }];
  });

/** Where a chain stood after each of its entries: a shorter copy is to be its beginning too. */
const headsAlong = (of: Chain, id: string, links: readonly Pick<AnyLink, 'hash'>[]): Older['heads'] =>
  links.map(({ hash }, index) => ({ of, id, sequence: index + 1, hash }));

function olderRecord(value: unknown): Older | null {
  if (checkShape(value)) return null;
  const { entries, seal } = value as ExportedRecord; // cast: its shape has been checked to the last key
  const { id, links } = chainOfRecord({ entries });
  return { seal: isSeal(seal) ? seal : null, label: null, heads: headsAlong('joint', id, links) };
}

/** A label names its joint by the tag alone: of the file that is checked the chain of that tag is meant. */
function olderLabel(text: string, chains: readonly Pick<SealedChain, 'of' | 'id' | 'name'>[]): Older | null {
  const label = readLabel(text.trim());
  if (!label) return null;
  const chain = chains.find(({ of, name }) => of === 'joint' && name === label.tag);
  return { seal: null, label, heads: chain ? [{ of: 'joint', id: chain.id, sequence: label.sequence, hash: label.head }] : [] };
}

/**
 * What somebody kept from before, from a text: a joint's record, a tree head, or what a label's code says.
 *
 * @param chains  of the file that is to be held against it
 * @returns       null where it is none of them
 */
export function readOlderText(text: string, chains: readonly Pick<SealedChain, 'of' | 'id' | 'name'>[]): Older | null {
  const read = readRecordText(text);
  if (!read.ok) return olderLabel(text, chains);
  if (isTreeHeadFile(read.value)) return { seal: read.value.seal, label: null, heads: headsIn(read.value.seal) };
  return olderRecord(read.value);
}

/** What somebody kept from before, from a job's file: where each chain stood, by its list and along its entries. */
export function readOlderJob(parts: Parts): Older | null {
  const [list, seal] = [MANIFEST, SEAL_PART].map((path) => {
    const bytes = parts.get(path);
    const read = bytes ? readRecordText(utf8.encode(bytes)) : null;
    return read?.ok ? read.value : null;
  });
  if (typeof list !== 'object' || list === null || !Array.isArray((list as JobManifest).chains)) return null; // cast: looked into to see whether it is one
  const stood = (list as JobManifest).chains.map(({ of, id, entries, head }) => ({ of, id, sequence: entries, hash: head })); // cast: as above
  const own = verifyJob(parts);
  const chains = own.ok && own.value.intact ? jobChainsIn(parts).chains : [];
  const along = chains.flatMap(({ of, id, links }) => headsAlong(of, id, links));
  return { seal: isSeal(seal) ? seal : null, label: null, heads: [...along, ...stood] };
}
