import type { PointerCode } from '@kesto/core/refrigerant';

const POINTERS: Readonly<Record<PointerCode, string>> = {
  short: 'High superheat with low subcooling: short of charge. Find the leak before anything is added.',
  restriction: 'High superheat with high subcooling: something restricts the liquid (valve, drier, kink), or it was topped up against one.',
  'too-much': 'Low superheat with high subcooling: too much charge.',
  overfeed: 'Low superheat with low subcooling: the valve feeds too much. Look at its bulb, or it is stuck open.',
  'little-air': 'Low suction with normal superheat: little air over the evaporator, or little load.',
  'weak-compressor': 'High suction with low head: the compressor does not pump.',
  weigh: 'Weigh this charge in: trimming by readings does not find it.',
  settling: 'These readings say little yet: the machine has not settled, the weather is mild, or a thermometer is off. Read again.',
};

/** What a pair of readings points to: advice, never a verdict. */
export const pointerText = (code: PointerCode): string => POINTERS[code];
