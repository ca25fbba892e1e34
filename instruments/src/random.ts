/** Numbers from 0 to 1 that are the same for the same seed (mulberry32). */
export function random(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** A seed out of letters. */
export const seedOf = (text: string): number => [...text].reduce((seed, letter) => (Math.imul(seed, 31) + letter.charCodeAt(0)) >>> 0, 7);

/** One draw of a bell of width 1 round 0 (Box and Muller). */
export const bell = (draw: () => number): number => Math.sqrt(-2 * Math.log(draw() + 1e-12)) * Math.cos(2 * Math.PI * draw());
