import { femaleOutline, filletPath, maleOutline, sectionOf, viewOf, type Point, type SectionJoint } from '../section/outline';
import { planJoint } from '../plan/planJoint';
import type { Form } from '../vocabulary/joint';
import type { MetalName } from '../metal/metals';
import { GOLDEN_REQUESTS } from './requests';

const FORMS: readonly Form[] = ['fitting-cup', 'swaged-socket', 'component-stub', 'crimped-stub', 'saddle', 'reducer', 'tube'];
const METALS: readonly MetalName[] = ['copper', 'brass', 'carbon-steel'];
/** A capillary, a usual tube and a header [mm]. */
const SIZES = [
  { od: 2, wall: 0.6, bore: 2.2, depth: 8 },
  { od: 22, wall: 1, bore: 22.1, depth: 18 },
  { od: 54, wall: 1.5, bore: 54.2, depth: 34 },
] as const;

const figure = (value: number) => String(Math.round(value * 100) / 100);
const points = (list: readonly Point[]) => list.map(([x, y]) => `${figure(x)},${figure(y)}`).join(' ');

function line(joint: SectionJoint): string {
  const view = viewOf(joint);
  const fillet = filletPath(joint, ([x, y]) => [Math.round(x * 100) / 100, Math.round(y * 100) / 100]);
  const sheet = `${figure(view.left)}..${figure(view.right)} x ${figure(view.half)}`;
  return `${sheet} | ${points(maleOutline(joint, view))} | ${points(femaleOutline(joint, view))} | ${fillet}`;
}

/** Sections of every form in three sizes and of every golden joint, in a line each: sheet, tube, the part that takes it, fillet. */
export function sectionLines(): Readonly<Record<string, string>> {
  const byForm = FORMS.flatMap((form) =>
    METALS.flatMap((metal) =>
      SIZES.map(({ od, wall, bore, depth }): readonly [string, string] => [
        `${form} of ${metal}, ${od} mm`,
        line({ male: { metal: 'copper', od, wall }, female: { metal, form, bore, depth, wall } }),
      ]),
    ),
  );
  const planned = GOLDEN_REQUESTS.flatMap((request, i): readonly (readonly [string, string])[] => {
    const plan = planJoint(request);
    return plan.ok ? [[`golden joint ${i + 1}`, line(sectionOf(plan.value))]] : [];
  });
  return Object.fromEntries([...byForm, ...planned]);
}
