import type { FillerReasonCode } from '../filler/finding';
import { codes, planned, q, stops } from '../testing/plans';
import type { JointPlan } from './planJoint';
import type { FemaleRequest, MaleRequest, PlanRequest } from './request';

/**
 * Forty joints that are not everyday ones, and what is known of each beforehand: verdicts and reasons as the trade's rules say them, figures
 * reckoned by hand. Cold gap: half of bore less outside. Strength once brazed: P = 2 S t / (D - 0.8 t) with the least wall t, the most outside D
 * and annealed copper's stress S, 41.37 MPa to 38 °C, 35.16 at 66 °C and so 35.3 at 65 °C; a cup by its bore and wall less 10 %.
 */
interface Expected {
  /** Verdict of fillers by name, and a reason that stands with it. */
  readonly verdicts?: Readonly<Record<string, string>>;
  readonly reasons?: Readonly<Record<string, FillerReasonCode>>;
  readonly none?: true;
  readonly flux?: boolean;
  readonly stops?: readonly string[];
  readonly says?: readonly string[];
  readonly silent?: readonly string[];
  readonly coldGapMm?: number;
  readonly fit?: JointPlan['fit']['verdict'];
  readonly bearsMPa?: number;
  readonly ok?: boolean | null;
}

const mm = (value: number) => q(value, 'mm');
const bar = (value: number) => q(value, 'barg');
const tube = (odMm: number, wallMm: number, rest: Partial<MaleRequest> = {}): MaleRequest => ({
  metal: 'copper',
  od: mm(odMm),
  wall: mm(wallMm),
  ...rest,
});
const cup = (boreMm: number, wallMm: number, rest: Partial<FemaleRequest> = {}): FemaleRequest => ({
  ...{ metal: 'copper', bore: mm(boreMm), wall: mm(wallMm), cupDepth: mm(20) },
  ...rest,
});
/** 22 x 1 mm in a cup that leaves 0.05 mm a side cold. */
const USUAL = tube(22, 1);
const at = (refrigerant: string, rest: NonNullable<PlanRequest['service']> = {}) => ({ service: { refrigerant, ...rest } });
const old = (rest: object): Partial<MaleRequest> => ({ history: { state: 'brazed', ...rest } as never }); // cast: some states are made up of parts

type Row = readonly [what: string, male: MaleRequest, female: FemaleRequest, rest: Partial<PlanRequest>, expected: Expected];
// One joint a line, so that the table can be read down.
// prettier-ignore
const JOINTS: readonly Row[] = [
  // Metals.
  ['clean copper in copper', USUAL, cup(22.1, 1), {}, { flux: false, coldGapMm: 0.05, fit: 'good', verdicts: { 'BAg-5': 'allowed' }, stops: [] }],
  ['copper in brass', USUAL, cup(22.1, 1.5, { metal: 'brass' }), {}, { flux: true, verdicts: { 'BAg-36': 'best', 'BCuP-5': 'allowed', 'BCuP-2': 'avoid' }, says: ['zinc-fume'] }],
  ['copper in bronze', USUAL, cup(22.1, 1.5, { metal: 'bronze' }), {}, { flux: true, verdicts: { 'BAg-36': 'best', 'BCuP-7': 'allowed', 'BCuP-6': 'avoid' } }],
  ['copper in aluminium bronze: no phosphorus', USUAL, cup(22.1, 1.5, { metal: 'aluminium-bronze' }), {}, { verdicts: { 'BCuP-5': 'forbidden', 'BCuP-2': 'forbidden' } }],
  ['copper in copper-nickel: no phosphorus', USUAL, cup(22.1, 1.5, { metal: 'copper-nickel' }), {}, { verdicts: { 'BCuP-5': 'forbidden' } }],
  ['copper in carbon steel', USUAL, cup(22.1, 1.5, { metal: 'carbon-steel' }), {}, { flux: true, verdicts: { 'BAg-5': 'best', 'BAg-37': 'avoid', 'BCuP-5': 'forbidden' }, reasons: { 'BCuP-5': 'phosphide' } }],
  ['copper in a plated steel stub is copper in steel', USUAL, cup(22.1, 1, { metal: 'copper-plated-steel', form: 'component-stub' }), {}, { verdicts: { 'BCuP-5': 'forbidden', 'BAg-36': 'best' }, says: ['plated-steel'] }],
  ['stainless: nickel first, and without it allowed', USUAL, cup(22.1, 1.5, { metal: 'stainless-steel' }), {}, { verdicts: { 'BAg-24': 'best', 'BAg-5': 'allowed' }, reasons: { 'BAg-5': 'no-nickel' } }],
  ['galvanised: nothing before it is stripped', USUAL, cup(22.1, 1.5, { metal: 'galvanised-steel' }), {}, { none: true, stops: ['galvanised'] }],
  ['aluminium in aluminium away from the bench', tube(9.5, 1, { metal: 'aluminium' }), cup(9.7, 1, { metal: 'aluminium' }), {}, { verdicts: { 'Zn-2Al': 'allowed', 'BAlSi-4': 'avoid', 'BCuP-5': 'forbidden' }, reasons: { 'BCuP-5': 'base-melts' }, says: ['aluminium-no-colour'] }],
  ['aluminium in steel: no practice', tube(9.5, 1, { metal: 'aluminium' }), cup(9.7, 1, { metal: 'carbon-steel' }), {}, { none: true }],
  ['cadmium is never used', USUAL, cup(22.1, 1), {}, { verdicts: { 'BAg-1': 'forbidden', 'BAg-3': 'forbidden' }, reasons: { 'BAg-1': 'cadmium' } }],
  // What was there before.
  ['an old joint that nobody knows: at best avoided', tube(22, 1, old({})), cup(22.1, 1), {}, { verdicts: { 'BCuP-5': 'avoid', 'BAg-36': 'avoid' }, reasons: { 'BCuP-5': 'old-unknown' }, flux: true, says: ['old-unknown'] }],
  ['the same of 2009 is stopped: it may hold cadmium', tube(22, 1, old({ year: 2009 })), cup(22.1, 1), {}, { stops: ['old-unknown'] }],
  ['the same of 2015 is not', tube(22, 1, old({ year: 2015 })), cup(22.1, 1), {}, { stops: [], says: ['old-unknown'] }],
  ['cut off beyond it, it is new', tube(22, 1, old({ removed: 'cut-off' })), cup(22.1, 1), {}, { flux: false, silent: ['old-unknown'] }],
  ['unknown into steel: cut off first', tube(22, 1, old({})), cup(22.1, 1.5, { metal: 'carbon-steel' }), {}, { none: true, stops: ['cut-back'] }],
  ['old silver on copper: silver with flux, not phosphorus over it', tube(22, 1, old({ filler: 'BAg-5' })), cup(22.1, 1), {}, { flux: true, verdicts: { 'BCuP-5': 'avoid' }, reasons: { 'BCuP-5': 'mixed-fillers' } }],
  ['a rod that ends below the old one’s liquidus does not re-flow it', tube(22, 1, old({ filler: 'BCuP-2' })), cup(22.1, 1), {}, { verdicts: { 'BCuP-8': 'avoid' }, reasons: { 'BCuP-8': 'below-reflow' }, says: ['reflow'] }],
  ['soft solder is not brazed over', tube(22, 1, { history: 'soft-soldered' }), cup(22.1, 1), {}, { none: true, stops: ['soft-solder'] }],
  ['soft solder cut off is nothing', tube(22, 1, { history: { state: 'soft-soldered', removed: 'cut-off' } }), cup(22.1, 1), {}, { stops: [] }],
  // Service.
  ['a discharge line that shakes: silver-free phosphorus is brittle', USUAL, cup(22.1, 1), at('R-410A', { side: 'discharge', vibration: true }), { verdicts: { 'BCuP-2': 'avoid', 'BCuP-7': 'allowed', 'BCuP-5': 'best', 'BCuP-8': 'avoid' }, reasons: { 'BCuP-2': 'low-ductility' } }],
  ['at -30 °C the same', USUAL, cup(22.1, 1), at('R-404A', { side: 'suction', minTemp: q(-30, 'C') }), { verdicts: { 'BCuP-2': 'avoid', 'BCuP-5': 'best' } }],
  ['metal at 160 °C: phosphorus avoided', USUAL, cup(22.1, 1), at('R-410A', { side: 'discharge', maxTemp: q(160, 'C') }), { verdicts: { 'BCuP-5': 'avoid' }, reasons: { 'BCuP-5': 'hot-service' } }],
  ['sulphur in the air: phosphorus avoided', USUAL, cup(22.1, 1), at('R-410A', { sulphur: true }), { verdicts: { 'BCuP-5': 'avoid' } }],
  ['copper-iron before its maker’s list is read: nothing better than allowed', tube(12.7, 1.6, { metal: 'copper-iron' }), cup(12.8, 1.6, { metal: 'copper-iron' }), at('R-744', { rating: bar(130), designPressure: bar(120) }), { verdicts: { 'BCuP-5': 'allowed' }, reasons: { 'BCuP-5': 'read-makers-list' }, ok: true }],
  ['with its list, what is not on it is avoided', tube(12.7, 1.6, { metal: 'copper-iron' }), cup(12.8, 1.6, { metal: 'copper-iron' }), at('R-744', { rating: bar(130), designPressure: bar(120), makersFillers: ['BCuP-5'] }), { verdicts: { 'BCuP-7': 'avoid' } }],
  ['carbon dioxide’s high side: under 5 % silver avoided', USUAL, cup(22.1, 1.5), at('R-744', { side: 'high', rating: bar(90), designPressure: bar(80) }), { verdicts: { 'BCuP-6': 'avoid' }, reasons: { 'BCuP-6': 'low-ductility' }, says: ['asphyxiant', 'dry-ice'], silent: ['acid-gas'] }],
  ['propane: a mechanical joint first, no acid of its flame', USUAL, cup(22.1, 1), at('R-290'), { says: ['flammable', 'mechanical-first'], silent: ['acid-gas'] }],
  // Fit.
  ['0.025 mm hot is accepted without flux', USUAL, cup(22.04, 1), {}, { coldGapMm: 0.02 }],
  ['steel outside, copper inside: 0.01 mm cold closes as it heats', USUAL, cup(22.02, 1.5, { metal: 'carbon-steel' }), {}, { coldGapMm: 0.01, fit: 'reject', stops: ['no-gap-hot'] }],
  ['0.2 mm a side: loose, bridged by a wide rod', USUAL, cup(22.4, 1), {}, { coldGapMm: 0.2, fit: 'loose', says: ['gap-loose'] }],
  ['0.3 mm a side is not filled by any', USUAL, cup(22.6, 1), {}, { coldGapMm: 0.3, fit: 'reject', stops: ['gap-reject'] }],
  ['a swaged cup of 8 mm on 22 mm is shallow', USUAL, cup(22.1, 1, { form: 'swaged-socket', cupDepth: mm(8) }), {}, { says: ['shallow-swage'] }],
  ['70 mm of cup on 22 mm: look again', USUAL, cup(22.1, 1, { cupDepth: mm(70) }), {}, { says: ['check-depth'] }],
  // Strength. 22 x 1: t 0.9, D 22.1: 2 x 35.3 x 0.9 / (22.1 - 0.72) = 2.97 MPa. Cup 22.1 x 1: D 22.1 + 2: 2 x 35.3 x 0.9 / (24.1 - 0.72) = 2.72.
  ['22 x 1 in a 1 mm cup on 26 bar: the cup counts, and bears it', USUAL, cup(22.1, 1), at('R-449A', { designPressure: bar(26), maxTemp: q(65, 'C') }), { bearsMPa: 2.72, ok: true }],
  ['the same on 28.5 bar: the cup does not, though the tube does', USUAL, cup(22.1, 1), at('R-449A', { designPressure: bar(28.5), maxTemp: q(65, 'C') }), { bearsMPa: 2.72, ok: false, stops: ['strength-short'] }],
  ['a heavy tube in that cup is no stronger', tube(22, 2), cup(22.1, 1), at('R-449A', { designPressure: bar(28.5), maxTemp: q(65, 'C') }), { bearsMPa: 2.72, ok: false, stops: ['strength-short'] }],
  ['with the cup’s wall unknown the tube counts, and it says so', USUAL, { metal: 'copper', bore: mm(22.1), cupDepth: mm(20) }, at('R-449A', { designPressure: bar(28.5), maxTemp: q(65, 'C') }), { bearsMPa: 2.97, ok: true, says: ['wall-assumed'] }],
  ['a gas test at 1.4 x the side’s design pressure is stopped', USUAL, cup(22.1, 1), { ...at('R-449A', { designPressure: bar(26), maxTemp: q(65, 'C') }), purge: { sections: [{ volume: q(1, 'L') }], outlet: { kind: 'open-tube' }, testPressure: bar(36.5) } }, { stops: ['test-too-high'] }],
];

const verdictOf = (plan: JointPlan, name: string) => plan.fillers.find(({ filler }) => filler.designation === name);

test('there are forty', () => expect(JOINTS).toHaveLength(40));

test.each(JOINTS)('%s', (_what, male, female, rest, expected) => {
  const plan = planned({ joint: { male, female }, ...rest });
  for (const [name, verdict] of Object.entries(expected.verdicts ?? {}))
    expect([name, verdictOf(plan, name)?.verdict]).toEqual([name, verdict]);
  for (const [name, code] of Object.entries(expected.reasons ?? {}))
    expect(verdictOf(plan, name)?.reasons.map((reason) => reason.code)).toContain(code);
  if (expected.none) expect(plan.fillers.every(({ verdict }) => verdict === 'forbidden')).toBe(true);
  if (expected.flux !== undefined) expect(plan.flux.required).toBe(expected.flux);
  if (expected.stops) expect(stops(plan)).toEqual(expected.stops);
  expect(codes(plan)).toEqual(expect.arrayContaining([...(expected.says ?? [])]));
  for (const code of expected.silent ?? []) expect(codes(plan)).not.toContain(code);
  if (expected.coldGapMm !== undefined) expect(plan.fit.radialGapColdM * 1000).toBeCloseTo(expected.coldGapMm, 3);
  if (expected.fit !== undefined) expect(plan.fit.verdict).toBe(expected.fit);
  if (expected.bearsMPa !== undefined) expect((plan.pressure.allowablePa ?? 0) / 1e6).toBeCloseTo(expected.bearsMPa, 1);
  if (expected.ok !== undefined) expect(plan.pressure.ok).toBe(expected.ok);
});
