import type { DeviceEnd, SignatureAlg } from '@kesto/core/vocabulary';

/** What a device signed of what it sends, and the salts under which it closed the words in it, in their order. */
export interface SignedBy {
  readonly device: string;
  readonly alg: SignatureAlg;
  /** In hex. */
  readonly value: string;
  readonly salts: readonly string[];
}

/** A device's key as the shop's record says it. */
export interface DeviceView {
  readonly device: string;
  readonly person: { readonly id: string; readonly name: string };
  readonly alg: SignatureAlg;
  readonly keyWords: readonly string[];
  readonly since: string;
  readonly until: string | null;
  /** Names of those who vouched for it; empty: nobody did. */
  readonly vouchedBy: readonly string[];
}

export interface SetDeviceRequest {
  readonly alg: SignatureAlg;
  /** Its public half, in hex. */
  readonly key: string;
  readonly deviceTime: string;
}

export interface VouchRequest {
  readonly deviceTime: string;
  readonly signed: SignedBy;
}

export interface EndDeviceRequest {
  readonly why: Exclude<DeviceEnd, 'left'>;
  readonly deviceTime: string;
}
