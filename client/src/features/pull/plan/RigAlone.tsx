import { workOutRigAlone } from '@kesto/core';
import { StyleSheet, View } from 'react-native';
import type { StageWork } from '@/data/stages/useStage';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { KeepKey } from '@/ui/Buttons';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from '../words';

const FIGURES = {
  reached: { label: 'down to, in 5 min', kind: 'vacuum' },
  rise: { label: 'rose by, in 5 min', kind: 'vacuum' },
} as const;

/** Pump and hoses, blanked at the unit's end: believed later only where they hold by themselves. */
export function RigAlone({ work, onKept }: { work: StageWork; onKept: () => void }) {
  const figures = useFigures(work.keptAs('rig'), FIGURES);
  const keep = () =>
    figures.submit(async ({ reached, rise }) => {
      const made = workOutRigAlone({ reached, rise });
      if (!made.ok) {
        figures.complain('reached', WORDS.rigSays);
        return false;
      }
      const isSafe = await work.note('rig-alone', { reached, rise, ...made.value });
      if (isSafe) onKept();
      return isSafe;
    });
  return (
    <View style={styles.form}>
      <Heading size={20}>{WORDS.rigTitle}</Heading>
      <Words size={15} tone="ink2">
        {WORDS.rigSays}
      </Words>
      <FigureFields figures={figures} />
      <KeepKey label={WORDS.rigKeep} busy={work.busy} onPress={() => void keep()} />
    </View>
  );
}

const styles = StyleSheet.create({ form: { gap: 10 } });
