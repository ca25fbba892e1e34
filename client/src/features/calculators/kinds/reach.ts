import {
  formatDuration,
  formatLength,
  formatTemperature,
  heatReach,
  METAL_NAMES,
  readingText,
  type MetalName,
  type Reach,
  type ReachPoint,
  type UnitPreferences,
} from '@kesto/core';
import { METAL_WORDS } from '@/drawing/joint/hatch';
import { needed, type Calculator } from '../calculator';
import type { LinePicture } from '@/chart/LineChart';
import type { PointXY } from '@/chart/linePath';
import { numberOf } from '../picture';

const METALS: readonly MetalName[] = ['copper', 'brass', 'carbon-steel', 'stainless-steel'];

/** The curve goes this far past the asked distance, in so many pieces. */
const SHOWN_BEYOND = 1.6;
const POINTS = 24;

function alongTube(along: Reach['points'], point: ReachPoint, units: UnitPreferences): LinePicture {
  const place = ({ distanceM, peakC }: ReachPoint): PointXY => [
    numberOf(formatLength(distanceM, units, 2)),
    numberOf(formatTemperature(peakC, units)),
  ];
  const text = `${readingText(formatTemperature(point.peakC, units))} at ${readingText(formatLength(point.distanceM, units, 0))}`;
  return {
    kind: 'line',
    title: 'hottest each point of the tube gets',
    x: { unit: formatLength(0, units).unit },
    y: { unit: formatTemperature(0, units).unit },
    lines: [{ name: 'hottest', points: along.map(place) }],
    marks: [{ at: place(point), text }],
  };
}

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
    const spread = Array.from({ length: POINTS + 1 }, (_, i) => ({ ...at, value: (at.value * SHOWN_BEYOND * i) / POINTS }));
    const result = heatReach({
      tube: { metal: values['metal'] as MetalName, od, wall }, // cast: one of the options above
      ambient: { value: 20, unit: 'C' },
      jointTemperature,
      seconds: seconds.value * (seconds.unit === 'min' ? 60 : seconds.unit === 'h' ? 3600 : 1),
      at: [at, ...spread],
      ...(from && to && water ? { wet: { from, to, water: { value: water.value, unit: 'g' } } } : {}),
    });
    if (!result.ok) return result;
    const [point, ...along] = result.value.points;
    return {
      ok: true,
      value: {
        ...(point ? { picture: alongTube(along, point, units) } : {}),
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
