import type { ResolvedJoint } from '../joint/resolvedJoint';
import { targetRange } from '../heat/target';
import { holdsIronOrNickel, METALS } from '../metal/metals';

import type { Schools } from '../vocabulary/schools';
import { isWide, type FillerRow } from './fillers';
import { VERDICTS, type Case, type Service } from './finding';
import { judgeFiller, type FillerVerdict } from './rules';
import { holdsGap, isLooseFor, needsDuctility } from './serviceRules';

/** What one row is ordered by, the first difference deciding; smaller stands first. */
type Key = (row: FillerVerdict, c: Case) => number;

const yes = (holds: boolean) => (holds ? 0 : 1);

/** What the joint is really heated to: a fluid silver-free rod has a lower liquidus and a hotter joint. */
const LOWER_MIDDLE: Key = ({ filler }, { joint }) => {
  const { lowC, highC } = targetRange(joint, filler);
  return (lowC + highC) / 2;
};
const LOWER_LIQUIDUS: Key = ({ filler }) => filler.liquidusC;
const LESS_SILVER: Key = ({ filler }) => filler.silverPercent;
const NICKEL_ON_STAINLESS: Key = ({ filler }, { joint }) =>
  [joint.male, joint.female].some((m) => m.metal === 'stainless-steel') ? yes(filler.nickelPercent >= 2) : 0;
/** On the unit its verdict puts it behind the zinc rods. */
const SILICON_ROD: Key = ({ filler }) => yes(filler.family === 'aluminium-silicon');

/** Where heat decides before price: iron, nickel, brass or bronze in the joint, or a part with a limit near it. */
function heatDecides({ joint, service }: Pick<Case, 'joint' | 'service'>): boolean {
  const takesHarm = ({ metal }: { metal: Case['joint']['male']['metal'] }) => holdsIronOrNickel(metal) || METALS[metal].family === 'brass';
  return service.heatMatters || takesHarm(joint.male) || takesHarm(joint.female);
}

function keysFor(joint: ResolvedJoint, service: Service, allLoose: boolean): readonly Key[] {
  const common: readonly Key[] = [
    ({ verdict }) => VERDICTS.indexOf(verdict),
    (row) => row.reasons.filter((reason) => reason.verdict !== 'best').length,
    (row) => (allLoose ? yes(isWide(row.filler)) : 0),
    (row, c) => yes(holdsGap({ ...c, filler: row.filler })),
    (row) => (service.position === 'overhead' ? yes(isWide(row.filler)) : 0),
  ];
  if ([joint.male, joint.female].some((m) => m.metal === 'aluminium')) return [...common, SILICON_ROD, LOWER_LIQUIDUS];
  if (heatDecides({ joint, service })) return [...common, NICKEL_ON_STAINLESS, LOWER_MIDDLE];
  return [...common, (row) => yes(isHouseRod(row.filler, service)), LESS_SILVER, LOWER_MIDDLE];
}

/**
 * Fillers best first: verdict, fewer reasons against, the row's own gap, then heat where it decides, else house rod and cost; name last.
 * The order depends only on what is ranked, never on the order it came in.
 *
 * @source judgement of practised brazers, as the rules themselves
 */
export function rankFillers(fillers: readonly FillerRow[], joint: ResolvedJoint, service: Service): readonly FillerVerdict[] {
  const allLoose = fillers.every((filler) => isLooseFor({ filler, joint, service }));
  const keys = keysFor(joint, service, allLoose);
  const rows = fillers.map((filler) => {
    const c = { filler, joint, service };
    const judged = judgeFiller(c);
    return { judged, key: keys.map((key) => key(judged, c)) };
  });
  rows.sort((a, b) => compareKeys(a.key, b.key) || byName(a.judged.filler.designation, b.judged.filler.designation));
  return rows.map((row) => row.judged);
}

const byName = (a: string, b: string) => Number(a > b) - Number(a < b);

function compareKeys(a: readonly number[], b: readonly number[]): number {
  const at = a.findIndex((value, i) => value !== b[i]);
  return (a[at] ?? 0) - (b[at] ?? 0);
}

/** Silver of the rod a house takes [%]. Source: the rods the trade sells by these names. */
const HOUSE_SILVER: Readonly<Record<NonNullable<Schools['houseRod']>, { readonly least: number; readonly most: number }>> = {
  'silver-free': { least: 0, most: 4.9 },
  'silver-5': { least: 5, most: 6 },
  'silver-15': { least: 15, most: 15 },
};

/** The shop's house rod; without a choice, 15 % silver where ductility counts and 5-6 % elsewhere. */
function isHouseRod({ silverPercent }: FillerRow, service: Service): boolean {
  const { least, most } = HOUSE_SILVER[service.schools.houseRod ?? (needsDuctility(service) ? 'silver-15' : 'silver-5')];
  return silverPercent >= least && silverPercent <= most;
}
