import { formatDuration, formatTemperature, heatReach, METAL_NAMES, type MetalName } from '@kesto/core';
import { METAL_WORDS } from '@/features/planner/drawing/hatch';
import { needed, type Calculator } from '../calculator';

const METALS: readonly MetalName[] = ['copper', 'brass', 'carbon-steel', 'stainless-steel'];

export const reach: Calculator = {
  name: 'reach',
  title: 'How far the heat goes',
  says: 'The hottest a point on the tube gets while the joint is held hot, bare or with water on the way.',
  fields: [
    { key: 'od', label: 'outside diameter', kind: 'length', initial: { metric: '7/8 in', inch: '7/8' } },
    { key: 'wall', label: 'wall', kind: 'length', initial: { metric: '1.14 mm', inch: '0.045' } },
    { key: 'at', label: 'distance', kind: 'length', initial: { metric: '100 mm', inch: '4 in' } },
    { key: 'jointTemperature', label: 'joint at', kind: 'temperature', initial: { metric: '720 °C', inch: '1330 °F' } },
    { key: 'seconds', label: 'held for', kind: 'time', initial: { metric: '60 s', inch: '60 s' } },
    { key: 'from', label: 'wet from', kind: 'length', initial: { metric: '', inch: '' } },
    { key: 'to', label: 'wet to', kind: 'length', initial: { metric: '', inch: '' } },
    { key: 'water', label: 'grams of water', kind: 'number', initial: { metric: '', inch: '' } },
  ],
  choices: [
    {
      key: 'metal',
      label: 'metal',
      initial: 'copper',
      options: METAL_NAMES.filter((m) => METALS.includes(m)).map((value) => ({ value, label: METAL_WORDS[value] })),
    },
  ],
  answer: ({ quantities, values, units }) => {
    const given = needed(quantities, ['od', 'wall', 'at', 'jointTemperature', 'seconds']);
    if (!given.ok) return given;
    const { od, wall, at, jointTemperature, seconds } = given.value;
    const { from, to, water } = quantities;
    const result = heatReach({
      tube: { metal: values['metal'] as MetalName, od, wall }, // cast: one of the options above
      ambient: { value: 20, unit: 'C' },
      jointTemperature,
      seconds: seconds.value * (seconds.unit === 'min' ? 60 : seconds.unit === 'h' ? 3600 : 1),
      at: [at],
      ...(from && to && water ? { wet: { from, to, water: { value: water.value, unit: 'g' } } } : {}),
    });
    if (!result.ok) return result;
    const [point] = result.value.points;
    return {
      ok: true,
      value: {
        rows: point
          ? [
              { label: 'gets to', reading: formatTemperature(point.peakC, units) },
              { label: 'after', reading: formatDuration(point.atSeconds), note: 'from lighting' },
              ...(result.value.dryAtSeconds === null
                ? []
                : [{ label: 'water gone after', reading: formatDuration(result.value.dryAtSeconds) }]),
            ]
          : [],
        notes: [
          {
            text: 'Still air, oxidised tube, the joint held at once at its temperature: the plain case. A planned joint is judged on the safe side of it.',
          },
        ],
      },
    };
  },
};
