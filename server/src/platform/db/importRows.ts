import { EntitySchema } from 'typeorm';
import type { ImportedFile, ImportedJoint } from '@kesto/contract';
import { column, key, shopId } from './columns';

export interface ImportedFileRow {
  readonly shopId: string;
  readonly sha256: string;
  readonly ofChain: ImportedFile['of'];
  readonly name: string;
  readonly theirShop: ImportedFile['shop'];
  readonly bytes: Buffer;
  readonly personId: string;
  readonly takenAt: Date;
}
export type ImportedJointRow = Omit<ImportedJoint, 'chain'> & {
  readonly shopId: string;
  readonly sha256: string;
  readonly chainId: string;
};

export const ImportedFiles = new EntitySchema<ImportedFileRow>({
  name: 'imported_file',
  columns: {
    ...{ shopId, sha256: key('text'), ofChain: column('text'), name: column('text'), bytes: column('bytea') },
    theirShop: { type: 'jsonb', nullable: true },
    ...{ personId: column('uuid'), takenAt: column('timestamptz') },
  },
});
export const ImportedJoints = new EntitySchema<ImportedJointRow>({
  name: 'imported_joint',
  columns: { shopId, sha256: key('text'), chainId: key('uuid'), tag: column('text'), sequence: column('integer'), head: column('text') },
});

export const IMPORT_ROWS = [ImportedFiles, ImportedJoints];
