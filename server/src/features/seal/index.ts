/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export type * from './seal.repository';
export { sealRoutes } from './seal.routes';
export { sealDesk, type SealDesk } from './sealDesk';
export { sizeHeld } from './sizeHeld';
export { sealFor } from './proofs.service';
export { shopKeysIn, shopKeysInMemory, type ShopKeys } from './shopKeys';
