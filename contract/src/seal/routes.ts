import { get, put, type Streamed } from '../route';
import { ADMINS, EVERYBODY } from '../session/types';
import type { ContinuedView, PutShopKeyRequest, SealView, SetServerRequest, TreeHeadFile } from './types';

export const SEAL_ROUTES = {
  seal: get<SealView>()('/api/seal', EVERYBODY),
  treeHead: get<Streamed<TreeHeadFile>>()('/api/seal/tree-head.json', EVERYBODY),
  continued: get<ContinuedView>()('/api/seal/continued/:size', EVERYBODY),
  setShopKey: put<PutShopKeyRequest, SealView>()('/api/seal/key', ADMINS),
  setServer: put<SetServerRequest, SealView>()('/api/seal/server', ADMINS),
} as const;
