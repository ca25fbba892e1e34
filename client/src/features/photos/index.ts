/** What other features may use of this one; everything else in its folder is its own. */
export { MarkRing, type PhotoMark } from './MarkRing';
export { PhotoStrip } from './PhotoStrip';
export { usePhotos } from './usePhotos';
export { useTakePhoto } from './useTakePhoto';
