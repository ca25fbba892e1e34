import { createPrivateKey, createPublicKey, generateKeyPairSync, sign, type KeyObject } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import path from 'node:path';

/** A shop's key on this server: signs, and says by which key it is checked. */
export interface ShopKey {
  /** Ed25519, its 32 bytes in hex. */
  readonly key: string;
  readonly sign: (text: string) => string;
}

/** Where the keys of the shops are: outside the database, so that whoever reads its rows signs nothing. */
export interface ShopKeys {
  /** The one that is named, where it is here; else the newest. Null: this server has none of this shop. */
  of(shopId: string, named?: string): ShopKey | null;
  make(shopId: string): ShopKey;
  /** Whether this is a copy put back from a backup that nobody has said is the server now: it signs nothing. */
  isCopy(shopId: string): boolean;
  /** Somebody says that this is the server now. */
  becameServer(shopId: string): void;
}

/** Bytes of an Ed25519 key at the end of its SPKI. */
const KEY_BYTES = 32;

function keyOf(secret: KeyObject): ShopKey {
  const spki = createPublicKey(secret).export({ format: 'der', type: 'spki' });
  return {
    key: spki.subarray(-KEY_BYTES).toString('hex'),
    sign: (text) => sign(null, Buffer.from(text, 'utf8'), secret).toString('hex'),
  };
}

const madeSecret = () => generateKeyPairSync('ed25519').privateKey;

/** Left by a restore: shops whose rows came from a backup. */
const COPY_FILE = 'restored-copy.json';
const FOLDER = 'shop-keys';
/** Follows the name of a key's file that another came after. */
const BEFORE = '.before-';

/** Keys as files of a data folder, for the eyes of its owner alone. */
export function shopKeysIn(dataDir: string): ShopKeys {
  const folder = path.join(dataDir, FOLDER);
  const copyFile = path.join(dataDir, COPY_FILE);
  const fileOf = (shopId: string) => path.join(folder, `${shopId}.pem`);
  const copies = (): readonly string[] =>
    existsSync(copyFile) ? (JSON.parse(readFileSync(copyFile, 'utf8')) as { shops: string[] }).shops : []; // cast: written by a restore or below
  /** The newest first. */
  function filesOf(shopId: string): readonly string[] {
    if (!existsSync(folder)) return [];
    const own = readdirSync(folder).filter((name) => name === `${shopId}.pem` || name.startsWith(`${shopId}.pem${BEFORE}`));
    const [newest, ...before] = own.toSorted();
    return [newest, ...before.toReversed()].flatMap((name) => (name ? [path.join(folder, name)] : []));
  }
  return {
    of(shopId, named) {
      const keys = filesOf(shopId).map((file) => keyOf(createPrivateKey(readFileSync(file))));
      return keys.find(({ key }) => key === named) ?? keys[0] ?? null;
    },
    make(shopId) {
      mkdirSync(folder, { recursive: true, mode: 0o700 });
      const [file, secret] = [fileOf(shopId), madeSecret()];
      // A key that signed once is put aside, never lost: after a change that failed it is the one that signs on.
      if (existsSync(file)) renameSync(file, `${file}${BEFORE}${Date.now()}`);
      const partial = `${file}.partial-${process.pid}`;
      writeFileSync(partial, secret.export({ format: 'pem', type: 'pkcs8' }), { mode: 0o600, flush: true });
      renameSync(partial, file);
      return keyOf(secret);
    },
    isCopy: (shopId) => copies().includes(shopId),
    becameServer(shopId) {
      writeFileSync(copyFile, JSON.stringify({ shops: copies().filter((one) => one !== shopId) }), { mode: 0o600 });
    },
  };
}

/** Keys that are gone with the process. */
export function shopKeysInMemory(copies: readonly string[] = []): ShopKeys {
  const keys = new Map<string, readonly ShopKey[]>();
  const stillCopies = new Set(copies);
  return {
    of(shopId, named) {
      const own = keys.get(shopId) ?? [];
      return own.find(({ key }) => key === named) ?? own[0] ?? null;
    },
    make(shopId) {
      const key = keyOf(madeSecret());
      keys.set(shopId, [key, ...(keys.get(shopId) ?? [])]);
      return key;
    },
    isCopy: (shopId) => stillCopies.has(shopId),
    becameServer: (shopId) => void stillCopies.delete(shopId),
  };
}
