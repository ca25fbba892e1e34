import { get, put, type Streamed } from '../route';
import { ADMINS, EVERYBODY } from '../session/types';
import type { ContinuedView, PutShopKeyRequest, SealView, SetServerRequest, TreeHeadFile } from './types';

export const SEAL_ROUTES = {
  seal: get<SealView>()('/api/seal', {
    summary: 'How the shop’s records are sealed: newest tree head, and whether it is signed here',
    roles: EVERYBODY,
  }),
  treeHead: get<Streamed<TreeHeadFile>>()('/api/seal/tree-head.json', {
    summary: 'The newest tree head as a file, to hold later copies against',
    roles: EVERYBODY,
  }),
  continued: get<ContinuedView>()('/api/seal/continued/:size', {
    summary: 'The proof that an earlier tree is the beginning of the newest one',
    roles: EVERYBODY,
  }),
  setShopKey: put<PutShopKeyRequest, SealView>()('/api/seal/key', { summary: 'Sign by a new key from now on', roles: ADMINS }),
  setServer: put<SetServerRequest, SealView>()('/api/seal/server', {
    summary: 'Say that this restored copy is the server now',
    roles: ADMINS,
  }),
} as const;
