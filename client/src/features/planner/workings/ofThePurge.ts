import { LPM_PER_M3_PER_S } from '@kesto/core';
import { f, nothingPlanned, type Build } from './working';

export const flood: Build = (plan) => {
  const p = plan.purge;
  if (!p) return nothingPlanned;
  const [V, Q] = [p.volumeM3 * 1000, p.floodFlowM3PerS * LPM_PER_M3_PER_S];
  return {
    title: 'Flood until the air is out',
    sentence: `${f(p.volumeChanges, 1)} volumes bring 20.9 % oxygen down to ${p.targetO2Percent} % if the gas mixes at once: the slow case.`,
    formula: ['t = V / Q × ln(20.9 / target)', `${f(V, 2)} L / ${f(Q, 1)} L/min × ${f(p.volumeChanges, 2)}`, `= ${f(p.floodSeconds, 0)} s`],
    inputs: [
      { symbol: 'V', name: 'volume swept', value: `${f(V, 2)} L`, source: 'bores and parts of the path' },
      { symbol: 'Q', name: 'flood flow', value: `${f(Q, 1)} L/min`, source: 'planned' },
      { symbol: '', name: 'target', value: `${p.targetO2Percent} % O2`, source: 'straw to light brown inside', assumed: true },
    ],
    change: 'A dead leg is not swept: open it, or press and vent it. Feel the gas at the far end before you light.',
  };
};

export const trickle: Build = (plan) => {
  const p = plan.purge;
  if (!p?.trickleM3PerS || p.widestBoreM === null) return nothingPlanned;
  return {
    title: 'A breath while the torch is lit',
    sentence: 'Enough to keep air from coming back at an open end, too little to blow through the filler.',
    formula: [
      'Q = 0.1 m/s × bore area, inside the trade’s band',
      `= ${f(p.trickleM3PerS * LPM_PER_M3_PER_S, 2)} L/min`,
      `${f(p.jointPressurePa ?? 0, 0)} Pa at the joint; aim under 250`,
    ],
    inputs: [
      { symbol: '', name: 'widest bore', value: `${f(p.widestBoreM * 1000, 1)} mm`, source: 'the path' },
      { symbol: '', name: 'outlet', value: p.outlet, source: 'planned' },
      { symbol: '', name: 'band', value: 'by bore', source: 'trade habit', assumed: true },
    ],
    change: 'A core left in the outlet backs the gas up: take it out.',
    scale: { min: 0, max: 1200, good: [0, 250], at: p.jointPressurePa ?? 0, unit: 'Pa' },
  };
};

export const nitrogen: Build = (plan) => {
  const p = plan.purge;
  if (!p) return nothingPlanned;
  const fill = 1000 * (p.nitrogenM3 - p.volumeM3 * p.volumeChanges - (p.trickleM3PerS ?? 0) * p.minutes * 60);
  return {
    title: 'Nitrogen for this joint',
    sentence: 'Flood, trickle for as long as the torch is near, and the fill of the pressure test after.',
    formula: [
      'N = V ln(20.9 / target) + trickle × time + V p / p₀',
      `${f(p.volumeM3 * 1000 * p.volumeChanges, 1)} L + ${f((p.trickleM3PerS ?? 0) * 60_000, 2)} L/min × ${f(p.minutes, 0)} min + ${f(fill, 0)} L of test fill`,
      `= ${f(p.nitrogenM3 * 1000, 0)} L`,
    ],
    inputs: [
      { symbol: '', name: 'time at the torch', value: `${f(p.minutes, 0)} min`, source: 'planned' },
      {
        symbol: '',
        name: 'left in the cylinder',
        value: p.cylinderLeftPercent === null ? 'unknown' : `${f(p.cylinderLeftPercent, 0)} %`,
        source: 'van, at 20 °C, real gas',
      },
    ],
    change: 'A pressure test takes far more: volume × absolute pressure.',
  };
};
