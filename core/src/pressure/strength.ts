import type { ResolvedJoint } from '../joint/resolvedJoint';
import type { MetalName } from '../metal/metals';
import type { Schools } from '../vocabulary/schools';
import { isCarbonDioxide } from '../refrigerant/safetyClasses';
import { annealedRating, enRating } from './annealedRating';

/** Which figure the weaker member is judged by. */
export type StrengthBasis = 'asme' | 'en' | 'maker' | 'none';
export type MemberName = 'male' | 'female';

export interface Strength {
  /** Of the weaker member, or of the one that is known; null where nothing is. */
  readonly allowablePa: number | null;
  readonly designPa: number | null;
  readonly basis: StrengthBasis;
  /** The weaker of the members that were judged; null where a maker's rating alone counts, or nothing. */
  readonly weaker: MemberName | null;
  /** The cup's wall was not typed: what it would bear with the tube's wall, for a warning alone [Pa]; null where it was, or is not judged by its wall. */
  readonly assumedCupPa: number | null;
  /** Metals that no table has a stress for, while the other member counts. */
  readonly notJudged: readonly MetalName[];
  /** Copper-iron whose maker's rating was not typed. */
  readonly needsRating: boolean;
  readonly metalC: number;
  readonly metalAssumed: boolean;
  readonly ok: boolean | null;
  /** Allowable at ambient: what a pressure test is held against. */
  readonly coldAllowablePa: number | null;
  /** A maker's own test pressure [Pa gauge]. */
  readonly testRatingPa: number | null;
}

export interface StrengthGiven {
  readonly designPa: number | null;
  readonly ratingPa: number | null;
  readonly testRatingPa: number | null;
  readonly refrigerant: string | null;
  readonly code: NonNullable<Schools['strengthCode']>;
  readonly metalC: number;
  readonly metalAssumed: boolean;
  readonly ambientC: number;
}

/** What the codes' stresses are of; copper-iron is not. */
const isPlainCopper = (metal: MetalName) => metal === 'copper';

/** A cup's wall may be this share thinner than it is called; its bore has no tolerance of its own. */
const CUP_WALL_MINUS = 0.1;

const besideCopperIron = ({ male, female }: ResolvedJoint) => male.metal === 'copper-iron' || female.metal === 'copper-iron';
const cupIsAssumed = ({ assumed }: ResolvedJoint) => assumed.includes('female-wall');
/**
 * Whether a plain-copper cup's wall decides over the joint, and has to be typed.
 *
 * @source judgement: beside copper-iron, and on carbon dioxide, the cup is the weak member whatever the tube's rating
 */
export const cupWallDecides = (joint: ResolvedJoint, given: Pick<StrengthGiven, 'refrigerant'>): boolean =>
  isPlainCopper(joint.female.metal) && (besideCopperIron(joint) || isCarbonDioxide(given.refrigerant));

const tubeOf = (joint: ResolvedJoint, member: MemberName) => {
  if (member === 'male') return joint.male;
  const { boreM, wallM } = joint.female;
  return { outsideM: boreM + 2 * wallM, wallM, wallMinusM: CUP_WALL_MINUS * wallM, outsidePlusM: 0 };
};

/** What a member of plain copper bears by the shop's code; null where it is hotter than the code goes. */
function byCode(joint: ResolvedJoint, member: MemberName, { code }: StrengthGiven, metalC: number): number | null {
  return (code === 'en' ? enRating : annealedRating)(tubeOf(joint, member), metalC);
}

interface Bears {
  readonly member: MemberName | null;
  readonly pa: number;
  readonly basis: StrengthBasis;
}

/**
 * Whether a member of plain copper is judged by its wall. Beside copper-iron it always is; on carbon dioxide the tube goes by its maker's
 * rating and the cup by its wall; by the maker alone nothing does.
 */
function goesByWall(joint: ResolvedJoint, member: MemberName, given: StrengthGiven): boolean {
  if (!isPlainCopper(joint[member].metal)) return false;
  if (besideCopperIron(joint)) return true;
  return isCarbonDioxide(given.refrigerant) ? member === 'female' : given.code !== 'maker';
}

/** All that is known of what the joint bears. */
function bearings(joint: ResolvedJoint, given: StrengthGiven, metalC: number): readonly Bears[] {
  const { ratingPa, code } = given;
  const rated: readonly Bears[] = ratingPa === null ? [] : [{ member: null, pa: ratingPa, basis: 'maker' }];
  if (isCarbonDioxide(given.refrigerant) && ratingPa === null) return rated;
  const judged = (['male', 'female'] as const).flatMap((member): readonly Bears[] => {
    if (!goesByWall(joint, member, given) || (member === 'female' && cupIsAssumed(joint))) return [];
    const pa = byCode(joint, member, given, metalC);
    return pa === null ? [] : [{ member, pa, basis: code === 'maker' ? 'asme' : code }];
  });
  return [...judged, ...rated];
}

const weakest = (all: readonly Bears[]): Bears | null =>
  all.reduce<Bears | null>((least, one) => (least && least.pa <= one.pa ? least : one), null);

/** Copper-iron without its maker's rating, or a cup whose wall has to be typed: nobody knows whether it is strong enough. */
const isOpen = (joint: ResolvedJoint, given: StrengthGiven) =>
  (given.ratingPa === null && (besideCopperIron(joint) || isCarbonDioxide(given.refrigerant))) ||
  (cupIsAssumed(joint) && cupWallDecides(joint, given));

function verdict(joint: ResolvedJoint, given: StrengthGiven, least: Bears | null): boolean | null {
  const { designPa } = given;
  if (least === null || designPa === null) return null;
  if (designPa > least.pa) return false;
  return isOpen(joint, given) ? null : true;
}

/** Metals without a stress, as long as something else counts. */
function metalsNotJudged(joint: ResolvedJoint, given: StrengthGiven, least: Bears | null): readonly MetalName[] {
  if (least?.member == null) return [];
  const known = (metal: MetalName) => isPlainCopper(metal) || metal === 'copper-iron';
  return [...new Set([joint.male.metal, joint.female.metal])].filter((metal) => !known(metal) && given.ratingPa === null);
}

/**
 * What the annealed joint may carry against what its side is designed for: both members by their own metal and wall, the weaker counts.
 *
 * @param given  design pressure, maker's rating and test pressure [Pa gauge], hottest metal in service and ambient [°C]
 * @returns      allowable of the weaker member by the shop's code, or the maker's rating where that is lower or the only one
 * @range        copper to 204 °C (B31.5) or 100 °C (EN); other metals are not judged
 * @source       ASME B31.5 or EN 14276 for copper; the maker's rating for carbon dioxide and copper-iron
 */
export function strengthOf(joint: ResolvedJoint, given: StrengthGiven): Strength {
  const least = weakest(bearings(joint, given, given.metalC));
  const assumed = cupIsAssumed(joint) && goesByWall(joint, 'female', given) ? byCode(joint, 'female', given, given.metalC) : null;
  return {
    allowablePa: least?.pa ?? null,
    designPa: given.designPa,
    basis: least?.basis ?? 'none',
    weaker: least?.member ?? null,
    assumedCupPa: assumed,
    notJudged: metalsNotJudged(joint, given, least),
    needsRating: given.ratingPa === null && besideCopperIron(joint),
    metalC: given.metalC,
    metalAssumed: given.metalAssumed,
    ok: verdict(joint, given, least),
    coldAllowablePa: weakest(bearings(joint, given, given.ambientC))?.pa ?? null,
    testRatingPa: given.testRatingPa,
  };
}

/** How far a test with gas may go above the lower of design and allowable: silent to the first, stopped above the second. Source: ASME B31.5, EN 378-2. */
const TEST_FACTOR = { silent: 1.1, most: 1.3 } as const;
/** A figure that was rounded on its way from other units is no fault. */
const FORGIVEN = 1e-9;

export type TestVerdict = 'fits' | 'above-rating' | 'too-high';

/**
 * A pressure test with gas against what the plate and the weaker member bear; a maker's own test pressure stands for both figures.
 *
 * @param testPa  [Pa gauge]
 * @returns       `fits` up to 1.1 times the lower, `above-rating` up to 1.3 times, `too-high` above it, by every code
 * @source        ASME B31.5, EN 378-2: 1.1 times the design pressure with gas; 1.43 is a test with water and no gas test
 */
export function judgeTest(testPa: number, { designPa, coldAllowablePa, testRatingPa }: Strength): TestVerdict {
  if (testRatingPa !== null) return testPa > testRatingPa * (1 + FORGIVEN) ? 'too-high' : 'fits';
  const limits = [designPa, coldAllowablePa].filter((pa): pa is number => pa !== null);
  if (limits.length === 0) return 'fits';
  const times = testPa / Math.min(...limits) - FORGIVEN;
  if (times > TEST_FACTOR.most) return 'too-high';
  return times > TEST_FACTOR.silent ? 'above-rating' : 'fits';
}
