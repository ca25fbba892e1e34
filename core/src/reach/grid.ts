import type { TubeModel, WetLength } from './tubeModel';

/** A grid near the wanted one that has a point where the wet length begins: there the temperature bends. */
export function gridThrough(wet: WetLength | null, wantedM: number): number {
  if (!wet || wet.fromM < wantedM) return wantedM;
  return wet.fromM / Math.round(wet.fromM / wantedM);
}

/** Each piece of the far tube is this much longer than the one before it. */
const WIDENING = 1.25;

/** Places of the grid's points [m]: even as far as anything is asked, then widening to end just where the tube does. */
export function gridPlaces({ gridM, lengthM, fineToM = lengthM }: Pick<TubeModel, 'gridM' | 'lengthM' | 'fineToM'>): readonly number[] {
  const places = Array.from({ length: Math.max(8, Math.ceil(Math.min(fineToM, lengthM) / gridM) + 1) }, (_, i) => i * gridM);
  const evenToM = places[places.length - 1] ?? 0;
  const pieces: number[] = [];
  let coveredM = evenToM;
  for (let piece = gridM * WIDENING; coveredM < lengthM - 1e-9; piece *= WIDENING) {
    pieces.push(piece);
    coveredM += piece;
  }
  const shrunk = pieces.length === 0 ? 1 : (lengthM - evenToM) / (coveredM - evenToM);
  let at = evenToM;
  for (const piece of pieces) places.push((at += piece * shrunk));
  return places;
}
