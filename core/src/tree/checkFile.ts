import { tagOf, type ExportedRecord } from '../record/verify';
import { ownerOf } from '../ledger/verifyChain';
import {
  checkSeal,
  headsAgainst,
  SEAL_BREAKS,
  type Older,
  type SealBreak,
  type SealCheck,
  type SealedChain,
  type SealNote,
} from './checkSeal';
import { checkSignatures, SIGNATURE_BREAKS, type NotSigned, type SignatureBreak, type SigningDevice } from './deviceKeys';
import { keyWords } from './fingerprint';
import type { Seal } from './seal';
import { isSeal } from './sealShape';

/** What a file proves beyond that it hangs together. */
export interface Signed {
  readonly shop: { readonly id: string; readonly name: string };
  /** The shop's key, Ed25519 in hex. */
  readonly key: string;
  /** Eight words of it: to compare with the shop by telephone. */
  readonly keyWords: readonly string[];
  /** What the shop's own clock said when it signed. */
  readonly sealedAt: string;
  readonly size: number;
  readonly epoch: number;
  readonly notes: readonly SealNote[];
  /** How it stands to what somebody kept from before; null: nothing was given. */
  readonly older: 'continued' | 'not-compared' | null;
  /** Entries that a device signed, those of people with a key that none did, and whose the devices are. */
  readonly bySignature: number;
  readonly notSigned: readonly NotSigned[];
  readonly devices: readonly SigningDevice[];
}

export type SignedBreak = SealBreak | SignatureBreak | { readonly why: 'seal-unreadable'; readonly in?: string; readonly entry?: number };

export const SIGNED_BREAKS = [...SEAL_BREAKS, ...SIGNATURE_BREAKS, 'seal-unreadable'] as const;

export type SignedCheck =
  | { readonly holds: true; readonly signed: Signed | null; readonly older: Signed['older'] }
  | { readonly holds: false; readonly broken: SignedBreak };

/** A joint's record as the one chain it is. */
export const chainOfRecord = ({ entries }: Pick<ExportedRecord, 'entries'>): SealedChain => ({
  ...{ of: 'joint', name: tagOf(entries), links: entries },
  id: entries[0] ? ownerOf('joint', entries[0]) : '',
});

const signedOf = (seal: Seal, check: Extract<SealCheck, { holds: true }>, chains: readonly SealedChain[]): SignedCheck => {
  const { broken, signed, notSigned, devices } = checkSignatures(seal, chains);
  if (broken) return { holds: false, broken };
  const { origin, name, time, size, epoch, key } = seal.treeHead;
  return {
    holds: true,
    older: check.older,
    signed: {
      ...{ shop: { id: origin, name }, key, keyWords: keyWords(key), sealedAt: time, size, epoch },
      ...{ notes: check.notes, older: check.older, bySignature: signed, notSigned, devices },
    },
  };
};

/**
 * Checks what is signed in a file: the shop's seal (`checkSeal`) and what devices signed (`checkSignatures`). A file without a seal is of a
 * version before 3, or was given away by a shop that seals nothing: then its chains are held against the older ones alone.
 *
 * @param seal    as the file holds it; null or nothing where it has none
 * @param chains  of the file, each of which hangs together
 * @param older   what somebody kept from before
 */
export function checkSigned(seal: unknown, chains: readonly SealedChain[], older: Older | null = null): SignedCheck {
  if (seal === null || seal === undefined) {
    const broken = older ? headsAgainst(chains, older.heads) : null;
    return broken ? { holds: false, broken } : { holds: true, signed: null, older: older ? 'not-compared' : null };
  }
  if (!isSeal(seal)) return { holds: false, broken: { why: 'seal-unreadable' } };
  const check = checkSeal(seal, chains, older);
  return check.holds ? signedOf(seal, check, chains) : check;
}
