import type { LedgerLink, Statement } from '../ledger/entry';
import { KINDS, type KindId } from '../ledger/kinds';
import { commitmentsIn } from '../ledger/openWords';
import { wordsBreak } from '../ledger/verifyChain';
import { isLedgerLink, saidBy } from '../record/jointEntry';
import { canonicalHash, canonicalText } from '../record/chain';
import type { SealedChain } from './checkSeal';
import type { Seal } from './seal';
import { isSignedBy, type CheckingKey } from './signature';

/** A device's key as entries of the shop's chain say it. */
export interface DeviceKey extends CheckingKey {
  readonly device: string;
  readonly person: string;
  /** When the server took the key, and when it was said to end. */
  readonly since: string;
  readonly until: string | null;
  /** What that person is called, as they stood when it was entered; empty where the name was erased. */
  readonly name: string;
  /** Devices by which it was vouched for, none of which rests on it: none, nobody did. */
  readonly vouchedBy: readonly string[];
}

/** To the letter what a device signs: what was said, as canonical JSON (RFC 8785). */
export const saidText = (said: Statement): string => canonicalText(said);

const deviceOf = ({ content }: LedgerLink): string => String(content.said.told['device']);

type Vouching = ReadonlyMap<string, readonly string[]>;

/** Whether a device is vouched for by another in the end, and not only by itself or by those that it vouches for. */
function restsOn(device: string, voucher: string, vouching: Vouching, seen: readonly string[] = []): boolean {
  if (voucher === device) return true;
  const further = vouching.get(voucher) ?? [];
  return further.length > 0 && further.every((one) => seen.includes(one) || restsOn(device, one, vouching, [...seen, voucher]));
}

/** Which devices vouch for which, by entries whose own signature holds. */
function vouchingOf(keys: readonly DeviceKey[], links: readonly LedgerLink[]): Vouching {
  const said = links.filter((link) => link.content.said.kind === 'device-vouched' && isSignedByOne(keys, link));
  const by = (device: string) => said.flatMap((link) => (deviceOf(link) === device ? [link.content.signature?.device ?? ''] : []));
  return new Map(keys.map(({ device }) => [device, by(device)]));
}

/** Keys of devices from the entries that speak of them. What vouches counts only where its own signature holds. */
export function deviceKeys(links: readonly LedgerLink[]): readonly DeviceKey[] {
  const made = links.filter(({ content }) => content.said.kind === 'device-key');
  const keys = made.map((link): DeviceKey => {
    const { said, at } = link.content;
    const { alg, key } = said.told as unknown as CheckingKey; // cast: the kind tells both
    const ended = links.find((one) => one.content.said.kind === 'device-ended' && deviceOf(one) === deviceOf(link));
    return {
      ...{ device: deviceOf(link), person: said.person ?? '', name: saidBy(link).person.name, alg, key },
      ...{ since: at.server, until: ended?.content.at.server ?? null, vouchedBy: [] },
    };
  });
  const vouching = vouchingOf(keys, links);
  return keys.map((key) => ({
    ...key,
    vouchedBy: (vouching.get(key.device) ?? []).filter((voucher) => !restsOn(key.device, voucher, vouching)),
  }));
}

function isSignedByOne(keys: readonly DeviceKey[], { content }: LedgerLink): boolean {
  const { signature, said } = content;
  const key = keys.find(({ device }) => device === signature?.device);
  return signature !== null && key !== undefined && said.person === key.person && isSignedBy(key, saidText(said), signature.value);
}

export const SIGNATURE_BREAKS = ['signature-wrong', 'device-unknown', 'device-ended', 'device-not-in-tree'] as const;
export type SignatureBreakReason = (typeof SIGNATURE_BREAKS)[number];

export interface SignatureBreak {
  readonly why: SignatureBreakReason;
  readonly in?: string;
  readonly entry?: number;
}

/** An entry in the name of somebody whose device had a key by then, which no device signed. */
export interface NotSigned {
  readonly in: string;
  readonly entry: number;
}

export interface SignatureCheck {
  readonly broken: SignatureBreak | null;
  /** Entries that a device signed. */
  readonly signed: number;
  readonly notSigned: readonly NotSigned[];
  /** Devices that signed something here: whose each is, and whose devices vouched for it; nobody's where the list is empty. */
  readonly devices: readonly SigningDevice[];
}

export interface SigningDevice {
  readonly device: string;
  readonly name: string;
  readonly vouchedBy: readonly string[];
}

/** Whether a key was good when something was said: what was said before it ended and came later counts by the device's own word. */
export const wasGood = ({ until }: Pick<DeviceKey, 'until'>, said: Pick<Statement, 'deviceTime'>): boolean =>
  until === null || (said.deviceTime !== null && said.deviceTime <= until);

function breakOf(keys: readonly DeviceKey[], { content }: LedgerLink): SignatureBreakReason | null {
  const { signature, said } = content;
  if (!signature) return null;
  const key = keys.find(({ device }) => device === signature.device);
  if (!key) return 'device-unknown';
  const isOwn = key.person === said.person || key.person === said.onBehalfOf;
  if (!isOwn || key.alg !== signature.alg || !isSignedBy(key, saidText(said), signature.value)) return 'signature-wrong';
  return wasGood(key, said) ? null : 'device-ended';
}

/** What Kesto writes in somebody's name when they do something else: no device says it, so that none signs it. */
const isTapped = ({ chain, said }: LedgerLink['content']): boolean => {
  const { stages } = KINDS[said.kind] ?? { stages: [] };
  return said.kind !== 'erased' && (chain.of === 'joint' || stages.length > 0 || ANY_CHAIN.includes(said.kind));
};
const ANY_CHAIN: readonly KindId[] = ['commented', 'corrected', 'struck-out'];

const lacksSignature = (keys: readonly DeviceKey[], { content }: LedgerLink): boolean => {
  const { signature, said, at } = content;
  const hadKey = ({ person, since, until }: DeviceKey) =>
    person === said.person && since < at.server && (until === null || until > at.server);
  return signature === null && said.person !== null && isTapped(content) && keys.some(hadKey);
};

/** Words beside it that it does not commit to; a name that was erased since is missing, and nothing is wrong with that. */
const isStrange = (link: LedgerLink): boolean => wordsBreak(link, new Set(commitmentsIn(link.content))) !== null;

/**
 * Checks what devices signed in a file's chains: that each signature is that of a key which the shop's chain names, over what was said, in
 * the name of that key's person. A key counts only where the seal proves that its entry is in the shop's tree.
 *
 * An entry that no device signed though its person had a key by then is named: it may have come from another of their devices, or be the
 * server's own invention.
 */
export function checkSignatures(seal: Seal, chains: readonly SealedChain[]): SignatureCheck {
  const proved = new Set(seal.leaves.flatMap(({ leaf }) => (leaf.what === 'entry' ? [leaf.hash] : [])));
  const strange = seal.devices.some((link) => canonicalHash(link.content) !== link.hash || !proved.has(link.hash) || isStrange(link));
  const none = { signed: 0, notSigned: [], devices: [] };
  if (strange) return { ...none, broken: { why: 'device-not-in-tree' } };
  const keys = deviceKeys(seal.devices);
  const links = chains.flatMap(
    (chain) => chain.links.flatMap((link, i) => (isLedgerLink(link) ? [{ in: chain.name, entry: i + 1, link: link as LedgerLink }] : [])), // cast: of format 3
  );
  for (const { in: name, entry, link } of links) {
    const why = breakOf(keys, link);
    if (why) return { ...none, broken: { why, in: name, entry } };
  }
  const nameOf = (device: string) => keys.find((one) => one.device === device)?.name ?? '';
  const signing = ({ device, name, vouchedBy }: DeviceKey) => ({ device, name, vouchedBy: [...new Set(vouchedBy.map(nameOf))] });
  const signers = new Set(links.flatMap(({ link }) => link.content.signature?.device ?? []));
  return {
    broken: null,
    signed: links.filter(({ link }) => link.content.signature !== null).length,
    notSigned: links.filter(({ link }) => lacksSignature(keys, link)).map(({ in: name, entry }) => ({ in: name, entry })),
    devices: keys.filter(({ device }) => signers.has(device)).map(signing),
  };
}
