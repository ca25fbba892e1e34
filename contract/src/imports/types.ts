/** One joint of a record that another shop gave away, and where its chain stood. */
export interface ImportedJoint {
  readonly chain: string;
  readonly tag: string;
  readonly sequence: number;
  readonly head: string;
}

/** A record of another shop, kept as its file: verified when it came, never added to. */
export interface ImportedFile {
  readonly sha256: string;
  readonly of: 'joint' | 'job';
  /** A joint's tag, or the job's number. */
  readonly name: string;
  /** By whose key it is sealed; null: by nobody's, and nothing shows whose it is. */
  readonly shop: { readonly id: string; readonly name: string; readonly key: string; readonly sealedAt: string } | null;
  /** Eight words of that key; empty without one. */
  readonly keyWords: readonly string[];
  readonly joints: readonly ImportedJoint[];
  readonly bytes: number;
  /** Who took it in, and when. */
  readonly by: string;
  readonly at: string;
}

export const IMPORT_LIMIT_BYTES = 25_000_000;
/** So many are shown, the newest first; the others are found by a tag. */
export const IMPORTS_SHOWN = 200;
