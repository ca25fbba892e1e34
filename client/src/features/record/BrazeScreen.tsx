import type { JointView } from '@kesto/contract';
import { fillerReasonText, showIn, type Show } from '@kesto/contract/wording';
import type { FillerVerdict, Stage } from '@kesto/core';
import { View } from 'react-native';
import { useVanStock } from '@/data/van/api';
import { jointCells } from '@/data/joints/cells';
import { AtTheTorch, Flags, MakeSafe, Notes, PlanDrawing } from '@/features/plan';
import { TorchLocked, useTorchLock } from '@/features/torch';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { Choice } from '@/ui/Buttons';
import { FormFigure, FormText } from '@/forms/FormFields';
import { Sheet } from '@/ui/Sheet';
import { Empty, Failed } from '@/ui/states';
import { Heading, Words } from '@/ui/Words';
import { ApprovalNote } from './ApprovalNote';
import { PhotoStrip } from '@/features/photos';
import type { BrazeField, BrazeForm } from './brazeForm';
import { useBraze } from './useBraze';
import { WORDS } from './words';

const FIELDS: readonly { readonly key: BrazeField; readonly label: string }[] = [
  { key: 'rod', label: 'rod used' },
  { key: 'depth', label: 'depth in the cup' },
  { key: 'seconds', label: 'until it flowed' },
  { key: 'flood', label: 'flooded for' },
  { key: 'purge', label: 'trickle' },
];

/** What is decided and planned by now is no longer news; what can hurt at the torch is. */
const AT_THE_JOINT: readonly Stage[] = ['make-safe', 'set-up', 'braze'];

/** Each reason once, with the fillers it forbids. */
function whyForbidden(rows: readonly FillerVerdict[], show: Show): ReadonlyMap<string, readonly string[]> {
  const byReason = new Map<string, string[]>();
  for (const row of rows) {
    const why = row.reasons[0] ? fillerReasonText(row.reasons[0], show) : 'forbidden here';
    byReason.set(why, [...(byReason.get(why) ?? []), row.filler.designation]);
  }
  return byReason;
}

/** Marks how the joint was really made. */
export function BrazeScreen({ joint }: { joint: JointView }) {
  const units = useUnits();
  const { data: van } = useVanStock();
  const form = useBraze(joint);
  const lock = useTorchLock(joint.job.id);
  const plan = joint.plan?.plan ?? null;
  const forbidden = plan?.fillers.filter((f) => f.verdict === 'forbidden') ?? [];
  const options = (van?.fillers ?? []).map(({ designation }) => ({
    value: designation,
    label: designation,
    disabled: forbidden.some((f) => f.filler.designation === designation),
  }));
  return (
    <Sheet
      tag={joint.tag}
      title={WORDS.howItWasMade}
      subtitle={WORDS.filledInFromThe}
      up={{ label: WORDS.joint, href: `/joints/${joint.id}` }}
      cells={jointCells(joint)}
      action={{
        label: form.entry.busy ? WORDS.keeping : lock ? WORDS.theTorchIsLocked : WORDS.itIsBrazed,
        disabled: form.entry.busy || !joint.plan || lock !== null,
        onPress: () => void form.keep(),
      }}
    >
      <TorchLocked jobId={joint.job.id} lock={lock} />
      <ApprovalNote filler={form.filler} />
      {plan ? (
        <>
          <PlanDrawing plan={plan} units={units} detail="sizes" flagged />
          <Flags plan={plan} units={units} stages={AT_THE_JOINT} />
          <MakeSafe plan={plan} units={units} open />
          <AtTheTorch plan={plan} units={units} />
          <Notes plan={plan} units={units} stages={AT_THE_JOINT} />
        </>
      ) : (
        <Empty title={WORDS.notPlannedYet} text={WORDS.planTheJointFirst} />
      )}
      {form.entry.problem ? <Failed message={form.entry.problem} /> : null}
      <Heading size={17}>{WORDS.fillerThatWent}</Heading>
      <Choice label={WORDS.fillerThatWentIn} value={form.filler} options={options} onChange={form.setFiller} />
      {[...whyForbidden(forbidden, showIn(units))].map(([why, names]) => (
        <Words key={why} size={14} tone="red">
          {names.join(', ')}: {why}
        </Words>
      ))}
      {form.differs ? <FormText<BrazeForm> control={form.control} name="reason" label={WORDS.whyAnotherFillerThan} multiline /> : null}
      <View style={arrange.wrap12}>
        {FIELDS.map(({ key, label }) => (
          <FormFigure<BrazeForm> key={key} control={form.control} name={`fields.${key}`} label={label} testID={`made-${key}`} />
        ))}
      </View>
      <FormText<BrazeForm> control={form.control} name="protection" label={WORDS.protection} />
      <FormText<BrazeForm> control={form.control} name="note" label={WORDS.note} multiline />
      <PhotoStrip photos={form.photos} />
      <Words size={14} tone="ink2">
        {WORDS.whatIsKeptCannotBe}
      </Words>
    </Sheet>
  );
}
