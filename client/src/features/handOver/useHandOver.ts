import type { JobView } from '@kesto/contract';
import {
  factsOf,
  handedPoint,
  headOf,
  HAND_OVER_POINTS,
  lastOf,
  mayBeNoneHere,
  openHandOver,
  openTogether,
  openUntouched,
  ownerSaidNo,
  signedOff,
  soapProves,
  stagesNotEnded,
  unprovedJoints,
  type HandOverAnswer,
  type HandOverPoint,
  type JointProof,
  type UsedMaterial,
} from '@kesto/core';
import { readings, usualReadings } from '@kesto/core/refrigerant';
import { useMemo } from 'react';
import { useJointsOf } from '@/data/jobs/useJointsOf';
import type { StageWork } from '@/data/stages/useStage';
import { readingRows } from '@/features/readings';
import { useUnits } from '@/session/units';

/** What the charge's settled readings say beside the first ones of the job. */
function useRows(work: StageWork) {
  const units = useUnits();
  return useMemo(() => {
    const first = factsOf(work.facts, 'readings')[0]?.values;
    const last = lastOf(work.facts, 'settled-readings')?.values;
    const found = last ? readings(last.request) : null;
    const before = first ? readings(first.request) : null;
    const usual = last ? usualReadings(last.request) : null;
    if (!found?.ok) return null;
    return readingRows({
      found: found.value,
      usual: usual?.ok ? usual.value : null,
      before: before?.ok ? before.value : null,
      guessed: first?.guessed ?? [],
      units,
    });
  }, [work.facts, units]);
}

/** Joints that have to be proved one by one, with what soap has shown already. */
function provingOf(job: JobView, { facts, about, note }: StageWork) {
  const left = unprovedJoints(facts, about);
  const designKpag = (job.circuit.highSideDesignGaugePa ?? 0) / 1000;
  return {
    unproved: job.order
      .filter(({ id }) => left.includes(id))
      .map(({ id, tag, title }) => ({ id, tag, title, soaped: soapProves(facts, id, designKpag) })),
    prove: (proofs: readonly JointProof[]) => note('handed-point', { point: 'joint-tightness', answer: 'done', proofs: [...proofs] }),
  };
}

/** The end of a job: its list, what was used, the note, who signed. */
export function useHandOver(job: JobView, work: StageWork) {
  const { facts } = work;
  const joints = useJointsOf(useMemo(() => job.order.map(({ id }) => id), [job.order]));
  const { about } = work;
  const isNo = ownerSaidNo(facts);
  const open = openHandOver(facts, about);
  const together = openTogether(facts, about);
  const untouched = openUntouched(facts, about);
  const signed = signedOff(facts);
  const report = lastOf(facts, 'report');
  const used = factsOf(facts, 'materials').flatMap(({ values }) => values.used);
  const charged = lastOf(facts, 'charged')?.values;
  return {
    rows: useRows(work),
    points: HAND_OVER_POINTS.map((point) => ({
      point,
      said: handedPoint(facts, point)?.values.answer ?? null,
      isOpen: open.includes(point),
      mayBeNone: mayBeNoneHere(facts, point, about),
    })).filter(({ said, isOpen }) => isOpen || said !== null || !isNo),
    /** The owner said no: nothing was mended, and only what this job itself undid is listed. */
    isNo,
    ...{ open, signed, used, notes: factsOf(facts, 'next-person-note') },
    /** What the job itself knows to have gone in, until somebody keeps it. */
    suggested:
      charged && used.length === 0
        ? [{ what: job.circuit.refrigerant, amount: Number(charged.doneKg.toFixed(3)), unit: 'kg' as const }]
        : [],
    /** Stages that nobody ended. */
    notEnded: stagesNotEnded(facts, job.began),
    /** Reports as they were kept, newest last. */
    reports: factsOf(facts, 'report'),
    /** Told after somebody signed. */
    after: signed ? facts.slice(facts.indexOf(signed) + 1).filter(({ kind }) => kind !== 'done') : [],
    ...provingOf(job, work),
    answer: (point: HandOverPoint, answer: HandOverAnswer) => work.note('handed-point', { point, answer }),
    together,
    untouched,
    /** What may be answered together, each an entry of its own. */
    answerAll: async (points: readonly HandOverPoint[], answer: HandOverAnswer) => {
      for (const point of points) if (!(await work.note('handed-point', { point, answer }))) return;
    },
    keepUsed: (list: readonly UsedMaterial[]) => work.note('materials', { used: [...list] }),
    keepNote: (note: string, sisters: boolean, nextCheck: string | undefined) =>
      work.note('next-person-note', { note, ...(sisters ? { sisters } : {}), ...(nextCheck ? { nextCheck } : {}) }),
    sign: (name: string, role: string, drawn: string) => {
      const heads = [headOf('job', job.id, job.stages.entries), ...joints.map(({ id, entries }) => headOf('joint', id, entries))];
      return work.note('signed-off', {
        ...{ name, role, ...(drawn ? { drawn } : {}), ...(report ? { report: report.values.sha256 } : {}) },
        heads: heads.flatMap(({ of, id, sequence, hash }) => (of === 'shop' ? [] : [{ of, id, sequence, hash }])),
      });
    },
  };
}
export type HandOverWork = ReturnType<typeof useHandOver>;
