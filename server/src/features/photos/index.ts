/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export { photosOf } from './entryPhotos';
export { photoQueue, type PhotoQueue } from './photoQueue';
export type * from './photos.repository';
export { photoRoutes } from './photos.routes';
export { cleanPhoto, type CleanPhoto, type SentPhoto } from './photos.service';
