import type { JointView } from '@kesto/contract';
import { useMemo } from 'react';
import { useWatch, type Resolver } from 'react-hook-form';
import { useKeptForm } from '@/forms/keptForm';
import { useUnits } from '@/session/units';
import { differsFromPlan, prefilled, readBraze, type BrazeForm, type BrazeProblems } from './brazeForm';
import { useEntry } from './useEntry';
import { usePhotos } from '@/features/photos';

/** As the form library nests them. */
function errorsOf({ reason, ...fields }: BrazeProblems) {
  const said = (message: string) => ({ type: 'read', message });
  const nested = Object.fromEntries(Object.entries(fields).map(([key, message]) => [key, said(message)]));
  return { ...(reason === undefined ? {} : { reason: said(reason) }), fields: nested };
}

/** What was really done, prefilled from the plan: the person changes what differed. It outlives a reload until it is kept. */
export function useBraze(joint: JointView) {
  const units = useUnits();
  const usual = useMemo(() => prefilled(joint.plan, units), [joint.plan, units]);
  const read = (form: BrazeForm) => readBraze(form, units, differsFromPlan(joint, form.filler));
  const resolver: Resolver<BrazeForm> = (form) => {
    const { values, problems } = read(form);
    return values ? { values: form, errors: {} } : { values: {}, errors: errorsOf(problems) };
  };
  // Another plan, or another try at it, begins anew.
  const { control, setValue, formState, handleSubmit, forget } = useKeptForm<BrazeForm>(
    `braze.${joint.id}.${joint.plan?.id}.${joint.entries.length}`,
    usual,
    resolver,
  );
  // What is typed is drawn anew in its own field, not over the drawing.
  const filler = useWatch({ control, name: 'filler' });
  const { isSubmitted } = formState;
  const entry = useEntry(joint);
  const photos = usePhotos();
  const keep = handleSubmit(async (whole) => {
    const { values } = read(whole);
    if (!values) return;
    const kind = joint.state === 'rework' || joint.state === 'sent-back' ? 'reworked' : 'brazed';
    const shas = photos.photos.map((p) => p.sha256);
    if (await entry.keep({ kind, values: { ...values }, photos: shas }, '/look')) forget();
  });

  return {
    control,
    filler,
    setFiller: (designation: string) => setValue('filler', designation, { shouldValidate: isSubmitted }),
    differs: differsFromPlan(joint, filler),
    photos,
    entry,
    keep,
  };
}
