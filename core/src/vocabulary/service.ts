export const SIDES = ['high', 'low', 'discharge', 'liquid', 'suction'] as const;
export type Side = (typeof SIDES)[number];

export const CIRCUIT_STATES = ['charged', 'recovered', 'evacuated', 'new'] as const;
export type CircuitState = (typeof CIRCUIT_STATES)[number];
