import type { CircuitGraph } from '../circuit/graph';
import type { IsolationMethod } from '../ledger/words';
import { FieldReader } from '../unit/fieldReader';
import { VESSELS } from './valves';

/** What is taken out of a circuit with so much in it. */
export interface TakeOutAsked {
  readonly method: IsolationMethod;
  /** All that is inside [kg]: what was added counts, what leaked since does not. */
  readonly insideKg: number | undefined;
  readonly circuit: CircuitGraph;
  readonly emptied: readonly string[];
}

/**
 * Kilograms that a way takes out.
 *
 * @returns  0 where it is pumped down: nothing leaves the machine; all that is inside where all of it comes out; of a section its share of the
 *           vessels' volume, null where one of those is not known, or what is inside is not
 * @accuracy a section's share by volume is rough: liquid lies in the lowest vessel. The scale tells
 */
export function toTakeOutKg({ method, insideKg, circuit, emptied }: TakeOutAsked): number | null {
  if (method === 'pump-down') return 0;
  if (insideKg === undefined) return null;
  if (method === 'recover-all') return insideKg;
  const read = new FieldReader();
  const vessels = circuit.parts.filter(({ kind }) => VESSELS.includes(kind) && kind !== 'compressor');
  const litres = vessels.map(({ id, volume }) => ({ id, m3: volume ? read.volumeM3('volume', volume, { min: 0, max: 10 }) : Number.NaN }));
  const sum = (of: typeof litres) => of.reduce((all, { m3 }) => all + m3, 0);
  const share = sum(litres.filter(({ id }) => emptied.includes(id))) / sum(litres);
  return Number.isFinite(share) ? insideKg * share : null;
}
