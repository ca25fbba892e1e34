import type { JobView, JointView } from '@kesto/contract';
import { LPM_PER_M3_PER_S, runOf, safetyClassOf, twoPeopleWhys, type EntryKind, type JointPlan, type RunPhase } from '@kesto/core';
import { useMemo, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { useJointQuery } from '@/data/joints/api';
import { seenOf } from '@/data/joints/seenOf';
import { entryWrite } from '@/data/joints/writes';
import { useNow } from '@/ui/useNow';
import { useMe } from '@/session/useMe';
import { useWrite } from '@/outbox';
import { readySound } from './alarm';
import { runPlanOf } from './runPlan';
import { useCaptive } from './useCaptive';
import { useReadyToLight } from './useReadyToLight';
import { useWatchBegins } from './useWatchBegins';
import { useRunEvents } from './useRunEvents';

type Values = Readonly<Record<string, unknown>>;

const lpm = (m3PerS: number | null | undefined) => (m3PerS ? { lpm: m3PerS * LPM_PER_M3_PER_S } : {});

/** What a tap on the one key keeps, where nothing has to be filled in. */
function tapOf(
  phase: RunPhase,
  plan: JointPlan,
  { chosen, second }: { readonly chosen: string; readonly second: string },
): { readonly kind: EntryKind; readonly values: Values } | null {
  switch (phase) {
    case 'open':
      return { kind: 'outlet-open', values: { felt: false } };
    case 'flood':
      return { kind: 'flooding-began', values: lpm(plan.purge?.floodFlowM3PerS) };
    case 'feel':
      return { kind: 'outlet-open', values: { felt: true } };
    case 'trickle':
      return { kind: 'trickle-set', values: lpm(plan.purge?.trickleM3PerS) };
    case 'light':
      return { kind: 'lit', values: { filler: chosen, ...(second === '' ? {} : { second }) } };
    case 'burning':
      return { kind: 'flame-off', values: {} };
    case 'nitrogen':
      return { kind: 'nitrogen-off', values: { note: '' } };
    case 'cooling':
      return { kind: 'cooled', values: { note: '' } };
    default:
      return null;
  }
}

const ASKED_MS = 2000;

/** One joint at the torch: how far it has come, and what the next tap keeps. */
export function useRun(joint: JointView, job: JobView, plan: JointPlan) {
  const events = useRunEvents(joint);
  const captive = useCaptive(joint, job);
  const runPlan = useMemo(() => runPlanOf(plan, captive), [plan, captive]);
  const now = useNow(true);
  const me = useMe()?.person.name ?? null;
  const ready = useReadyToLight(job);
  const watchBegins = useWatchBegins(job);
  const { keep, busy, problem } = useWrite();
  const run = runOf(events, runPlan, now);
  // A second person's phone may tap that it flows: it is asked for while the flame burns, so that nobody is asked twice.
  useJointQuery(joint.id, { pollingInterval: run.phase === 'burning' ? ASKED_MS : 0 });
  const chosen = joint.plan?.chosen ?? '';
  const [second, setSecond] = useState('');
  const { circuit } = joint;
  const twoPeople = twoPeopleWhys({
    ...{ refrigerant: circuit.refrigerant, safetyClass: safetyClassOf(circuit) },
    ...{ belowGround: joint.plan?.request.site?.belowGround ?? false, outsideM: plan.joint.male.outsideM },
  });

  /** Keeps one entry under the time of the tap; true once it is safe on the device. */
  function note(kind: EntryKind, values: Values, photos: readonly string[] = []): Promise<boolean> {
    readySound();
    const entry = { kind, values, photos, deviceTime: new Date().toISOString(), seen: seenOf(joint) };
    return keep(entryWrite(joint.id, uuid(), { jobId: joint.job.id, ...entry }));
  }

  const tap = tapOf(run.phase, plan, { chosen, second: second.trim() });
  /** Both at once: a page that ends between them would keep half of what was said. */
  async function tapped({ kind, values }: NonNullable<typeof tap>): Promise<boolean> {
    const kept = await Promise.all([note(kind, values), ...(kind === 'flame-off' ? [watchBegins()] : [])]);
    return kept.every(Boolean);
  }
  return {
    ...{ twoPeople, second, setSecond },
    ...{ run, runPlan, events, now, note, busy, ready, chosen },
    problem: problem?.message ?? null,
    /** As it is planned. */
    trickle: lpm(plan.purge?.trickleM3PerS),
    /** Somebody else is at it. */
    other: run.holder !== null && me !== null && run.holder !== me ? run.holder : null,
    tap: tap && (() => tapped(tap)),
  };
}
export type RunWork = ReturnType<typeof useRun>;
