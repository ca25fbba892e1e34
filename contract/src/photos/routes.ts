import { get, put, type NoBody, type Streamed } from '../route';
import { EVERYBODY, MAKERS } from '../session/types';
import type { StoredPhoto } from './types';

export const PHOTO_ROUTES = {
  /** Bytes, no JSON: read by its own handler once the sender is known. */
  putPhoto: put<NoBody, StoredPhoto>()('/api/photos/:source', MAKERS),
  getPhoto: get<Streamed>()('/api/photos/:sha256', EVERYBODY),
} as const;
