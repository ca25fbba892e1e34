import { jointAt, type JointOnCircuit } from '../circuit/jointAt';
import { TEMPLATE_CIRCUITS } from '../circuit/templates';
import { drawnSince } from './drawnSince';
import type { PlanRequest } from './request';

const q = (value: number, unit: string) => ({ value, unit });
const PLACE = jointAt(TEMPLATE_CIRCUITS.split, { part: 'gas-valve', from: 'evaporator', to: 'gas-valve' }) as JointOnCircuit; // cast: the template has it
const KEPT: PlanRequest = {
  joint: { male: { metal: 'copper', od: q(15.875, 'mm') }, female: { metal: 'brass' } },
  service: { side: 'suction' },
  purge: { sections: [], outlet: { kind: PLACE.outlet } },
};

test('a drawing that says the same in another unit has not changed', () => expect(drawnSince(KEPT, PLACE)).toEqual([]));

test('another tube, another side and something new near by are named; what the plan knows is not', () => {
  const tube = { od: q(0.875, 'in') };
  const near = [{ kind: 'drier', distance: q(120, 'mm') }, { kind: 'valve', distance: q(60, 'mm') }] as const; // prettier-ignore
  const kept = { ...KEPT, near: [{ kind: 'valve', distance: q(60, 'mm') }] } as PlanRequest; // cast: a literal kind
  expect(drawnSince(kept, { ...PLACE, tube, side: 'liquid', near })).toEqual([
    { what: 'outside', keptM: expect.closeTo(0.015875, 6) as number, nowM: expect.closeTo(0.022225, 6) as number },
    { what: 'side', kept: 'suction', now: 'liquid' },
    { what: 'near', kind: 'drier', distance: q(120, 'mm') },
  ]);
});
