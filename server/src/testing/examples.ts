import { ENGINE_VERSION, type PlanRequest } from '@kesto/core';
import { demoId } from '../features/demo';

/** Joint of the demo that is planned but not begun, and one not planned. */
export const PLANNED_JOINT = demoId(0x5109);
export const UNPLANNED_JOINT = demoId(0x5107);
export const FINISHED_JOINT = demoId(0x5103);
export const OPEN_JOB = demoId(0x41);

const q = (value: number, unit: string) => ({ value, unit });

export const BRASS_STUB: PlanRequest = {
  joint: {
    male: { metal: 'copper', od: q(0.875, 'in'), wall: q(0.045, 'in') },
    female: { metal: 'brass', form: 'component-stub', bore: q(22.33, 'mm'), cupDepth: q(19, 'mm'), wall: q(1.6, 'mm') },
  },
  service: { refrigerant: 'R-449A', side: 'suction', designPressure: q(19, 'barg'), minTemp: q(-25, 'C'), maxTemp: q(50, 'C') },
  stock: [{ designation: 'BAg-36' }, { designation: 'BCuP-2' }],
};

export const planBody = (chosen = 'BAg-36', rest: { reason?: string; request?: PlanRequest } = {}) => ({
  request: rest.request ?? BRASS_STUB,
  chosen,
  engineVersion: ENGINE_VERSION,
  ...(rest.reason ? { reason: rest.reason } : {}),
});

export const brazedBody = (values: Record<string, unknown> = {}) => ({
  kind: 'brazed',
  deviceTime: '2026-11-24T10:00:00.000Z',
  values: {
    filler: 'BAg-36',
    rodMm: 40,
    seconds: 30,
    purgeLpm: 2.4,
    floodSeconds: 120,
    depthMm: 18.8,
    protection: 'putty',
    note: '',
    ...values,
  },
  photos: [] as string[],
});

export const lookBody = (result = 'pass', findings: string[] = []) => ({
  kind: 'looked-at',
  deviceTime: '2026-11-24T10:10:00.000Z',
  values: { result, findings, note: '' },
  photos: [] as string[],
});
