import type { Metering, PointerCode } from '@kesto/core/refrigerant';

const POINTERS: Readonly<Record<PointerCode, string>> = {
  short: 'Low subcooling with superheat that is not low: short of charge. Find the leak before anything is added.',
  restriction: 'High superheat with high subcooling: something restricts the liquid (valve, drier, kink), or it was topped up against one.',
  'short-or-restriction': 'High superheat alone: short of charge, or something restricts the liquid. Read the subcooling.',
  'too-much': 'High subcooling with superheat that is not high: too much charge. On a fixed orifice look at the air first.',
  overfeed: 'Low superheat: the valve feeds too much (bulb loose or bare, stuck open), or there is little load.',
  'non-condensables':
    'High head with high subcooling may be air inside as well: stop, let it level with the fans on, and compare the standing pressure with saturation at the coil’s temperature.',
  floodback: 'Liquid goes back to the compressor: stop adding, and stop it before it breaks.',
  'hot-discharge': 'The discharge line is too hot: oil breaks down. Stop and find why.',
  'airflow-first': 'The target lies beyond what the rule was made for: look at filters, coils, fans and the load first.',
  'critical-charge': 'A critical charge: weigh it in, nothing is trimmed by readings.',
  mild: 'Mild weather outdoors: readings say little. Weigh, or hold the head up and watch it.',
  'high-head': 'Condensing far above the outdoor air: dirty coil, fan, or air in the system.',
  'little-air': 'Low suction with normal superheat: little air over the evaporator, or little load.',
  'weak-compressor': 'High suction with low head: the compressor may be pumping poorly, or a reversing valve leaks by.',
  weigh: 'Weigh this charge in: trimming by readings does not find it.',
  settling: 'These readings say little yet: the machine has not settled, it defrosts, or a thermometer is off. Read again.',
};

/** An orifice has no bulb that could be loose. */
const OF_AN_ORIFICE: Partial<Readonly<Record<PointerCode, string>>> = {
  overfeed: 'Low superheat: the orifice lets by (not seated, missing, too large), or there is little load.',
  restriction:
    'High superheat with high subcooling: something restricts the liquid (orifice, drier, kink), or it was topped up against one.',
};

/** Beside figures that hang on a line whose warmth was felt. */
export const READING_ROUGH = 'Felt, not read *: rough. A thermometer under insulation, then judge.';

/** What a pair of readings points to: advice, never a verdict. */
export const pointerText = (code: PointerCode, metering: Metering): string =>
  (metering === 'valve' ? undefined : OF_AN_ORIFICE[code]) ?? POINTERS[code];
