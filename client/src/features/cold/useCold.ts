import type { JobView, JointView } from '@kesto/contract';
import { CHECKS_OF, COLD_KIND, type ColdCheck, type ColdMethod } from '@kesto/core';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { seenOf } from '@/data/joints/seenOf';
import { entryWrite } from '@/data/joints/writes';
import { usePhotos } from '@/features/photos';
import { useWrite } from '@/outbox';
import { useKeptForm } from '@/forms/keptForm';
import { useFigures } from '@/forms/useFigures';
import { SHOWN, valuesOf, type Proof } from './proofs';
import { useTubeOd } from './useTubeOd';

interface Ticks {
  readonly checks: readonly ColdCheck[];
  readonly proofs: readonly Proof[];
}
const UNTICKED: Ticks = { checks: [], proofs: [] };
const asItStands = (values: Ticks) => ({ values, errors: {} });
const put = <T>(list: readonly T[], one: T, on: boolean): readonly T[] => (on ? [...list, one] : list.filter((other) => other !== one));

/** A joint that no flame makes: what is looked to, what shows that it holds, what it lacks. Ticks and figures outlive a reload. */
export function useCold(joint: JointView, job: JobView, decided: ColdMethod) {
  const router = useRouter();
  const [method, setMethod] = useState(decided);
  const odM = useTubeOd(joint, job);
  const { keep: write, busy, problem } = useWrite();
  const photos = usePhotos();
  const { watch, setValue, forget } = useKeptForm<Ticks>(`cold.${joint.id}.${method}.${joint.entries.length}`, UNTICKED, asItStands);
  const { checks, proofs } = watch();
  const figures = useFigures(`cold.${joint.id}.${method}`, SHOWN[method]);
  const keep = async (typed: Parameters<typeof valuesOf>[1]): Promise<boolean> => {
    const size = odM === null || method === 'press' ? {} : { odMm: Number((odM * 1000).toPrecision(5)) };
    const values = { ...valuesOf(method, typed, proofs), ...size, checks: [...checks], note: '' };
    const shas = photos.photos.map(({ sha256 }) => sha256);
    const entry = { kind: COLD_KIND[method], values, photos: shas, deviceTime: new Date().toISOString(), seen: seenOf(joint) };
    const isSafe = await write(entryWrite(joint.id, uuid(), { jobId: job.id, ...entry }));
    if (!isSafe) return false;
    forget();
    router.push(`/joints/${joint.id}`);
    return true;
  };
  return {
    ...{ method, setMethod, odM, photos, figures, checks, proofs, busy, problem: problem?.message ?? null },
    left: CHECKS_OF[method].filter((check) => !checks.includes(check)).length,
    toggle: (check: ColdCheck, on: boolean) => setValue('checks', put(checks, check, on)),
    prove: (proof: Proof, on: boolean) => setValue('proofs', put(proofs, proof, on)),
    submit: () => void figures.submit(keep),
  };
}
export type ColdWork = ReturnType<typeof useCold>;
