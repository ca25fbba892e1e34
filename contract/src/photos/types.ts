export interface StoredPhoto {
  readonly sha256: string;
  readonly mediaType: string;
  readonly bytes: number;
}

export const PHOTO_LIMIT_BYTES = 12_000_000;
export const PHOTO_LONGEST_SIDE_PX = 2000;
