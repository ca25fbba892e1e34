import { pinProblem } from '@kesto/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { FrameKey } from '@/ui/Buttons';
import { TextField } from '@/ui/UnitField';
import { Words } from '@/ui/Words';
import { canKeepKeys } from './pinKey';
import type { DayPinWork, Refused } from './useDayPin';
import { WORDS } from './words';

const EMPTY = { login: '', password: '', pin: '', again: '' };
const PROBLEMS = { 'not-six': WORDS.notSix, easy: WORDS.easy } as const;

function problemOf({ pin, again }: typeof EMPTY): Refused | null {
  const problem = pinProblem(pin);
  if (problem) return { field: 'pin', says: PROBLEMS[problem] };
  return pin === again ? null : { field: 'pin', says: WORDS.notSame };
}

/** A lead sets a PIN on this phone while there is a signal. Nothing typed here is kept. */
export function SetDayPin({ work }: { readonly work: DayPinWork }) {
  const [isOpen, setOpen] = useState(false);
  const [texts, setTexts] = useState(EMPTY);
  const [refused, setRefused] = useState<Refused | null>(null);
  const set = (key: keyof typeof EMPTY) => (text: string) => setTexts({ ...texts, [key]: text });
  const { pin, drop } = work;
  if (pin)
    return (
      <View style={styles.form}>
        <Words size={15} role="status">
          {WORDS.holds(pin.lead.name)}
        </Words>
        <View style={styles.key}>
          <FrameKey quiet label={WORDS.takeAway} onPress={drop} />
        </View>
      </View>
    );
  if (!isOpen)
    return (
      <View style={styles.key}>
        <FrameKey quiet label={WORDS.set} onPress={() => setOpen(true)} />
      </View>
    );
  if (!canKeepKeys()) return <Words size={15}>{WORDS.needsTls}</Words>;
  const send = async () => {
    const wrong = problemOf(texts) ?? (await work.set({ login: texts.login.trim(), password: texts.password, pin: texts.pin }));
    setRefused(wrong);
    if (wrong) return setTexts({ ...texts, password: wrong.field === 'pin' ? texts.password : '' });
    setTexts(EMPTY);
    setOpen(false);
  };
  const errorOf = (field: Refused['field']) => (refused?.field === field ? refused.says : undefined);
  const isWhole = Object.values(texts).every((text) => text.trim() !== '');
  return (
    <View role="group" aria-label={WORDS.set} style={styles.form}>
      <Words size={15} tone="ink2">
        {WORDS.setHow}
      </Words>
      <TextField label={WORDS.leadsName} value={texts.login} onChange={set('login')} error={errorOf('login')} />
      <TextField label={WORDS.leadsPassword} value={texts.password} onChange={set('password')} secure error={errorOf('password')} />
      <TextField label={WORDS.pin} value={texts.pin} onChange={set('pin')} secure figures error={errorOf('pin')} />
      <TextField label={WORDS.again} value={texts.again} onChange={set('again')} secure figures />
      <FrameKey label={work.isSetting ? WORDS.setting : WORDS.set} disabled={!isWhole || work.isSetting} onPress={() => void send()} />
    </View>
  );
}

const styles = StyleSheet.create({ form: { gap: 8 }, key: { alignItems: 'flex-start' } });
