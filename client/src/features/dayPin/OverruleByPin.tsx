import type { PinOverruled } from '@kesto/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { FrameKey } from '@/ui/Buttons';
import { Failed } from '@/ui/states';
import { TextField } from '@/ui/UnitField';
import { Words } from '@/ui/Words';
import { useOverruleByPin, type DayPinWork } from './useDayPin';
import { WORDS } from './words';

interface OverruleByPinProps {
  readonly job: { readonly id: string; readonly circuitId: string };
  readonly work: DayPinWork;
  readonly stage: PinOverruled['stage'];
  /** What of which gate; null while no point is chosen. */
  readonly lifts: Omit<PinOverruled['values'], 'reason'> | null;
  readonly onKept: () => void;
}

/** The lead's six figures in place of a signal. */
export function OverruleByPin({ job, work, stage, lifts, onKept }: OverruleByPinProps) {
  const [texts, setTexts] = useState({ reason: '', pin: '' });
  const { overrule, isBusy, wrong, problem } = useOverruleByPin(job, work);
  const reason = texts.reason.trim();
  const send = async () => {
    if (!lifts) return;
    const isSafe = await overrule(texts.pin, { stage, values: { ...lifts, reason } });
    setTexts({ reason: isSafe ? '' : texts.reason, pin: '' });
    if (isSafe) onKept();
  };
  return (
    <View role="group" aria-label={WORDS.overrule} style={styles.form}>
      <Words size={15} tone="ink2">
        {WORDS.byPin}
      </Words>
      <TextField label={WORDS.why} value={texts.reason} onChange={(text) => setTexts({ ...texts, reason: text })} />
      <TextField
        label={WORDS.pin}
        value={texts.pin}
        onChange={(text) => setTexts({ ...texts, pin: text })}
        secure
        figures
        error={wrong ?? undefined}
      />
      {problem ? <Failed message={problem} /> : null}
      <FrameKey
        label={isBusy ? WORDS.overruling : WORDS.overrule}
        disabled={!lifts || reason === '' || texts.pin === '' || isBusy}
        onPress={() => void send()}
      />
    </View>
  );
}

const styles = StyleSheet.create({ form: { gap: 8 } });
