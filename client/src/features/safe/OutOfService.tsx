import { TORCH_POINT_WORDS } from '@kesto/contract/wording';
import { outOfService, type TorchPoint } from '@kesto/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { closing } from '@/data/stages/closing';
import { NoteForm } from '@/features/stage';
import type { StageWork } from '@/data/stages/useStage';
import { FrameKey } from '@/ui/Buttons';
import { FlagLine } from '@/ui/Flag';
import { WORDS } from './words';

/** What was put out of service for the flame: an open point until somebody puts it back. */
export function OutOfService({ work }: { work: StageWork }) {
  const [back, setBack] = useState<TorchPoint | null>(null);
  return (
    <View style={styles.all}>
      {outOfService(work.facts).map(({ values: { point, note } }) => (
        <View key={point} style={styles.one}>
          <FlagLine letter="o" text={WORDS.outUntilTheWatch(`${TORCH_POINT_WORDS[point].name}${note ? ` (${note})` : ''}`)} />
          {!work.mayMake ? null : back === point ? (
            <NoteForm
              keptAs={work.keptAs(`back-in-service.${point}`)}
              title={WORDS.backInService}
              fields={{ by: 'who put it back' }}
              label={WORDS.itIsBack}
              busy={work.busy}
              onKeep={({ by = '' }) => closing(() => setBack(null))(work.note('back-in-service', { point, by }))}
            />
          ) : (
            <FrameKey
              label={WORDS.putItBackIn}
              says={WORDS.backInServiceOf(TORCH_POINT_WORDS[point].name)}
              onPress={() => setBack(point)}
            />
          )}
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({ all: { gap: 10 }, one: { gap: 8, alignItems: 'flex-start' } });
