/** Colours by role, in two lights. Text on its surface keeps at least 7:1. */
export interface Tokens {
  readonly name: 'day' | 'night';
  readonly paper: string;
  readonly panel: string;
  readonly ink: string;
  readonly ink2: string;
  readonly rule: string;
  readonly hair: string;
  readonly copper: string;
  readonly onCopper: string;
  readonly teal: string;
  readonly tealWash: string;
  readonly amber: string;
  readonly amberWash: string;
  readonly red: string;
  readonly redWash: string;
  readonly metals: Readonly<
    Record<'copper' | 'brass' | 'filler' | 'steel' | 'aluminium', { readonly fill: string; readonly hatch: string }>
  >;
}

export const DAY: Tokens = {
  name: 'day',
  paper: '#FBF8F3',
  panel: '#F4EFE6',
  ink: '#1D1B19',
  ink2: '#524C46',
  rule: '#CFC6B8',
  hair: '#E9E2D6',
  copper: '#7A3D15',
  onCopper: '#FFFFFF',
  teal: '#0A5052',
  tealWash: '#DCE8E4',
  amber: '#6B4500',
  amberWash: '#F6EDD9',
  red: '#8E1C15',
  redWash: '#F6E0DB',
  metals: {
    copper: { fill: '#DB9264', hatch: '#8A4A22' },
    brass: { fill: '#D3B75C', hatch: '#7E6618' },
    filler: { fill: '#8C8F94', hatch: '#55595E' },
    steel: { fill: '#B9BCC0', hatch: '#55595E' },
    aluminium: { fill: '#D5DADF', hatch: '#7B8187' },
  },
};

export const NIGHT: Tokens = {
  name: 'night',
  paper: '#161412',
  panel: '#211E1B',
  ink: '#F1ECE4',
  ink2: '#BDB5AA',
  rule: '#4A443D',
  hair: '#2B2723',
  copper: '#F0A36B',
  onCopper: '#161412',
  teal: '#6FD0CB',
  tealWash: '#1E3331',
  amber: '#F2C25C',
  amberWash: '#3A2E14',
  red: '#FF9C8F',
  redWash: '#43211C',
  metals: {
    copper: { fill: '#B87145', hatch: '#5A3119' },
    brass: { fill: '#A68D3B', hatch: '#4E4012' },
    filler: { fill: '#C9CCD1', hatch: '#70757B' },
    steel: { fill: '#70757B', hatch: '#30343A' },
    aluminium: { fill: '#8A9097', hatch: '#3F444A' },
  },
};

export const WORDS = 'Kesto Words';
export const READINGS = 'Kesto Readings';
export const WIDE_FROM = 1024;
/** Smallest thing a gloved finger is asked to hit. */
export const TOUCH = 48;
