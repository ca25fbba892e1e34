import type { PointerCode } from '@kesto/core/refrigerant';

const POINTERS: Readonly<Record<PointerCode, string>> = {
  short: 'Low subcooling with superheat that is not low: short of charge. Find the leak before anything is added.',
  restriction: 'High superheat with high subcooling: something restricts the liquid (valve, drier, kink), or it was topped up against one.',
  'short-or-restriction': 'High superheat alone: short of charge, or something restricts the liquid. Read the subcooling.',
  'too-much': 'High subcooling with superheat that is not high: too much charge. On a fixed orifice look at the air first.',
  overfeed:
    'Low superheat: a valve feeds too much (bulb loose or bare, stuck open), an orifice lets by (not seated, too large), or there is little load.',
  'high-head': 'Condensing far above the outdoor air: dirty coil, fan, or air in the system.',
  'little-air': 'Low suction with normal superheat: little air over the evaporator, or little load.',
  'weak-compressor': 'High suction with low head: the compressor may be pumping poorly, or a reversing valve leaks by.',
  weigh: 'Weigh this charge in: trimming by readings does not find it.',
  settling: 'These readings say little yet: the machine has not settled, the weather is mild, or a thermometer is off. Read again.',
};

/** What a pair of readings points to: advice, never a verdict. */
export const pointerText = (code: PointerCode): string => POINTERS[code];
