import { LPM_PER_M3_PER_S } from '@kesto/core';
import type { Caution, JointPlan, PurgePlan } from '@kesto/core';
import { cautionText, inspectText } from '../wording/en/cautions';
import { fillerReasonText, fluxText } from '../wording/en/fillers';
import { METRIC_SHOW } from '../wording/en/show';

const thousandth = (pascals: number | null) => (pascals === null ? null : pascals / 1000);
const mm = (metres: number) => metres * 1000;

/** Cautions of any command: how grave, where in the work, whose word is the last, and the sentence. */
export const cautionsAnswer = (cautions: readonly Caution[]) =>
  cautions.map((c) => ({ code: c.code, severity: c.severity, stage: c.stage, authority: c.authority, text: cautionText(c, METRIC_SHOW) }));

/** The answer of `kesto purge`: plain numbers, the unit in the key. */
export function purgeAnswer(purge: PurgePlan) {
  return {
    volumeL: purge.volumeM3 * 1000,
    volumeChanges: purge.volumeChanges,
    floodSeconds: purge.floodSeconds,
    trickleLpm: purge.trickleM3PerS === null ? null : purge.trickleM3PerS * LPM_PER_M3_PER_S,
    nitrogenL: purge.nitrogenM3 * 1000,
    outlet: purge.outlet,
    cylinderLeftPercent: purge.cylinderLeftPercent,
    roomO2Percent: purge.roomO2Percent,
    jointPressureKpa: thousandth(purge.jointPressurePa),
    cautions: cautionsAnswer(purge.cautions),
  };
}

/** The answer of `kesto plan`. */
export function planAnswer(plan: JointPlan) {
  return {
    fillers: plan.fillers.map((row) => ({
      designation: row.filler.designation,
      verdict: row.verdict,
      gapLeastMm: row.filler.gapLeastMm,
      gapMostMm: row.filler.gapMostMm,
      reasons: row.reasons.map((reason) => ({ code: reason.code, text: fillerReasonText(reason, METRIC_SHOW) })),
    })),
    ...(plan.fetch
      ? { fetch: { designation: plan.fetch.designation, why: plan.fetch.why ? fillerReasonText(plan.fetch.why, METRIC_SHOW) : '' } }
      : {}),
    flux: { required: plan.flux.required, class: plan.flux.class, text: fluxText(plan.flux) },
    fit: {
      radialGapColdMm: mm(plan.fit.radialGapColdM),
      radialGapHotMm: plan.fit.radialGapHotM === null ? null : mm(plan.fit.radialGapHotM),
      coldGapMm: plan.fit.coldGap && { least: mm(plan.fit.coldGap.leastM), most: mm(plan.fit.coldGap.mostM) },
      leastOverlapMm: mm(plan.fit.leastOverlapM),
      insertMm: mm(plan.fit.insertM),
      verdict: plan.fit.verdict,
    },
    filler: plan.rod && { volumeMm3: plan.rod.volumeM3 * 1e9, massG: plan.rod.massKg * 1000, rodLengthMm: mm(plan.rod.lengthM) },
    heat: plan.heat && {
      targetLowC: plan.heat.targetLowC,
      targetHighC: plan.heat.targetHighC,
      energyKj: thousandth(plan.heat.energyJ),
      seconds: plan.heat.seconds,
      flags: plan.heat.flags,
    },
    protection: plan.protection.map((p) => ({
      kind: p.part.kind,
      unprotectedPeakC: p.unprotectedPeakC,
      rootC: p.rootC,
      peakC: p.peakC,
      limitC: p.part.limitC,
      verdict: p.verdict,
      measure: p.measures.length === 1 ? p.measures[0] : p.measures,
    })),
    purge: plan.purge && purgeAnswer(plan.purge),
    pressure: { allowableKpa: thousandth(plan.pressure.allowablePa), designKpa: thousandth(plan.pressure.designPa), ok: plan.pressure.ok },
    cautions: cautionsAnswer(plan.cautions),
    inspect: plan.inspect.map((p) => ({ code: p.code, text: inspectText(p, METRIC_SHOW) })),
  };
}

export type PlanAnswer = ReturnType<typeof planAnswer>;
