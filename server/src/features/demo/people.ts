import type { ApprovalScope, DemoPerson, Role } from '@kesto/contract';
import { INCH_PREFERENCES, METRIC_PREFERENCES, type UnitPreferences } from '@kesto/core';
import { demoId } from './ids';

interface DemoRow {
  readonly id: string;
  readonly name: string;
  readonly login: string;
  readonly role: Role;
  readonly units: UnitPreferences;
  /** Days from loading until each approval ends. */
  /** Days since the shop last confirmed the approvals. */
  readonly confirmedDays: number;
  readonly approvals: readonly { readonly scope: ApprovalScope; readonly number: string; readonly days: number }[];
}

/** The same for all of them, and no secret: the demo holds made-up data only. */
export const DEMO_PASSWORD = 'copper-before-filler';

export const DEMO_PEOPLE = [
  {
    id: demoId(0x11),
    name: 'Ilta Varro',
    login: 'ilta',
    role: 'technician',
    units: METRIC_PREFERENCES,
    confirmedDays: 40,
    approvals: [
      { scope: 'phosphorus', number: 'LB-114', days: 640 },
      { scope: 'silver', number: 'LB-115', days: 282 },
    ],
  },
  {
    id: demoId(0x12),
    name: 'Oskar Penn',
    login: 'oskar',
    role: 'technician',
    units: INCH_PREFERENCES,
    confirmedDays: 171,
    approvals: [
      { scope: 'phosphorus', number: 'LB-127', days: 700 },
      { scope: 'silver', number: 'LB-128', days: 15 },
    ],
  },
  {
    id: demoId(0x13),
    name: 'Maren Ito-Dahl',
    login: 'maren',
    role: 'lead',
    units: { ...METRIC_PREFERENCES, pressure: 'bar' },
    confirmedDays: 40,
    approvals: [{ scope: 'silver', number: 'LB-090', days: 400 }],
  },
  { id: demoId(0x14), name: 'Bo Aalto', login: 'bo', role: 'inspector', units: METRIC_PREFERENCES, confirmedDays: 40, approvals: [] },
] as const satisfies readonly DemoRow[];

/** Asked in, and not come yet. */
export const DEMO_INVITE = { id: demoId(0x15), name: 'Sanna Kivi', role: 'technician', personId: null, usedAt: null } as const;

export const demoPeople = (): readonly DemoPerson[] =>
  DEMO_PEOPLE.map(({ id, name, login, role }) => ({ id, name, login, role, password: DEMO_PASSWORD }));
