import type { JobView } from '@kesto/contract';

/** Which circuit of the machine it is about, where it has several, and what is in it. */
export const circuitWords = ({ circuit, unit }: Pick<JobView, 'circuit' | 'unit'>): string =>
  `${circuit.name === 'main' ? unit.name : circuit.name}, ${circuit.refrigerant}`;
