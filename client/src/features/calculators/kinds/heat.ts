import { airHeatW, waterHeatW, type Quantity, type Result } from '@kesto/core';
import { formatNumber } from '@kesto/core/unit';
import type { LinePicture } from '@/chart/LineChart';
import { needed, type Answer, type Calculator } from '../calculator';

const BTU_H_PER_W = 3.412_142;
const plain = (value: Quantity | undefined) => (value?.value ?? 0) / 100;

/** Heat goes with the flow: what half of it and half more would carry. */
const byFlow = (kilowatts: number): LinePicture => ({
  ...{ kind: 'line', title: 'heat by the flow', x: { unit: '% of the flow' }, y: { unit: 'kW' } },
  lines: [{ name: 'heat', points: [0, 50, 100, 150].map((percent) => [percent, (kilowatts * percent) / 100] as const) }],
  marks: [{ at: [100, kilowatts], text: `${formatNumber(kilowatts, 2)} kW` }],
});

/** Heat in kilowatts, and in what a plate in inches says. */
function heatAnswer(heat: Result<number>, warms: string, cools: string): Result<Answer> {
  if (!heat.ok) return heat;
  const watts = Math.abs(heat.value);
  return {
    ok: true,
    value: {
      picture: byFlow(watts / 1000),
      rows: [
        { label: heat.value >= 0 ? warms : cools, reading: { value: formatNumber(watts / 1000, 2), unit: 'kW' } },
        { label: 'the same', reading: { value: formatNumber(watts * BTU_H_PER_W, 0), unit: 'Btu/h' } },
      ],
      notes: [{ text: 'As good as flow and thermometers are: half a kelvin in five is a tenth of it.' }],
    },
  };
}

/** Heat that water or brine carries away from the machine, or to it. */
export const waterHeat: Calculator = {
  name: 'water-heat',
  title: 'What heat the water carries',
  says: 'Flow and two temperatures: fresh water, or with glycol in it.',
  fields: [
    { key: 'flow', label: 'flow', kind: 'water-flow', initial: { metric: '30 L/min', inch: '8 gpm' } },
    { key: 'in', label: 'in', kind: 'temperature', initial: { metric: '7 °C', inch: '45 °F' } },
    { key: 'out', label: 'out', kind: 'temperature', initial: { metric: '12 °C', inch: '54 °F' } },
    { key: 'glycol', label: 'glycol, %', kind: 'number', initial: { metric: '0', inch: '0' } },
  ],
  choices: [],
  answer: ({ quantities }) => {
    const given = needed(quantities, ['flow', 'in', 'out']);
    if (!given.ok) return given;
    return heatAnswer(waterHeatW({ ...given.value, glycol: plain(quantities['glycol']) }), 'warms the water by', 'cools the water by');
  },
};

/** Heat that a coil takes from the air. */
export const airHeat: Calculator = {
  name: 'air-heat',
  title: 'What heat the air carries',
  says: 'Flow, and dry and wet bulb before and after the coil; thinner air higher up carries less.',
  fields: [
    { key: 'flow', label: 'flow', kind: 'pump-speed', initial: { metric: '1800 m3/h', inch: '1060 cfm' } },
    { key: 'dryIn', label: 'dry bulb before', kind: 'temperature', initial: { metric: '25 °C', inch: '77 °F' } },
    { key: 'wetIn', label: 'wet bulb before', kind: 'temperature', initial: { metric: '18 °C', inch: '64 °F' } },
    { key: 'dryOut', label: 'dry bulb after', kind: 'temperature', initial: { metric: '12 °C', inch: '54 °F' } },
    { key: 'wetOut', label: 'wet bulb after', kind: 'temperature', initial: { metric: '11 °C', inch: '52 °F' } },
    { key: 'altitude', label: 'how high it stands', kind: 'distance', initial: { metric: '0 m', inch: '0 ft' } },
  ],
  choices: [],
  answer: ({ quantities }) => {
    const given = needed(quantities, ['flow', 'dryIn', 'wetIn', 'dryOut', 'wetOut', 'altitude']);
    if (!given.ok) return given;
    const { flow, dryIn, wetIn, dryOut, wetOut, altitude } = given.value;
    const heat = airHeatW({ flow, altitude, in: { dry: dryIn, wet: wetIn }, out: { dry: dryOut, wet: wetOut } });
    return heatAnswer(heat, 'the air gives', 'the air takes');
  },
};
