import type { JointView } from '@kesto/contract';
import { ENGINE_VERSION } from '@kesto/core';
import { useMemo, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { addressOf } from '@/api/call';
import { errorText } from '@/api/api';
import { useWrite } from '@/outbox';
import { useUnits } from '@/session/units';
import { checkOnDevice, type Integrity, integrityOf } from '@/features/chain';
import { brazedValues, madeRows } from '@kesto/contract/wording';
import { saveFrom } from '@/api/saveFrom';
import { fetchBytes } from '@/ui/files';
import { seenOf } from '@/data/joints/seenOf';
import { entryWrite } from '@/data/joints/writes';

/** One made joint: plan against made, the chain, and its checking in this browser. */
export function usePassport(joint: JointView) {
  const units = useUnits();
  const { keep, busy: judging, problem: refused } = useWrite();
  const [integrity, setIntegrity] = useState<Integrity>({ status: 'unchecked' });
  const [problem, setProblem] = useState<string | null>(null);
  const made = brazedValues(joint);
  const rows = useMemo(() => madeRows(joint.plan?.answer ?? null, made, units), [joint.plan, made, units]);
  const plan = joint.plan?.plan ?? null;

  async function check() {
    setIntegrity({ status: 'checking' });
    const answer = await fetchBytes(addressOf('exportRecord', { joint: joint.id }));
    if ('error' in answer) return setIntegrity({ status: 'failed', message: errorText(answer.error) });
    const check = await checkOnDevice(answer.bytes);
    const isRecord = check.ok && check.value.of === 'joint';
    setIntegrity(isRecord ? integrityOf(check.value.found) : { status: 'failed', message: 'The file is not a record this program knows.' });
  }

  async function exportFile() {
    const why = await saveFrom(addressOf('exportRecord', { joint: joint.id }), `${joint.tag}.json`);
    setProblem(why);
  }

  /** True once the verdict is safe on the device. */
  function judge(kind: 'accepted' | 'sent-back', text: string): Promise<boolean> {
    const values = kind === 'accepted' ? { note: text } : { why: text };
    return keep(
      entryWrite(joint.id, uuid(), {
        jobId: joint.job.id,
        kind,
        deviceTime: new Date().toISOString(),
        values,
        photos: [],
        seen: seenOf(joint),
      }),
    );
  }

  return {
    rows,
    plan,
    made,
    units,
    integrity,
    check,
    exportFile,
    judge,
    judging,
    problem: refused?.message ?? problem,
    engineDiffers: joint.plan !== null && joint.plan.engineVersion !== ENGINE_VERSION,
  };
}
