import { FLUXES, METALS, type FillerVerdict, type JointPlan } from '@kesto/core';
import { METAL_WORDS } from '@/drawing/joint/hatch';

export interface LadderReading {
  readonly name: string;
  readonly says: string;
  readonly tone: 'ink' | 'red' | 'teal' | 'copper';
}

export const SHOWN_FILLERS = 5;

function fillerAt({ filler, verdict }: FillerVerdict, celsius: number): Omit<LadderReading, 'name'> {
  if (verdict === 'forbidden') return { says: 'forbidden here', tone: 'red' };
  if (celsius < filler.solidusC) return { says: 'still solid', tone: 'ink' };
  if (celsius > filler.brazingHighC) return { says: 'hotter than it likes', tone: 'red' };
  if (celsius >= filler.brazingLowC) return { says: 'flows', tone: 'copper' };
  return celsius < filler.liquidusC ? { says: 'half melted', tone: 'ink' } : { says: 'liquid', tone: 'copper' };
}

function fluxAt(plan: JointPlan, celsius: number): readonly LadderReading[] {
  if (!plan.flux.class) return [];
  const { activeFromC, activeToC } = FLUXES[plan.flux.class];
  const name = `flux ${plan.flux.class}`;
  if (celsius < activeFromC) return [{ name, says: 'not clear yet', tone: 'ink' }];
  return [celsius > activeToC ? { name, says: 'spent', tone: 'red' } : { name, says: 'works', tone: 'teal' }];
}

/** Each metal once, with where it starts to melt. */
function metalsAt(plan: JointPlan, celsius: number, show: (celsius: number) => string): readonly LadderReading[] {
  const metals = [...new Set([plan.joint.male.metal, plan.joint.female.metal])];
  return metals.map((metal) => {
    const { solidusC } = METALS[metal];
    const name = METAL_WORDS[metal];
    return celsius < solidusC ? { name, says: `melts from ${show(solidusC)}`, tone: 'ink' } : { name, says: 'melts', tone: 'red' };
  });
}

function partsAt(plan: JointPlan, celsius: number): readonly LadderReading[] {
  return plan.protection.flatMap(({ part }) => {
    if (part.limitC === null) return [];
    const name = part.kind.replaceAll('-', ' ');
    return [
      celsius > part.limitC ? { name, says: 'hurt at this', tone: 'red' as const } : { name, says: 'stands this', tone: 'ink' as const },
    ];
  });
}

/** What everything on the ladder does at one temperature [°C]: fillers as numbered there, flux, metals, parts near by. */
export function readLadder(plan: JointPlan, celsius: number, show: (celsius: number) => string): readonly LadderReading[] {
  const fillers = plan.fillers
    .slice(0, SHOWN_FILLERS)
    .map((row, i) => ({ name: `${i + 1} ${row.filler.designation}`, ...fillerAt(row, celsius) }));
  return [...fillers, ...fluxAt(plan, celsius), ...metalsAt(plan, celsius, show), ...partsAt(plan, celsius)];
}
