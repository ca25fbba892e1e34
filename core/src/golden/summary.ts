import { planJoint } from '../plan/planJoint';
import type { PlanRequest } from '../plan/request';
import { canonicalHash } from '../record/chain';

/** Figures to seven digits: what differs between two machines' arithmetic is no change of an answer. */
export const rounded = (value: unknown): unknown =>
  typeof value === 'number'
    ? Number(value.toPrecision(7))
    : Array.isArray(value)
      ? value.map(rounded)
      : typeof value === 'object' && value !== null
        ? Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, rounded(inner)]))
        : value;

/** One answer in a line: what a reviewer looks at, and the hash of all the rest. */
export function goldenLine(request: PlanRequest): string {
  const result = planJoint(request);
  if (!result.ok) return `refused: ${result.errors.map((error) => `${error.field} ${error.kind}`).join(', ')}`;
  const { chosen, fit, heat, rod, protection, cautions } = result.value;
  const says = [
    chosen ? `${chosen.filler.designation} ${chosen.verdict}` : 'no filler',
    `gap ${fit.radialGapHotM === null ? '-' : (fit.radialGapHotM * 1000).toFixed(3)} mm`,
    `${heat?.seconds?.toFixed(1) ?? '-'} s`,
    `rod ${rod ? (rod.lengthM * 1000).toFixed(0) : '-'} mm`,
    ...protection.map((p) => `${p.part.kind} ${p.peakC?.toFixed(0) ?? '-'} C`),
    cautions
      .filter((c) => c.severity === 'stop')
      .map((c) => c.code)
      .join(' ') || 'no stop',
  ];
  return `${says.join(', ')} #${canonicalHash(rounded(result.value)).slice(0, 12)}`;
}
