/** What a label at a joint says of its record, so that a later copy can be held against it. */
export interface Label {
  readonly tag: string;
  readonly sequence: number;
  /** SHA-256 of the last entry then. */
  readonly head: string;
  /** First 8 bytes of the shop's key, in hex. */
  readonly key: string;
  /** The shop's, over the rest; null on a label too small for it. */
  readonly signature: string | null;
}

const VERSION = '1';
export const LABEL_KEY_CHARS = 16;

/** What stands behind the `#` of a label's address; without an address, the whole of what it carries. */
export const writeLabel = ({ tag, sequence, head, key, signature }: Label): string =>
  [VERSION, encodeURIComponent(tag), sequence, head, key, ...(signature ? [signature] : [])].join('~');

/**
 * A label as it was read, with or without the address before it.
 *
 * @returns null where it is no label of this form
 */
export function readLabel(text: string): Label | null {
  const [version, tag = '', sequence = '', head = '', key = '', signature = null, ...rest] = text
    .slice(text.lastIndexOf('#') + 1)
    .split('~');
  const fits =
    version === VERSION &&
    /^[\w%.-]{1,60}$/.test(tag) &&
    /^[1-9]\d{0,5}$/.test(sequence) &&
    /^[0-9a-f]{64}$/.test(head) &&
    /^[0-9a-f]{16}$/.test(key) &&
    (signature === null || /^[0-9a-f]{128}$/.test(signature)) &&
    rest.length === 0;
  return fits ? { tag: decoded(tag), sequence: Number(sequence), head, key, signature } : null;
}

function decoded(tag: string): string {
  try {
    return decodeURIComponent(tag);
  } catch {
    return tag;
  }
}
