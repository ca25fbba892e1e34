import { ISOLATION_METHOD_WORDS } from '@kesto/contract/wording';
import { ENGINE_VERSION, ISOLATION_METHODS, type IsolationMethod } from '@kesto/core';
import { formatMass, readingText } from '@kesto/core/unit';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '@/state/units';
import type { StageWork } from '@/features/stage/useStage';
import { FigureFields } from '@/ui/form/FigureFields';
import { massKg } from '@/ui/form/si';
import { useFigures } from '@/ui/form/useFigures';
import { Choice, KeepKey } from '@/ui/Buttons';
import { TextField } from '@/ui/UnitField';
import { Heading, Words } from '@/ui/Words';
import type { IsolationWork } from './useIsolation';

const FIGURES = { takeOut: { label: 'to take out', kind: 'mass', hint: 'as 6.2 kg', optional: true } } as const;

/** Which way is taken; another than the advised one with its reason. */
export function KeepIsolation({ isolation, work, onKept }: { isolation: IsolationWork; work: StageWork; onKept: () => void }) {
  const units = useUnits();
  const { answer, seen, chargeKg, leftKg } = isolation;
  const [method, setMethod] = useState<IsolationMethod>(answer?.method ?? 'recover-all');
  const [reason, setReason] = useState('');
  const figures = useFigures(FIGURES, leftKg === undefined ? {} : { takeOut: readingText(formatMass(leftKg, units)).replace(/ \(.*/, '') });
  if (!answer) return <Words>Tap the part that is to be opened first.</Words>;
  const differs = method !== answer.method;
  async function keep() {
    const read = figures.read();
    if (!read || !answer) return;
    const { close, closeAfter, staysFull } = answer;
    const isAdvised = { close: differs ? [] : close, closeAfter: differs ? [] : closeAfter, staysFull: differs ? [] : staysFull };
    const kept = await work.note('isolation', {
      ...{ work: isolation.work, advised: answer.method, method, ...seen, ...isAdvised, engineVersion: ENGINE_VERSION },
      ...(chargeKg === undefined ? {} : { chargeKg }),
      ...(read.takeOut ? { takeOutKg: massKg(read.takeOut) } : {}),
      ...(reason.trim() === '' ? {} : { reason: reason.trim() }),
    });
    if (kept) onKept();
  }
  return (
    <View style={{ gap: 12 }}>
      <Heading size={20}>How it is got at</Heading>
      <Choice
        label="way"
        value={method}
        onChange={setMethod}
        options={ISOLATION_METHODS.map((value) => ({ value, label: ISOLATION_METHOD_WORDS[value] }))}
      />
      {differs ? <TextField label="why another way than advised" value={reason} onChange={setReason} multiline /> : null}
      <FigureFields figures={figures} />
      <KeepKey label="Keep this way" busy={work.busy} disabled={differs && reason.trim() === ''} onPress={() => void keep()} />
    </View>
  );
}
