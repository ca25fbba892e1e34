import { Machine, type World } from './machine';
import type { Model, Noted } from './model';

const KPA: Readonly<Record<string, number>> = { kPag: 1, barg: 100, psig: 6.894757 };

/** A piece under nitrogen, with a probe for gauge and pipe. */
export function heldMachine(world: World): Model {
  const machine = new Machine(world);
  const { gauge, clamp } = world;
  return {
    kind: 'pressure-temperature',
    columns: [
      { quantity: 'gauge-pressure', step: gauge.stepKpa },
      { quantity: 'pipe-temperature', step: clamp.stepK },
    ],
    range: { value: 60, unit: 'bar' },
    pass: (seconds) => machine.pass(seconds),
    read: () => {
      const { gaugeKpa, pipeC } = machine.read();
      return [Math.round(gaugeKpa / gauge.stepKpa), Math.round(pipeC / clamp.stepK)];
    },
    act: ({ kind, values: { pressure } }: Noted) => {
      if (kind === 'hold-step' && pressure) machine.standAt(pressure.value * (KPA[pressure.unit] ?? 1));
      return kind !== 'vented';
    },
    bubblesAt: (place) => machine.bubblesAt(place),
  };
}
