export const CIRCUIT_KINDS = [
  'compressor',
  'condenser',
  'receiver',
  'valve',
  'check-valve',
  'drier',
  'sight-glass',
  'solenoid',
  'expansion-valve',
  'capillary',
  'distributor',
  'evaporator',
  'accumulator',
  'reversing-valve',
  'switch',
  'transducer',
  'port',
  'tube',
  'fitting',
] as const;
export const NEAR_KINDS = [
  ...CIRCUIT_KINDS,
  'soft-solder-joint',
  'brazed-joint',
  'press-joint',
  'flare',
  'core',
  'coil',
  'power-head',
  'sensor',
  'insulation',
  'wiring',
  'circuit-board',
  'wood',
  'plastic-pipe',
  'grommet',
  'painted-surface',
  'sprinkler',
  'detector',
] as const;
export type NearKind = (typeof NEAR_KINDS)[number];
export const isNearKind = (word: string): word is NearKind => (NEAR_KINDS as readonly string[]).includes(word);

export const PROTECTIONS = ['none', 'wet-cloth', 'putty', 'paste', 'removed'] as const;
export type ProtectionKind = (typeof PROTECTIONS)[number];
