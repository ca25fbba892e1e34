/** A small picture of one colour; each seed another. */
export function pngPhoto(seed: number, side?: number): Buffer;
