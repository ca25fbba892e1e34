/** What keys sign with: Ed25519 (RFC 8032), or P-256 with SHA-256 where a browser has no other. */
export const SIGNATURE_ALGS = ['Ed25519', 'P-256'] as const;
export type SignatureAlg = (typeof SIGNATURE_ALGS)[number];

/** Why a device's key says nothing from then on. */
export const DEVICE_ENDS = ['lost', 'given-away', 'left'] as const;
export type DeviceEnd = (typeof DEVICE_ENDS)[number];
