import { type GateCode, type KeptStage, type TorchPoint } from '@kesto/core';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { errorField, errorText, isAway } from '@/api/api';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { TextField } from '@/ui/UnitField';
import { Words } from '@/ui/Words';
import { useOverruleBesideMutation } from './api';
import { WORDS } from './words';

interface OverruleBesideProps {
  readonly jobId: string;
  readonly stage: KeptStage;
  readonly gate: GateCode;
  /** Of the torch: what is lifted, by name. */
  readonly points: readonly TorchPoint[] | null;
  readonly onKept: () => void;
}

const NO_SIGNAL = 'Without a signal it stays shut: a lead is known by the server alone. A PIN for the day is set while there is one.';

/** A lead signs in on this phone for this one thing; whoever is signed in stays signed in. Nothing typed here is kept. */
export function OverruleBeside({ jobId, stage, gate, points, onKept }: OverruleBesideProps) {
  const [texts, setTexts] = useState({ reason: '', login: '', password: '' });
  const [entry, setEntry] = useState(() => uuid());
  const [overrule, { isLoading, error }] = useOverruleBesideMutation();
  const set = (key: keyof typeof texts) => (text: string) => setTexts({ ...texts, [key]: text });
  const isWhole = Object.values(texts).every((text) => text.trim() !== '') && points?.length !== 0;
  const send = async () => {
    const values = { gate, reason: texts.reason.trim(), ...(points ? { points: [...points] } : {}) };
    const signIn = { login: texts.login.trim(), password: texts.password };
    const answer = await overrule({ job: jobId, entry, body: { signIn, stage, deviceTime: new Date().toISOString(), values } });
    if (answer.error) return setTexts({ ...texts, password: '' });
    setEntry(uuid());
    setTexts({ reason: '', login: '', password: '' });
    onKept();
  };
  const field = error ? errorField(error) : null;
  const says = error ? (isAway(error) ? NO_SIGNAL : errorText(error)) : undefined;
  return (
    <View role="group" aria-label={WORDS.overruledByALead} style={arrange.stack8}>
      <Words size={15} tone="ink2">
        {WORDS.aLeadOrAnAdmin}
      </Words>
      <TextField label={WORDS.why} value={texts.reason} onChange={set('reason')} />
      <TextField label={WORDS.leadsName} value={texts.login} onChange={set('login')} error={field === 'login' ? says : undefined} />
      <TextField
        label={WORDS.leadsPassword}
        value={texts.password}
        onChange={set('password')}
        secure
        error={field === 'login' ? undefined : says}
      />
      <FrameKey label={isLoading ? WORDS.overruling : WORDS.overruleIt} disabled={!isWhole || isLoading} onPress={() => void send()} />
    </View>
  );
}
