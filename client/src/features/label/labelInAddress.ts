/** What a scanned label says behind the address: empty where it was no label. */
export const labelInAddress = (): string => {
  const said = globalThis.location?.hash.replace(/^#/, '') ?? '';
  return said.startsWith('1~') ? said : '';
};

/** The parts of what a label says, as far as this screen shows them; checked in full where a file is checked. */
export function labelParts(said: string): { readonly tag: string; readonly sequence: number; readonly head: string } | null {
  const [, tag = '', sequence = '', head = ''] = said.split('~');
  return /^[1-9]\d{0,5}$/.test(sequence) && /^[0-9a-f]{64}$/.test(head)
    ? { tag: decodeURIComponent(tag), sequence: Number(sequence), head }
    : null;
}

/** The joint that an address names. */
export const jointInAddress = (): string => /^\/joints\/([0-9a-f-]{36})/.exec(globalThis.location?.pathname ?? '')?.[1] ?? '';
