import type { JointPlan, UnitPreferences } from '@kesto/core';
import type { FigureName, WorkingName } from '@kesto/contract/wording';
import { depth, gap, rod, strength } from './ofTheFit';
import { aim, flux, heat } from './ofTheHeat';
import { part } from './ofTheParts';
import { flood, nitrogen, trickle } from './ofThePurge';
import type { Build, Working } from './working';

export type { Working } from './working';

const BUILD: Readonly<Record<FigureName, Build>> = { depth, gap, flux, flood, trickle, nitrogen, aim, heat, rod, strength };

export function workingOf(name: WorkingName, plan: JointPlan, units: UnitPreferences): Working {
  const place = /^part:(\d+)$/.exec(name)?.[1];
  return place === undefined ? BUILD[name as FigureName](plan, units) : part(Number(place), plan, units); // cast: what is no part is a figure
}
