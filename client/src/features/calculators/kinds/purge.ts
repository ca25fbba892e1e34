import { cautionText, showIn } from '@kesto/contract/wording';
import { formatDuration, formatFlow, outletBy, planPurge, type OutletKind } from '@kesto/core';
import { needed, type Calculator } from '../calculator';

export const purge: Calculator = {
  name: 'purge',
  title: 'Nitrogen purge',
  says: 'How long to flood and what to trickle, for one run of tube.',
  fields: [
    { key: 'bore', label: 'bore of the tube', kind: 'length', initial: { metric: '19.94 mm', inch: '0.785 in' } },
    { key: 'length', label: 'length', kind: 'distance', initial: { metric: '12 m', inch: '40 ft' } },
    { key: 'volume', label: 'parts on the way', kind: 'volume', initial: { metric: '1.8 L', inch: '1.8 L' } },
    { key: 'flood', label: 'flood flow', kind: 'flow', initial: { metric: '15 L/min', inch: '30 scfh' } },
    { key: 'minutes', label: 'minutes at the torch', kind: 'number', initial: { metric: '10', inch: '10' } },
    { key: 'targetO2Percent', label: 'oxygen to reach, %', kind: 'number', initial: { metric: '0.1', inch: '0.1' } },
  ],
  choices: [
    {
      key: 'kind',
      label: 'where the gas gets out',
      initial: 'port-core-out',
      options: [
        { value: 'open-tube', label: 'open tube' },
        { value: 'port-core-out', label: 'port, core out' },
        { value: 'port-core-in', label: 'port, hose holds the core down' },
        { value: 'none', label: 'nothing open' },
      ],
    },
  ],
  answer: ({ quantities, values, units }) => {
    const given = needed(quantities, ['bore', 'length']);
    if (!given.ok) return given;
    const { bore, length } = given.value;
    const result = planPurge({
      sections: [{ bore, length }, ...(quantities['volume'] ? [{ volume: quantities['volume'] }] : [])],
      outlet: outletBy(values['kind'] as OutletKind), // cast: one of the options above
      ...(quantities['flood'] ? { flood: quantities['flood'] } : {}),
      ...(quantities['minutes'] ? { minutes: quantities['minutes'].value } : {}),
      ...(quantities['targetO2Percent'] ? { targetO2Percent: quantities['targetO2Percent'].value } : {}),
    });
    if (!result.ok) return result;
    const p = result.value;
    return {
      ok: true,
      value: {
        picture: { kind: 'oxygen', purge: p },
        rows: [
          { label: 'volume', reading: { value: (p.volumeM3 * 1000).toFixed(1), unit: 'L' } },
          { label: 'flood', reading: formatDuration(p.floodSeconds), note: `${p.volumeChanges.toFixed(1)} volumes` },
          { label: 'trickle', reading: p.trickleM3PerS === null ? { value: '–', unit: '' } : formatFlow(p.trickleM3PerS, units) },
          { label: 'at the joint', reading: { value: (p.jointPressurePa ?? 0).toFixed(0), unit: 'Pa' }, note: 'aim under 250' },
          { label: 'nitrogen', reading: { value: (p.nitrogenM3 * 1000).toFixed(0), unit: 'L' } },
        ],
        notes: p.cautions.map((c) => ({
          text: cautionText(c, showIn(units)),
          stop: c.code === 'oxygen-low' || c.code === 'cylinder-short',
        })),
      },
    };
  },
};
