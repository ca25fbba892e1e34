const NAME = 'code';

/** A one-time code that was scanned: it stands in the address; empty without one. */
export const codeInAddress = (): string => new URLSearchParams(globalThis.location?.search ?? '').get(NAME) ?? '';

/** Used codes do not stay in the address, where they would be kept in the browser's history. */
export function forgetCodeInAddress(): void {
  if (codeInAddress()) globalThis.history?.replaceState(null, '', '/');
}
