import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { addressOf } from '@/api/call';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { ChoiceCard } from '@/ui/ChoiceCard';
import { TextField } from '@/ui/UnitField';
import { Heading, Words } from '@/ui/Words';
import { JointDrawing } from '@/drawing/joint/JointDrawing';
import { sectionOf } from '@kesto/core/section';
import { keepOwnStart, ownStarts, STARTS, type Start } from './starts';
import { planDraft, type Surroundings } from '@/draft/toRequest';
import { WORDS } from '../words';

/** The joints of every week as drawings: one tap and the plan stands. */
export function StartPicker({ around, onPick }: { around: Surroundings; onPick: (start: Start) => void }) {
  const rows = useMemo(() => [...ownStarts(), ...STARTS].map((start) => ({ start, plan: planDraft(start.draft, around).plan })), [around]);
  return (
    <View style={arrange.stack8}>
      <Heading size={17}>{WORDS.startFromAJointYou}</Heading>
      <View style={arrange.wrap8}>
        {rows.map(({ start, plan }) => (
          <ChoiceCard key={start.name} says={WORDS.startFrom(start.name)} width={{ likes: 148, most: 220 }} onPress={() => onPick(start)}>
            <View style={styles.start}>
              {plan ? <JointDrawing joint={sectionOf(plan)} detail="thumb" label={start.name} /> : null}
              <Words size={15} bold>
                {start.name}
              </Words>
              <Words size={14} tone="ink2">
                {start.draft.male.od}
                {plan?.flux.required ? ', flux' : ''}
              </Words>
            </View>
          </ChoiceCard>
        ))}
      </View>
    </View>
  );
}

/** The stored plan as a page to print. */
export function PrintPlan({ jointId }: { jointId: string }) {
  return <FrameKey label={WORDS.printThisPlan} onPress={() => window.open(addressOf('planPdf', { joint: jointId }), '_blank')} />;
}

/** Keeps the plan as a starting point of one's own, on this device. */
export function SaveStart({ draft }: { draft: Start['draft'] }) {
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [saved, setSaved] = useState<string | null>(null);
  if (saved)
    return (
      <Words size={15} tone="teal">
        {WORDS.keptOnThisDevice(saved)}
      </Words>
    );
  if (!open) return <FrameKey label={WORDS.keepAsAStarting} onPress={() => setOpen(true)} />;
  const save = () => {
    keepOwnStart(name.trim(), draft);
    setSaved(name.trim());
  };
  return (
    <View style={arrange.stack8}>
      <TextField label={WORDS.nameOfTheStarting} value={name} onChange={setName} />
      <FrameKey label={WORDS.keepIt} disabled={name.trim() === ''} onPress={save} />
    </View>
  );
}

const styles = StyleSheet.create({
  start: { minHeight: 80 },
});
