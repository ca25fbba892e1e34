import { get, put, type NoBody, type Streamed } from '../route';
import { EVERYBODY, MAKERS } from '../session/types';
import type { ImportedFile } from './types';

export const IMPORT_ROUTES = {
  /** Bytes, no JSON: read by its own handler once the sender is known. */
  setImport: put<NoBody, ImportedFile>()('/api/imports/:sha256', {
    summary: 'Take in the record of another shop, under the SHA-256 of its file',
    roles: MAKERS,
  }),
  imports: get<readonly ImportedFile[]>()('/api/imports', { summary: 'Records of other shops that were taken in', roles: EVERYBODY }),
  importedFile: get<Streamed<ArrayBuffer>>()('/api/imports/:sha256/file', { summary: 'Such a record, as it came', roles: EVERYBODY }),
} as const;
