/**
 * Share of the first air that is left after breaks with dry nitrogen. Of air and gas: water on walls and in oil is carried, not diluted.
 *
 * @param breaks  pressures reached and broken to [Pa absolute], each above 0
 * @returns       0..1
 * @source        each break thins what is left by reached / broken to, mixed through
 */
export const airLeft = (breaks) => breaks.reduce((left, { reachedPa, brokenToPa }) => left * (reachedPa / brokenToPa), 1);
