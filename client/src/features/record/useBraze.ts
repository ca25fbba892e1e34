import type { JointView } from '@kesto/contract';
import { useState } from 'react';
import { useUnits } from '@/state/units';
import { differsFromPlan, prefilled, readBraze, type BrazeField, type BrazeForm, type BrazeProblems } from './brazeForm';
import { useEntry } from './useEntry';
import { usePhotos } from './usePhotos';

/** What was really done, prefilled from the plan: the person changes what differed. */
export function useBraze(joint: JointView) {
  const units = useUnits();
  const [form, setForm] = useState<BrazeForm>(() => prefilled(joint.plan, units));
  const [problems, setProblems] = useState<BrazeProblems>({});
  const entry = useEntry(joint);
  const photos = usePhotos();
  const differs = differsFromPlan(joint, form.filler);

  async function keep() {
    const { values, problems: found } = readBraze(form, units, differs);
    setProblems(found);
    if (!values) return;
    const kind = joint.state === 'rework' || joint.state === 'sent-back' ? 'reworked' : 'brazed';
    await entry.keep({ kind, values: { ...values }, photos: photos.photos.map((p) => p.sha256) }, '/look');
  }

  return {
    ...form,
    change: (part: Partial<BrazeForm>) => setForm((f) => ({ ...f, ...part })),
    setField: (key: BrazeField, text: string) => setForm((f) => ({ ...f, fields: { ...f.fields, [key]: text } })),
    problems,
    differs,
    photos,
    entry,
    keep,
  };
}
