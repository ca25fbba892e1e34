import type { BreakReason, FileBreak } from '@kesto/core';
import { breakText } from './errors';
import type { SealNote, Signed, SignedBreak, SigningDevice } from '@kesto/core/tree';

const BREAKS: Readonly<Record<SignedBreak['why'], string>> = {
  'seal-unreadable': 'what the file says it was sealed with cannot be read',
  'head-not-signed': 'the tree head does not carry the signature of the shop’s key',
  'key-not-in-tree': 'the key that signed is not the one that the shop’s tree names',
  'key-not-handed-over': 'a key of the shop was not handed over by the one before it, and does not say so',
  'not-in-tree': 'what the seal says stood in the shop’s tree is not in it',
  'proof-wrong': 'the proof that an earlier tree is the beginning of this one does not hold',
  'chain-not-sealed': 'the shop’s tree says nothing of this chain',
  'older-not-signed': 'what you kept carries no good signature: it was altered',
  'older-of-another-shop': 'what you kept is of another shop',
  'older-key-unknown': 'what you kept was signed by a key that this shop’s tree does not know',
  'tree-made-anew': 'the shop’s tree is not the one you kept a head of: it was made anew',
  'two-trees': 'two trees of the same size and not the same: readers were shown different records',
  'chain-cut-short': 'the chain ends before what you kept of it: entries were taken away',
  'chain-made-anew': 'the chain is not the one that was sealed, or that you kept: it was made anew',
  'signature-wrong': 'the entry does not carry the signature of the device it names',
  'device-unknown': 'the entry was signed by a device that the shop’s record does not name',
  'device-ended': 'the entry was signed by a device whose key had ended',
  'device-not-in-tree': 'what the file says of devices’ keys is not in the shop’s tree',
};

/** Why something in a file does not hold. */
export const anyBreakText = (why: SignedBreak['why'] | BreakReason | FileBreak): string =>
  Object.hasOwn(BREAKS, why) ? BREAKS[why as SignedBreak['why']] : breakText(why as BreakReason | FileBreak); // cast: one of either

const day = (at: string | undefined): string => (at ? ` on ${at.slice(0, 10)}` : '');

const NOTES: Readonly<Record<SealNote['what'], (note: SealNote) => string>> = {
  'not-sealed-yet': ({ in: name = '', entries = 0 }) =>
    `${name}: ${entries === 1 ? 'one entry' : `${entries} entries`} came after the shop last sealed: nothing is proved of ${entries === 1 ? 'it' : 'them'} yet`,
  'key-changed': ({ at }) => `the shop changed its key${day(at)}; the old one signed the new`,
  'key-lost': ({ at }) =>
    `the shop’s key changed${day(at)} without the old one, which was lost: ask the shop whether the words are its own`,
  'key-stolen': ({ at }) => `the shop said${day(at)} that its key was stolen: what only that key says of later is not proved`,
  restored: ({ at }) => `the shop’s records were put back from a backup${day(at)}`,
  'lost-by-restore': ({ at }) =>
    `what you kept is from after a backup that the shop went back to${day(at)}: what was noted in between is lost, and said to be`,
  'this-is-older': () => 'what you kept is newer than this file: hold them the other way round',
  'no-proof-from-there': () =>
    'this file does not carry the proof from the tree head you kept: its chains were compared with what you have; ask the shop for a copy made against yours',
};

/** What is to be said of a seal that holds. */
export const sealNoteText = (note: SealNote): string => NOTES[note.what](note);

/** Whose device signed, and who says so. */
export const signingDeviceText = ({ name, vouchedBy }: SigningDevice): string =>
  vouchedBy.length > 0
    ? `The device of ${name || 'somebody whose name was erased'} was vouched for by a device of ${vouchedBy.map((one) => one || 'somebody').join(', ')}.`
    : `Nobody has vouched for the device that signs as ${name || 'somebody whose name was erased'}: whose it is, the server alone says.`;

/** Whose devices signed, each once: one person has more than one. */
export const signingDeviceTexts = (devices: readonly SigningDevice[]): readonly string[] => [...new Set(devices.map(signingDeviceText))];

/** Numbers in their order as a person reads them: 2 to 5, 8. */
function rangesText(entries: readonly number[]): string {
  const runs: number[][] = [];
  for (const entry of entries) {
    const last = runs.at(-1);
    if (last && entry === (last.at(-1) ?? 0) + 1) last.push(entry);
    else runs.push([entry]);
  }
  return runs.map((run) => (run.length > 2 ? `${run[0]} to ${run.at(-1)}` : run.join(', '))).join(', ');
}

/** Entries of people whose devices had keys that no device signed, a line a chain; a job's chain is named by its number alone. */
export function notSignedTexts(notSigned: Signed['notSigned']): readonly string[] {
  const chains = [...new Set(notSigned.map((one) => one.in))];
  return chains.map((chain) => {
    const entries = notSigned.filter((one) => one.in === chain).map(({ entry }) => entry);
    const what = `${entries.length === 1 ? 'entry' : 'entries'} ${rangesText(entries)}`;
    return `${/^\d+$/.test(chain) ? `Job ${chain}` : chain}, ${what}: not signed, though that person’s device had a key by then.`;
  });
}

/** What a file proves beyond that it hangs together, in sentences. */
export function signedTexts(signed: Signed): readonly string[] {
  const { shop, sealedAt, notes, older, bySignature, notSigned, devices } = signed;
  return [
    `${shop.name} held this record when it signed, by its own clock ${sealedAt.slice(0, 16).replace('T', ' ')} UTC.`,
    ...(older === 'continued' ? ['What you kept from before is the beginning of it: nothing was taken away or put in since.'] : []),
    ...(bySignature > 0
      ? [`${bySignature === 1 ? 'One entry was' : `${bySignature} entries were`} signed by the device of whoever wrote it.`]
      : []),
    ...notSignedTexts(notSigned),
    ...signingDeviceTexts(devices),
    ...notes.map((note) => `${sealNoteText(note)}.`),
  ];
}
