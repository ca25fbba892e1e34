import { createPrivateKey, generateKeyPairSync, sign, webcrypto } from 'node:crypto';
import { isSignedBy } from '@kesto/core/tree';

const hex = (bytes: ArrayBuffer | Buffer) => Buffer.from(bytes as ArrayBuffer).toString('hex'); // cast: both are bytes
const COUNT = 200;

test('what Node signs with Ed25519 and P-256 is what is verified here, 200 of each', () => {
  const ed = generateKeyPairSync('ed25519');
  const p = generateKeyPairSync('ec', { namedCurve: 'P-256' });
  const edKeyHex = hex(ed.publicKey.export({ format: 'der', type: 'spki' }).subarray(-32));
  const pKeyHex = hex(p.publicKey.export({ format: 'der', type: 'spki' }).subarray(-65));
  for (let i = 0; i < COUNT; i += 1) {
    const text = `entry ${i} – ½ stick`;
    const byEd = hex(sign(null, Buffer.from(text), ed.privateKey));
    const byP = hex(
      sign('sha256', Buffer.from(text), {
        key: createPrivateKey(p.privateKey.export({ format: 'pem', type: 'pkcs8' })),
        dsaEncoding: 'ieee-p1363',
      }),
    );
    expect(isSignedBy({ alg: 'Ed25519', key: edKeyHex }, text, byEd)).toBe(true);
    expect(isSignedBy({ alg: 'P-256', key: pKeyHex }, text, byP)).toBe(true);
    expect(isSignedBy({ alg: 'Ed25519', key: edKeyHex }, `${text}.`, byEd)).toBe(false);
    expect(isSignedBy({ alg: 'P-256', key: pKeyHex }, text, `${byP.startsWith('0') ? '1' : '0'}${byP.slice(1)}`)).toBe(false);
  }
}, 30_000);

test('what a browser’s own cryptography signs is what is verified here, 200 of each', async () => {
  for (const [alg, name, how] of [
    ['Ed25519', { name: 'Ed25519' }, { name: 'Ed25519' }],
    ['P-256', { name: 'ECDSA', namedCurve: 'P-256' }, { name: 'ECDSA', hash: 'SHA-256' }],
  ] as const) {
    const pair = (await webcrypto.subtle.generateKey(name as { name: string }, false, ['sign', 'verify'])) as webcrypto.CryptoKeyPair; // cast: of either both halves
    const key = hex(await webcrypto.subtle.exportKey('raw', pair.publicKey));
    for (let i = 0; i < COUNT; i += 1) {
      const text = `said ${i}`;
      const value = hex(await webcrypto.subtle.sign(how, pair.privateKey, Buffer.from(text)));
      expect(isSignedBy({ alg, key }, text, value)).toBe(true);
    }
  }
}, 30_000);
