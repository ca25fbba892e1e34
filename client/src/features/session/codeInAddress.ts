const NAME = 'code';

/** A one-time code that was scanned: it stands in the address until somebody has come in; empty without one. */
export const codeInAddress = (): string => new URLSearchParams(globalThis.location?.search ?? '').get(NAME) ?? '';
