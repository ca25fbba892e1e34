import { get, put, type NoBody, type Streamed } from '../route';
import { EVERYBODY, MAKERS } from '../session/types';
import type { ImportedFile } from './types';

export const IMPORT_ROUTES = {
  /** Bytes, no JSON: read by its own handler once the sender is known. */
  setImport: put<NoBody, ImportedFile>()('/api/imports/:sha256', MAKERS),
  imports: get<readonly ImportedFile[]>()('/api/imports', EVERYBODY),
  importedFile: get<Streamed<ArrayBuffer>>()('/api/imports/:sha256/file', EVERYBODY),
} as const;
