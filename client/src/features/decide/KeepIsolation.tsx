import { ISOLATION_METHOD_WORDS } from '@kesto/contract/wording';
import { ISOLATION_METHODS, type IsolationMethod } from '@kesto/core';
import { writeMass, type UnitPreferences } from '@kesto/core/unit';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '@/session/units';
import { closing } from '@/data/stages/closing';
import type { StageWork } from '@/data/stages/useStage';
import type { Read } from '@/forms/fields';
import { FigureFields } from '@/forms/FigureFields';
import { massKg } from '@/forms/si';
import { useFigures } from '@/forms/useFigures';
import { arrange } from '@/ui/arrange';
import { Choice, KeepKey } from '@/ui/Buttons';
import { Heading, Words } from '@/ui/Words';
import type { IsolationWork } from './useIsolation';
import { WORDS } from './words';

const FIGURES = {
  reason: { label: 'why another way than advised', kind: 'words', optional: true },
  takeOut: { label: 'to take out', kind: 'mass', hint: 'as 6.2 kg', optional: true },
} as const;

/** As it is typed: what a way takes out, empty where that cannot be told. */
const takenOutText = (kg: number | null, units: UnitPreferences) => ({ takeOut: kg === null ? '' : writeMass(kg, units) });

/** Which way is taken; another than the advised one with its reason. */
export function KeepIsolation({ isolation, work, onKept }: { isolation: IsolationWork; work: StageWork; onKept: () => void }) {
  const units = useUnits();
  const { answer, takeOutKg } = isolation;
  const [method, setMethod] = useState<IsolationMethod>(answer?.method ?? 'recover-all');
  const figures = useFigures(
    work.keptAs(`isolation.${isolation.work.join('+')}`),
    FIGURES,
    takenOutText(takeOutKg(answer?.method ?? 'recover-all'), units),
  );
  function choose(next: IsolationMethod) {
    setMethod(next);
    figures.setAll(takenOutText(takeOutKg(next), units));
  }
  if (!answer) return <Words>{WORDS.tapThePart}</Words>;
  const differs = method !== answer.method;
  const keep = ({ reason, takeOut }: Read<typeof FIGURES>) =>
    closing(onKept)(isolation.keepWay(work, { method, reason, takeOutKg: takeOut && massKg(takeOut) }));
  return (
    <View style={arrange.stack12}>
      <Heading size={20}>{WORDS.howItIsIsolated}</Heading>
      <Choice
        label={WORDS.way}
        value={method}
        onChange={choose}
        options={ISOLATION_METHODS.map((value) => ({ value, label: ISOLATION_METHOD_WORDS[value] }))}
      />
      {differs ? <FigureFields figures={figures} of={['reason']} /> : null}
      <FigureFields figures={figures} of={['takeOut']} />
      <KeepKey
        label={WORDS.keepWay}
        busy={work.busy}
        disabled={differs && figures.textOf('reason').trim() === ''}
        onPress={() => void figures.submit(keep)}
      />
    </View>
  );
}
