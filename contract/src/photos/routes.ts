import { get, put, type NoBody, type Streamed } from '../route';
import { EVERYBODY, MAKERS } from '../session/types';
import type { StoredPhoto } from './types';

export const PHOTO_ROUTES = {
  /** Bytes, no JSON: read by its own handler once the sender is known. */
  putPhoto: put<NoBody, StoredPhoto>()('/api/photos/:source', {
    summary: 'Store a photo under the SHA-256 of what is sent',
    roles: MAKERS,
  }),
  getPhoto: get<Streamed>()('/api/photos/:sha256', { summary: 'A photo', roles: EVERYBODY }),
} as const;
