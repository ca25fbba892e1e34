import { createPublicKey, verify, type KeyObject } from 'node:crypto';

/** The checking half of a PIN's key; null for what is no key of P-256. */
export function checkingKey(base64: string): KeyObject | null {
  try {
    const key = createPublicKey({ key: Buffer.from(base64, 'base64'), format: 'der', type: 'spki' });
    return key.asymmetricKeyDetails?.namedCurve === 'prime256v1' ? key : null;
  } catch {
    return null;
  }
}

/** Whether a key made a signature over a text: ECDSA over SHA-256, r and s one behind the other, as browsers make it. */
export function isSignedBy(base64: string, statement: string, signature: string): boolean {
  const key = checkingKey(base64);
  return (
    key !== null && verify('sha256', Buffer.from(statement, 'utf8'), { key, dsaEncoding: 'ieee-p1363' }, Buffer.from(signature, 'base64'))
  );
}
