import type { Approval, DemoPerson, Role } from '@kesto/contract';
import { INCH_PREFERENCES, METRIC_PREFERENCES, type UnitPreferences } from '@kesto/core';
import { demoId } from './ids';

interface DemoRow {
  readonly id: string;
  readonly name: string;
  readonly login: string;
  readonly role: Role;
  readonly units: UnitPreferences;
  /** Days from loading until each approval ends. */
  readonly approvals: readonly { readonly group: Approval['group']; readonly days: number }[];
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
    approvals: [
      { group: 'phosphorus filler', days: 640 },
      { group: 'silver filler', days: 282 },
    ],
  },
  {
    id: demoId(0x12),
    name: 'Oskar Penn',
    login: 'oskar',
    role: 'technician',
    units: INCH_PREFERENCES,
    approvals: [
      { group: 'phosphorus filler', days: 700 },
      { group: 'silver filler', days: 15 },
    ],
  },
  {
    id: demoId(0x13),
    name: 'Maren Ito-Dahl',
    login: 'maren',
    role: 'lead',
    units: { ...METRIC_PREFERENCES, pressure: 'bar' },
    approvals: [{ group: 'silver filler', days: 400 }],
  },
  { id: demoId(0x14), name: 'Bo Aalto', login: 'bo', role: 'inspector', units: METRIC_PREFERENCES, approvals: [] },
] as const satisfies readonly DemoRow[];

export const demoPeople = (): readonly DemoPerson[] =>
  DEMO_PEOPLE.map(({ id, name, login, role }) => ({ id, name, login, role, password: DEMO_PASSWORD }));
