import type { JointPlan, UnitPreferences } from '@kesto/core';
import type { WorkingName } from '../cardReadings';
import { depth, gap, rod, strength } from './ofTheFit';
import { aim, flux, heat } from './ofTheHeat';
import { flood, nitrogen, trickle } from './ofThePurge';
import type { Build, Working } from './working';

export type { Working } from './working';

const BUILD: Readonly<Record<WorkingName, Build>> = { depth, gap, flux, flood, trickle, nitrogen, aim, heat, rod, strength };

export const workingOf = (name: WorkingName, plan: JointPlan, units: UnitPreferences): Working => BUILD[name](plan, units);
