import { requestFor, type PlanRequest, type Quantity } from '@kesto/core';
import { demoId } from './ids';
import { DEMO_PEOPLE } from './people';
import { SITE, UNITS, VAN } from './station';

const q = (value: number, unit: string): Quantity => ({ value, unit });
const [ILTA, OSKAR] = DEMO_PEOPLE;

function circuitOf(tag: string) {
  const unit = UNITS.find((u) => tag.startsWith(u.tag));
  if (!unit) throw new Error(`no unit for ${tag}`);
  return unit.circuit;
}

/** What was said of a demo joint, in the place its circuit, the van and the site make of it. */
function planned(
  tag: string,
  joint: PlanRequest['joint'],
  side: NonNullable<PlanRequest['service']>['side'],
  near: NonNullable<PlanRequest['near']> = [],
): PlanRequest {
  const around = { site: { altitudeM: SITE.altitudeM }, circuit: circuitOf(tag), van: VAN, schools: {} };
  return requestFor(around, {
    joint,
    service: { ...(side ? { side } : {}), vibration: side === 'discharge' },
    near,
    purge: { minutes: 10 },
  });
}

const copperTube = (od: number, wall: number) => ({ metal: 'copper', form: 'tube', od: q(od, 'in'), wall: q(wall, 'in') }) as const;

interface DemoPlan {
  readonly tag: string;
  readonly jointId: string;
  readonly by: string;
  readonly at: string;
  readonly chosen: string;
  readonly request: PlanRequest;
}

export const PLANS: readonly DemoPlan[] = [
  {
    tag: 'CR2-09',
    jointId: demoId(0x5109),
    by: ILTA.id,
    at: '2026-11-23T08:10:00.000Z',
    chosen: 'BAg-36',
    request: planned(
      'CR2-09',
      {
        male: copperTube(0.375, 0.032),
        female: { metal: 'copper-plated-steel', form: 'component-stub', bore: q(9.62, 'mm'), cupDepth: q(9, 'mm'), wall: q(1, 'mm') },
      },
      'liquid',
    ),
  },
  {
    tag: 'CR2-10',
    jointId: demoId(0x5110),
    by: ILTA.id,
    at: '2026-11-23T08:14:00.000Z',
    chosen: 'BAg-36',
    request: planned(
      'CR2-10',
      {
        male: copperTube(0.375, 0.032),
        female: { metal: 'copper-plated-steel', form: 'component-stub', bore: q(9.62, 'mm'), cupDepth: q(9, 'mm'), wall: q(1, 'mm') },
      },
      'liquid',
    ),
  },
  {
    tag: 'DR1-21',
    jointId: demoId(0x5121),
    by: ILTA.id,
    at: '2026-11-19T07:40:00.000Z',
    chosen: 'BCuP-5',
    request: planned('DR1-21', { male: copperTube(1.125, 0.05), female: { metal: 'copper', form: 'fitting-cup' } }, 'discharge'),
  },
  {
    tag: 'GH2-05',
    jointId: demoId(0x5105),
    by: ILTA.id,
    at: '2026-11-20T08:00:00.000Z',
    chosen: 'BCuP-5',
    request: planned('GH2-05', { male: copperTube(0.625, 0.035), female: { metal: 'copper', form: 'fitting-cup' } }, 'high'),
  },
  {
    tag: 'GH2-06',
    jointId: demoId(0x5106),
    by: OSKAR.id,
    at: '2026-11-20T08:05:00.000Z',
    chosen: 'BCuP-5',
    request: planned('GH2-06', { male: copperTube(0.625, 0.035), female: { metal: 'copper', form: 'fitting-cup' } }, 'high'),
  },
  {
    tag: 'HS3-03',
    jointId: demoId(0x5103),
    by: ILTA.id,
    at: '2026-10-12T06:50:00.000Z',
    chosen: 'BAg-36',
    request: planned(
      'HS3-03',
      {
        male: copperTube(0.5, 0.032),
        female: { metal: 'brass', form: 'component-stub', bore: q(12.8, 'mm'), cupDepth: q(9.7, 'mm'), wall: q(1.4, 'mm') },
        position: 'down',
        access: 'open',
      },
      'liquid',
      [{ kind: 'valve', distance: q(36, 'mm'), along: 'female', protection: 'putty' }],
    ),
  },
];
