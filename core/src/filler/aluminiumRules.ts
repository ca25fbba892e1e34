import { isPlainCopper } from '../metal/metals';
import { both, either, isAluminium, isForAluminium, lowestMelting, type Rule } from './finding';

/** Aluminium and copper melt together at 548 °C. */
const AL_CU_EUTECTIC_C = 548;

export const aluminiumToOther: Rule = (c) => {
  if (!either(c, isAluminium) || both(c, isAluminium)) return null;
  if (!either(c, (m) => isPlainCopper(m.metal))) return { code: 'no-practice', verdict: 'forbidden' };
  if (c.filler.liquidusC > AL_CU_EUTECTIC_C)
    return { code: 'al-cu-eutectic', verdict: 'forbidden', values: { liquidusC: c.filler.liquidusC } };
  return { code: 'al-exception', verdict: 'avoid' };
};

export const aluminiumToAluminium: Rule = (c) => {
  if (!both(c, isAluminium)) return null;
  if (c.filler.family === 'zinc-aluminium') return { code: 'low-temperature-repair', verdict: 'allowed' };
  if (c.filler.family !== 'aluminium-silicon')
    return { code: 'base-melts', verdict: 'forbidden', values: { ...lowestMelting(c), liquidusC: c.filler.liquidusC } };
  return c.joint.access === 'bench' ? { code: 'bench-only-skill', verdict: 'allowed' } : { code: 'expert', verdict: 'avoid' };
};

export const aluminiumOnly: Rule = (c) =>
  isForAluminium(c) && !either(c, isAluminium) ? { code: 'aluminium-only', verdict: 'forbidden' } : null;
