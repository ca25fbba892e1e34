import { FLUXES, formatTemperature, METALS, readingText } from '@kesto/core';
import { FLUX_LOOKS, fluxText } from '@kesto/contract/wording';
import { f, nothingPlanned, type Build } from './working';

export const flux: Build = (plan, units) => {
  const row = plan.flux.class ? FLUXES[plan.flux.class] : null;
  const show = (c: number) => readingText(formatTemperature(c, units));
  return {
    title: plan.flux.class ? `Flux ${plan.flux.class}, ${FLUX_LOOKS[plan.flux.class]}` : 'No flux',
    sentence: fluxText(plan.flux),
    formula:
      row && plan.chosen && plan.heat
        ? [
            `active ${row.activeFromC} to ${row.activeToC} °C`,
            `filler liquid at ${plan.chosen.filler.liquidusC} °C, aim ${f(plan.heat.middleC, 0)} °C`,
          ]
        : [],
    inputs: [
      { symbol: '', name: 'metals', value: `${plan.joint.male.metal}, ${plan.joint.female.metal}`, source: 'as planned' },
      ...(plan.chosen
        ? [{ symbol: '', name: 'filler', value: plan.chosen.filler.designation, source: plan.chosen.filler.composition }]
        : []),
      ...(row
        ? [
            {
              symbol: '',
              name: 'active',
              value: `${show(row.activeFromC)} to ${show(row.activeToC)}`,
              source: `${row.source}${row.iso ? `, ${row.iso}` : ''}`,
            },
          ]
        : []),
    ],
    change: 'Flux on the tube only, 2-3 mm back from its end. Wash it off while warm: what stays corrodes, and hides leaks from the test.',
  };
};

export const aim: Build = (plan, units) => {
  const h = plan.heat;
  const filler = plan.chosen?.filler;
  if (!h || !filler) return nothingPlanned;
  const show = (c: number) => readingText(formatTemperature(c, units));
  return {
    title: `Aim for ${show(h.middleC)}`,
    sentence: `${filler.designation} begins to melt at ${show(filler.solidusC)} and is liquid at ${show(filler.liquidusC)}. Heat the joint, not the rod.`,
    formula: [`brazing range ${h.targetLowC} to ${h.targetHighC} °C`, `middle ${f(h.middleC, 0)} °C`],
    inputs: [
      { symbol: '', name: 'filler', value: filler.designation, source: filler.composition },
      {
        symbol: '',
        name: 'range',
        value: `${show(h.targetLowC)} to ${show(h.targetHighC)}`,
        source: filler.source,
        assumed: filler.confidence !== 'high',
      },
      {
        symbol: '',
        name: `${plan.joint.female.metal} melts from`,
        value: show(METALS[plan.joint.female.metal].solidusC),
        source: 'metal table',
      },
    ],
    change: 'In sun the red shows 50 to 100 °C late: go by clear flux and by the rod melting on the tube.',
  };
};

export const heat: Build = (plan) => {
  const h = plan.heat;
  if (!h) return nothingPlanned;
  return {
    title: h.seconds === null ? 'This torch does not get there' : 'Until the filler flows',
    sentence:
      'Heat stored in both parts and heat running off along the tubes, against what the torch leaves in the metal. Give or take half.',
    formula: [
      'P t = stored + run-off × √t',
      `net ${f(h.netPowerW, 0)} W of ${f(h.powerW, 0)} W`,
      h.seconds === null ? `run-off alone takes ${f(h.steadyLossW, 0)} W` : `= ${f(h.seconds, 0)} s, ${f((h.energyJ ?? 0) / 1000, 0)} kJ`,
    ],
    inputs: [
      {
        symbol: 'P',
        name: 'into the metal',
        value: `${f(h.efficiency * 100, 0)} % of ${f(h.powerW / 1000, 1)} kW`,
        source: 'flame well aimed',
        assumed: true,
      },
      { symbol: '', name: 'rise', value: `20 to ${f(h.middleC, 0)} °C`, source: 'middle of the range' },
      { symbol: '', name: 'guide for this size', value: `${f(h.guideSeconds, 0)} s`, source: 'practised hands', assumed: true },
    ],
    change: 'Over twice the guide: oxide grows, flux is spent, take a bigger tip. Under 0.4 of it: easy to overheat.',
    scale: {
      min: 0,
      max: h.guideSeconds * 3,
      good: [h.guideSeconds * 0.4, h.guideSeconds * 2],
      at: h.seconds ?? h.guideSeconds * 3,
      unit: 's',
    },
  };
};
