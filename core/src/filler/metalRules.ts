import { type Member, carriedCadmium, carriedSolder, carriesUnknown, mayHaveCarriedPhosphorus } from '../joint/resolvedJoint';
import { NEAR_MELTING_K, targetRange } from '../heat/target';
import { isPlainCopper, METALS } from '../metal/metals';
import { holdsZinc } from './fillers';
import {
  both,
  carriedSilver,
  either,
  isAluminium,
  isBrassOrBronze,
  isForAluminium,
  isIronOrNickel,
  isPhosphorus,
  isSilver,
  lowestMelting,
  members,
  type Reason,
  type Rule,
} from './finding';

export const cadmium: Rule = (c) => (c.filler.holdsCadmium ? { code: 'cadmium', verdict: 'forbidden' } : null);

/** Made with cadmium it is not heated again: only a cut wide of the joint takes it away. */
export const oldCadmium: Rule = (c) => (either(c, carriedCadmium) ? { code: 'old-cadmium', verdict: 'forbidden' } : null);

export const ammonia: Rule = (c) => {
  if (c.service.refrigerant !== 'R-717') return null;
  if (!isForAluminium(c)) return { code: 'ammonia', verdict: 'forbidden' };
  return holdsZinc(c.filler) ? { code: 'ammonia-zinc', verdict: 'forbidden' } : null;
};

export const galvanised: Rule = (c) =>
  either(c, (m) => m.metal === 'galvanised-steel') ? { code: 'galvanised', verdict: 'forbidden' } : null;

/** Solder, zinc-aluminium included, poisons what is brazed over it; zinc-aluminium may be repaired with its own kind on aluminium. */
export const softSolder: Rule = (c) => {
  const ownRepair = both(c, isAluminium) && c.filler.family === 'zinc-aluminium';
  const solder = (m: Member) => carriedSolder(m) && !(ownRepair && m.oldFiller?.family === 'zinc-aluminium');
  return either(c, solder) ? { code: 'soft-solder', verdict: 'forbidden' } : null;
};

/** Phosphorus and iron or nickel make a brittle layer at the interface. */
export const phosphide: Rule = (c) =>
  isPhosphorus(c) && either(c, (m) => isIronOrNickel(m) || m.metal === 'copper-nickel')
    ? { code: 'phosphide', verdict: 'forbidden' }
    : null;

export const aluminiumBronze: Rule = (c) =>
  isPhosphorus(c) && either(c, (m) => m.metal === 'aluminium-bronze') ? { code: 'aluminium-bronze', verdict: 'forbidden' } : null;

export const silverOnSteel: Rule = (c): Reason | null => {
  if (!isSilver(c) || !either(c, isIronOrNickel)) return null;
  return c.filler.silverPercent >= 34
    ? { code: 'wets-steel', verdict: 'best', values: { liquidusC: c.filler.liquidusC } }
    : { code: 'needs-more-heat', verdict: 'avoid', values: { silverPercent: c.filler.silverPercent } };
};

export const nickelOnStainless: Rule = (c) => {
  if (!isSilver(c) || !either(c, (m) => m.metal === 'stainless-steel')) return null;
  return c.filler.nickelPercent >= 2 ? { code: 'nickel-bearing', verdict: 'best' } : { code: 'no-nickel', verdict: 'allowed' };
};

/** Steel that carried phosphorus, or nobody knows what: forbidden as it is, to be avoided when ground to bright steel. */
export const phosphorusOnSteel: Rule = (c) => {
  const old = members(c).find((m) => isIronOrNickel(m) && mayHaveCarriedPhosphorus(m));
  if (!old) return null;
  return { code: 'phosphorus-residue', verdict: old.removed === 'ground-off' ? 'avoid' : 'forbidden' };
};

/** A tube end that carried phosphorus, or nobody knows what, is cut off before it enters steel: no other way lifts this. */
export const phosphorusTubeIntoSteel: Rule = (c) =>
  either(c, isIronOrNickel) && either(c, (m) => !isIronOrNickel(m) && mayHaveCarriedPhosphorus(m))
    ? { code: 'cut-back', verdict: 'forbidden' }
    : null;

/** Phosphorus over old silver filler makes neither of the two. */
export const overOldSilver: Rule = (c) => {
  if (!either(c, (m) => !isAluminium(m) && carriedSilver(m)) || either(c, isIronOrNickel)) return null;
  if (isPhosphorus(c)) return { code: 'mixed-fillers', verdict: 'avoid' };
  return isSilver(c) ? { code: 'same-kind', verdict: 'best' } : null;
};

export const copperToCopper: Rule = (c) => {
  if (!both(c, (m) => isPlainCopper(m.metal))) return null;
  if (isPhosphorus(c)) return { code: 'self-fluxing', verdict: 'best' };
  if (!isSilver(c) || either(c, carriedSilver)) return null;
  return { code: 'cooler-with-flux', verdict: 'allowed', values: { liquidusC: c.filler.liquidusC } };
};

export const silverOnCopperAlloys: Rule = (c) =>
  isSilver(c) &&
  !either(c, (m) => isAluminium(m) || isIronOrNickel(m)) &&
  either(c, (m) => METALS[m.metal].family === 'copper-no-phosphorus')
    ? { code: 'wets-copper-alloy', verdict: 'best' }
    : null;

export const brass: Rule = (c) => {
  if (!either(c, isBrassOrBronze) || either(c, isAluminium)) return null;
  const { metal, solidusC } = lowestMelting(c);
  const values = { liquidusC: c.filler.liquidusC, belowK: solidusC - c.filler.liquidusC, metal };
  if (isSilver(c)) return { code: 'zinc-loss', verdict: 'best', values };
  if (!isPhosphorus(c)) return null;
  return c.filler.silverPercent >= 5
    ? { code: 'flux-on-brass', verdict: 'allowed', values }
    : { code: 'low-silver-on-brass', verdict: 'avoid', values };
};

/** Closer than this to the metal's melting no hand is steady enough [K]. */
const MELTS_WITHIN_K = 20;

/** A filler may not ask for more than the metals bear. */
export const baseMelts: Rule = (c) => {
  const { metal, solidusC } = lowestMelting(c);
  const marginK = solidusC - c.filler.liquidusC;
  const values = { metal, solidusC, liquidusC: c.filler.liquidusC };
  if (marginK < MELTS_WITHIN_K) return { code: 'base-melts', verdict: 'forbidden', values };
  return marginK < NEAR_MELTING_K ? { code: 'near-melting', verdict: 'avoid', values } : null;
};

/** Nobody knows what the old joint holds: it may be cadmium, and heating it is what fumes. */
export const oldUnknown: Rule = (c) => (either(c, carriesUnknown) ? { code: 'old-unknown', verdict: 'avoid' } : null);

/** Copper-iron goes by its maker's list: read first, and kept to. */
export const makersList: Rule = (c) => {
  if (!either(c, ({ metal }) => metal === 'copper-iron')) return null;
  const list = c.service.makersFillers;
  if (list === null) return { code: 'read-makers-list', verdict: 'allowed', values: { typed: 'no' } };
  return list.includes(c.filler.designation) ? null : { code: 'read-makers-list', verdict: 'avoid', values: { typed: 'yes' } };
};

/** Melting the old filler again is hotter than this one is brazed at. */
export const belowReflow: Rule = (c) => {
  const { oldLiquidusC, reflows } = targetRange(c.joint, c.filler);
  const isBelow = oldLiquidusC !== null && reflows && c.filler.brazingHighC < oldLiquidusC;
  return isBelow ? { code: 'below-reflow', verdict: 'avoid', values: { lowC: oldLiquidusC } } : null;
};

/** An old filler that wants more heat than the new one, the metals and the flux bear. */
export const cannotReflow: Rule = (c) => {
  const target = targetRange(c.joint, c.filler);
  return target.reflows ? null : { code: 'cannot-reflow', verdict: 'avoid', values: { lowC: target.oldLiquidusC ?? 0 } };
};
