import type { PlanAnswer } from '@kesto/contract';
import type { JointPlan, PlanRequest, Result } from '@kesto/core';

type Plan = (request: PlanRequest) => Result<JointPlan>;

const metres = (mm: number) => mm / 1000;

/**
 * A plan kept before the whole answer was kept: what is drawn comes from the request, every figure and verdict from the answer that
 * was kept. Null where the engine of that day takes the request no more: the joint then shows its record without a plan.
 */
export function keptPlan(request: PlanRequest, answer: PlanAnswer, planJoint: Plan): JointPlan | null {
  const planned = planJoint(request);
  if (!planned.ok) return null;
  const plan = planned.value;
  const heat = answer.heat && plan.heat ? { ...plan.heat, ...heatOf(answer.heat) } : null;
  const rod = answer.filler && plan.rod ? { ...plan.rod, ...rodOf(answer.filler) } : null;
  return {
    ...plan,
    fillers: answer.fillers.flatMap(({ designation, verdict }) => {
      const row = plan.fillers.find((f) => f.filler.designation === designation);
      return row ? [{ ...row, verdict }] : [];
    }),
    flux: { ...plan.flux, required: answer.flux.required, class: answer.flux.class },
    fit: {
      ...plan.fit,
      radialGapColdM: metres(answer.fit.radialGapColdMm),
      radialGapHotM: answer.fit.radialGapHotMm === null ? null : metres(answer.fit.radialGapHotMm),
      leastOverlapM: metres(answer.fit.leastOverlapMm),
      insertM: metres(answer.fit.insertMm),
      verdict: answer.fit.verdict,
    },
    rod,
    heat,
    protection: plan.protection.map((part, i) => ({ ...part, ...protectionOf(answer.protection[i]) })),
    purge: answer.purge && plan.purge ? { ...plan.purge, ...purgeOf(answer.purge) } : null,
    cautions: plan.cautions.filter((caution) => answer.cautions.some((old) => old.code === caution.code)),
  };
}

const heatOf = (old: NonNullable<PlanAnswer['heat']>) => ({
  targetLowC: old.targetLowC,
  targetHighC: old.targetHighC,
  middleC: (old.targetLowC + old.targetHighC) / 2,
  seconds: old.seconds,
  energyJ: old.energyKj === null ? null : old.energyKj * 1000,
});

const rodOf = (old: NonNullable<PlanAnswer['filler']>) => ({
  volumeM3: old.volumeMm3 / 1e9,
  massKg: old.massG / 1000,
  lengthM: metres(old.rodLengthMm),
});

const protectionOf = (old: PlanAnswer['protection'][number] | undefined) =>
  old?.peakC == null || old.unprotectedPeakC == null
    ? {}
    : { peakC: old.peakC, unprotectedPeakC: old.unprotectedPeakC, verdict: old.verdict };

const purgeOf = (old: NonNullable<PlanAnswer['purge']>) => ({
  volumeM3: old.volumeL / 1000,
  floodSeconds: old.floodSeconds,
  trickleM3PerS: old.trickleLpm === null ? null : old.trickleLpm / 60_000,
  nitrogenM3: old.nitrogenL / 1000,
  cylinderLeftPercent: old.cylinderLeftPercent,
  roomO2Percent: old.roomO2Percent,
});
