import type { LiveInstrument } from '@kesto/contract';
import type { LiveSample, Sample, VacuumSample } from '@kesto/core';

const PA_A_KPA = 1000;

export type Reader<S> = (sample: Sample) => S;

const columnOf = ({ columns }: LiveInstrument, quantity: string) => {
  const at = columns.findIndex((column) => column.quantity === quantity);
  const step = columns[at]?.step;
  return step === undefined ? null : { at, step };
};

/** Whole steps as gauge and pipe; null of an instrument that reads not both. */
export function pressures(instrument: LiveInstrument): Reader<LiveSample> | null {
  const [gauge, pipe] = [columnOf(instrument, 'gauge-pressure'), columnOf(instrument, 'pipe-temperature')];
  if (!gauge || !pipe) return null;
  return ({ ms, values }) => ({
    ms,
    gaugePa: (values[gauge.at] ?? 0) * gauge.step * PA_A_KPA,
    celsius: (values[pipe.at] ?? 0) * pipe.step,
  });
}

/** Whole steps as a vacuum; null of an instrument that reads none. */
export function vacuums(instrument: LiveInstrument): Reader<VacuumSample> | null {
  const vacuum = columnOf(instrument, 'vacuum');
  return vacuum && (({ ms, values }) => ({ ms, pa: (values[vacuum.at] ?? 0) * vacuum.step }));
}
