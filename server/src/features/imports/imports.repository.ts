import type { ImportedFile, ImportedJoint } from '@kesto/contract';

/** A file of another shop as it is kept. */
export interface ImportRow extends Pick<ImportedFile, 'sha256' | 'of' | 'name' | 'shop'> {
  readonly bytes: Uint8Array;
  readonly joints: readonly ImportedJoint[];
  readonly personId: string;
  readonly at: Date;
}

/** The same without its bytes, and with the name of whoever took it in. */
export type ImportFacts = Omit<ImportRow, 'bytes'> & { readonly by: string; readonly size: number };

export interface ImportRepository {
  /** Taken in twice it is one. */
  add(row: ImportRow): Promise<void>;
  /** The newest first. */
  newest(most: number): Promise<readonly ImportFacts[]>;
  byHash(sha256: string): Promise<ImportFacts | null>;
  bytesOf(sha256: string): Promise<Uint8Array | null>;
}
