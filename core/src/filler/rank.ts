import type { ResolvedJoint } from '../plan/resolveJoint';
import { isWide, type FillerRow } from './fillers';
import { isLooseFor, judgeFiller, needsDuctility, VERDICTS, type FillerVerdict, type Service } from './rules';

/**
 * Fillers best first: verdict, wide melting range where the gap is loose, the shop's house rod, less silver, name.
 * The order depends only on what is ranked, never on the order it came in.
 */
export function rankFillers(fillers: readonly FillerRow[], joint: ResolvedJoint, service: Service): readonly FillerVerdict[] {
  const rows = fillers.map((filler) => {
    const judged = judgeFiller({ filler, joint, service });
    const loose = isLooseFor({ filler, joint, service });
    return {
      judged,
      key: [VERDICTS.indexOf(judged.verdict), loose && !isWide(filler) ? 1 : 0, isHouseRod(filler, service) ? 0 : 1, filler.silverPercent],
    };
  });
  rows.sort((a, b) => compareKeys(a.key, b.key) || byName(a.judged.filler.designation, b.judged.filler.designation));
  return rows.map((row) => row.judged);
}

const byName = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0);

function compareKeys(a: readonly number[], b: readonly number[]): number {
  const differing = a.findIndex((value, i) => value !== b[i]);
  return differing === -1 ? 0 : (a[differing] ?? 0) - (b[differing] ?? 0);
}

/** The shop's house rod; without a choice, 15 % silver where ductility counts and 5-6 % elsewhere. */
function isHouseRod(filler: FillerRow, service: Service): boolean {
  if (filler.family !== 'copper-phosphorus') return false;
  const school = service.schools.houseRod ?? (needsDuctility(service) ? '15 % Ag' : '5-6 % Ag');
  const silver = filler.silverPercent;
  if (school === '15 % Ag') return silver === 15;
  return school === '5-6 % Ag' ? silver >= 5 && silver <= 6 : silver < 5;
}
