import { isLedgerLink } from '../record/jointEntry';
import { sealLink, type LedgerLink } from '../ledger/entry';
import type { ExportedRecord } from '../record/verify';
import {
  DEVICES,
  device,
  edKey,
  entryLeaf,
  FIVE,
  HANDS,
  headLeaf,
  JOINT,
  keySaid,
  recordOf,
  SHOP,
  shopTree,
  signedChain,
  type Saying,
} from '../testing/sealed';
import { CHAIN, check, SHOP_KEY } from '../testing/sealedChecks';
import { checkSignatures, deviceKeys } from './deviceKeys';
import type { Leaf } from './leaf';

describe('devices', () => {
  /** The chain with its last entry as a server would make it that has no key of the device it names. */
  function forged(change: (link: LedgerLink) => Partial<LedgerLink['content']>): ExportedRecord {
    const last = CHAIN.at(-1)!;
    const links = [...CHAIN.slice(0, -1), sealLink({ ...last.content, ...change(last) }, last.beside)];
    const tree = shopTree(SHOP_KEY, DEVICES.map(entryLeaf));
    tree.add([headLeaf(links)]);
    return recordOf(links, tree.seal(DEVICES));
  }
  const other = (link: LedgerLink): LedgerLink['content']['said'] => ({ ...link.content.said, told: { note: 'never said' } });

  test('an entry that the server made in the name of somebody whose device has a key is named', () => {
    expect(check(forged((link) => ({ said: other(link) })))).toMatchObject({ why: { why: 'signature-wrong', entry: 5 } });
    expect(check(forged((link) => ({ said: other(link), signature: null })))).toMatchObject({
      signed: { notSigned: [{ in: 'CR2-07', entry: 5 }] },
    });
    const unknown = { device: device(7), alg: 'Ed25519', value: edKey(7).sign('anything') } as const;
    expect(check(forged(() => ({ signature: unknown })))).toMatchObject({ why: { why: 'device-unknown', entry: 5 } });
    const others = CHAIN.find((link) => isLedgerLink(link) && link.content.signature?.device === HANDS.ILTA.device);
    expect(check(forged(() => ({ signature: others?.content.signature ?? null })))).toMatchObject({ why: { why: 'signature-wrong' } });
  });

  test('a key that the server adds has to stand in the shop’s tree, and is seen there: nobody vouches for it', () => {
    const made = { ...HANDS.MAREN, device: device(8), key: edKey(8) };
    const [added] = signedChain({ of: 'shop', id: SHOP }, [{ kind: 'device-key', told: keySaid(made as never), by: made }], 5);
    const links = signedChain(JOINT, [...FIVE.slice(0, 4), { kind: 'accepted', told: {}, by: made }], 10);
    const sealedBy = (leaves: readonly Leaf[]) => {
      const tree = shopTree(SHOP_KEY, [...DEVICES.map(entryLeaf), ...leaves]);
      tree.add([headLeaf(links)]);
      return recordOf(links, tree.seal([...DEVICES, added!]));
    };
    expect(check(sealedBy([]))).toMatchObject({ why: { why: 'device-not-in-tree' } });
    expect(check(sealedBy([entryLeaf(added!)]))).toMatchObject({
      signed: { devices: expect.arrayContaining([expect.objectContaining({ device: device(8), vouchedBy: [] })]) as unknown },
    });
  });

  test('devices that vouch for themselves or for each other are vouched for by nobody', () => {
    const [one, two] = [
      { ...HANDS.ILTA, device: device(6), key: edKey(6) },
      { ...HANDS.ILTA, device: device(7), key: edKey(7) },
    ];
    const links = signedChain({ of: 'shop', id: SHOP }, [
      { kind: 'device-key', told: keySaid(one), by: one },
      { kind: 'device-key', told: keySaid(two), by: two },
      { kind: 'device-vouched', told: { device: one.device }, by: one },
      { kind: 'device-vouched', told: { device: one.device }, by: two },
      { kind: 'device-vouched', told: { device: two.device }, by: one },
    ]);
    expect(deviceKeys(links).map(({ vouchedBy }) => vouchedBy)).toEqual([[], []]);
    expect(deviceKeys(DEVICES).map(({ vouchedBy }) => vouchedBy)).toEqual([[], [device(2)]]);
  });

  test('what Kesto writes in somebody’s name is not missed a signature; what it says they tapped is', () => {
    const job = { of: 'job', id: '0193a000-0000-7000-8000-0000000000b7' } as const;
    const unsigned = (kind: Saying['kind']) => {
      const [link] = signedChain(job, [{ kind, told: {}, by: HANDS.ILTA }], 20);
      const links = [sealLink({ ...link!.content, signature: null }, link!.beside)];
      const tree = shopTree(SHOP_KEY, DEVICES.map(entryLeaf));
      tree.add([headLeaf(links)]);
      return checkSignatures(tree.seal(DEVICES), [{ ...job, name: '31', links }]).notSigned.length;
    };
    expect((['exported', 'joint-added', 'complaint', 'commented'] as const).map(unsigned)).toEqual([0, 0, 1, 1]);
  });

  test('what a device signs after its key ended does not count', () => {
    const ended = signedChain(
      { of: 'shop', id: SHOP },
      [{ kind: 'device-ended', told: { device: device(2), why: 'lost' }, by: HANDS.ILTA }],
      6,
    );
    const tree = shopTree(SHOP_KEY, [...DEVICES, ...ended].map(entryLeaf));
    tree.add([headLeaf(CHAIN)]);
    expect(check(recordOf(CHAIN, tree.seal([...DEVICES, ...ended])))).toMatchObject({ why: { why: 'device-ended', entry: 5 } });
  });
});
