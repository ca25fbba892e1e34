import { CAPTIVE_WORDS } from '@kesto/contract/wording';
import { useState } from 'react';
import { View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { KeepKey } from '@/ui/Buttons';
import { CheckRow } from '@/ui/CheckRow';
import type { RunWork } from './useRun';
import { WORDS } from './words';

/** What has to be on the tube before the joint closes it: ticked where it is there. */
export function ThreadBody({ work }: { work: RunWork }) {
  const { captive } = work.runPlan;
  const [none, setNone] = useState<readonly string[]>([]);
  const toggle = (kind: string, isOn: boolean) => setNone(isOn ? none.filter((other) => other !== kind) : [...none, kind]);
  const on = captive.filter((kind) => !none.includes(kind));
  return (
    <View style={arrange.stack4}>
      {captive.map((kind) => (
        <CheckRow
          key={kind}
          label={none.includes(kind) ? WORDS.noneHere(CAPTIVE_WORDS[kind]) : CAPTIVE_WORDS[kind]}
          checked={!none.includes(kind)}
          onChange={(isOn) => toggle(kind, isOn)}
        />
      ))}
      <KeepKey label={WORDS.soItIs} busy={work.busy} onPress={() => void work.note('threaded-on', { on: [...on], none: [...none] })} />
    </View>
  );
}
