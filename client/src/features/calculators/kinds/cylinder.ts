import { formatGaugePressure, gaugePascals, planPurge } from '@kesto/core';
import { needed, type Calculator } from '../calculator';

/** A test fill out of one cylinder: what is left, and whether it can finish the hold. */
export const cylinder: Calculator = {
  name: 'cylinder',
  title: 'Will the nitrogen do',
  says: 'One test fill and its purge out of one cylinder, at 20 °C, real gas.',
  fields: [
    { key: 'waterVolume', label: 'cylinder, water volume', kind: 'volume', initial: { metric: '10 L', inch: '10 L' } },
    { key: 'pressure', label: 'it shows', kind: 'pressure', initial: { metric: '150 bar', inch: '2200 psig' } },
    { key: 'volume', label: 'system, volume', kind: 'volume', initial: { metric: '8 L', inch: '8 L' } },
    { key: 'testPressure', label: 'test pressure', kind: 'pressure', initial: { metric: '28 bar', inch: '400 psig' } },
    { key: 'breaks', label: 'breaks of vacuum', kind: 'number', initial: { metric: '1', inch: '1' } },
  ],
  choices: [],
  answer: ({ quantities, units }) => {
    const given = needed(quantities, ['waterVolume', 'pressure', 'volume', 'testPressure']);
    if (!given.ok) return given;
    const { waterVolume, pressure, volume, testPressure } = given.value;
    const breaks = quantities['breaks']?.value ?? 0;
    const result = planPurge({
      sections: [{ volume }],
      outlet: { kind: 'open-tube' },
      testPressure,
      breaks,
      cylinder: { waterVolume, pressure },
    });
    if (!result.ok) return result;
    const plan = result.value;
    const short = plan.cautions.find((c) => c.code === 'cylinder-short');
    const end = (key: string) => formatGaugePressure(gaugePascals(Number(short?.values?.[key] ?? 0)), units);
    return {
      ok: true,
      value: {
        picture: { kind: 'cylinder', leftPercent: plan.cylinderLeftPercent ?? 0 },
        rows: [
          { label: 'nitrogen used', reading: { value: (plan.nitrogenM3 * 1000).toFixed(0), unit: 'L' }, note: 'flood, fill and breaks' },
          { label: 'left', reading: { value: (plan.cylinderLeftPercent ?? 0).toFixed(0), unit: '%' } },
        ],
        notes: short
          ? [
              {
                text: `It would end at ${end('endPa').value} ${end('endPa').unit} and the hold needs ${end('wantedPa').value}: it cannot make the hold.`,
                stop: true,
              },
            ]
          : [{ text: 'Enough: it ends at least 3 bar above the test pressure.' }],
      },
    };
  },
};
