import type { JointView } from '@kesto/contract';
import { breakText } from '@kesto/contract/wording';
import { planJoint, verifyRecord, ENGINE_VERSION, type Verification } from '@kesto/core';
import { useMemo, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { errorText } from '@/api/api';
import { useUnits } from '@/state/units';
import { useLazyRecordQuery, usePutEntryMutation } from './api';
import { brazedValues, madeRows } from './made';
import { saveFile } from './saveFile';

export type Integrity =
  | { readonly status: 'unchecked' | 'checking' }
  | { readonly status: 'intact'; readonly endsIn: string }
  | { readonly status: 'broken'; readonly entry: number; readonly why: string }
  | { readonly status: 'failed'; readonly message: string };

export function integrityOf(verification: Verification): Integrity {
  return verification.intact
    ? { status: 'intact', endsIn: verification.endsIn }
    : { status: 'broken', entry: verification.firstBroken.entry, why: breakText(verification.firstBroken.why) };
}

/** One made joint: plan against made, the chain, and its checking in this browser. */
export function usePassport(joint: JointView) {
  const units = useUnits();
  const [fetchRecord] = useLazyRecordQuery();
  const [put, { isLoading: judging }] = usePutEntryMutation();
  const [integrity, setIntegrity] = useState<Integrity>({ status: 'unchecked' });
  const [problem, setProblem] = useState<string | null>(null);
  const made = brazedValues(joint);
  const rows = useMemo(() => madeRows(joint.plan?.answer ?? null, made, units), [joint.plan, made, units]);
  const plan = useMemo(() => {
    const result = joint.plan ? planJoint(joint.plan.request) : null;
    return result?.ok ? result.value : null;
  }, [joint.plan]);

  async function fetched() {
    const result = await fetchRecord(joint.id);
    if (result.data) return result.data;
    setIntegrity({ status: 'failed', message: errorText(result.error) });
    return null;
  }

  async function check() {
    setIntegrity({ status: 'checking' });
    const record = await fetched();
    if (!record) return;
    const verification = verifyRecord(record);
    setIntegrity(
      verification.ok ? integrityOf(verification.value) : { status: 'failed', message: 'The file is not a record this program knows.' },
    );
  }

  async function exportFile() {
    const record = await fetched();
    if (record) saveFile(`${joint.tag}.json`, JSON.stringify(record, null, 1));
  }

  async function judge(kind: 'accepted' | 'sent back', text: string) {
    const values = kind === 'accepted' ? { note: text } : { why: text };
    const result = await put({
      jointId: joint.id,
      entryId: uuid(),
      body: { kind, deviceTime: new Date().toISOString(), values, photos: [] },
    });
    setProblem(result.error ? errorText(result.error) : null);
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
    problem,
    engineDiffers: joint.plan !== null && joint.plan.engineVersion !== ENGINE_VERSION,
  };
}
