import { TORCH_POINT_WORDS } from '@kesto/contract/wording';
import { outOfService, type TorchPoint } from '@kesto/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { closing } from '@/data/stages/closing';
import { NoteForm } from '@/features/stage';
import type { StageWork } from '@/data/stages/useStage';
import { FrameKey } from '@/ui/Buttons';
import { FlagLine } from '@/ui/Flag';

/** What was put out of service for the flame: an open point until somebody puts it back. */
export function OutOfService({ work }: { work: StageWork }) {
  const [back, setBack] = useState<TorchPoint | null>(null);
  return (
    <View style={styles.all}>
      {outOfService(work.facts).map(({ values: { point, note } }) => (
        <View key={point} style={styles.one}>
          <FlagLine
            letter="o"
            text={`Out of service: ${TORCH_POINT_WORDS[point].name}${note ? ` (${note})` : ''}. Back at the end of the watch.`}
          />
          {!work.mayMake ? null : back === point ? (
            <NoteForm
              keptAs={work.keptAs(`back-in-service.${point}`)}
              title="Back in service"
              fields={{ by: 'who put it back' }}
              label="It is back"
              busy={work.busy}
              onKeep={({ by = '' }) => closing(() => setBack(null))(work.note('back-in-service', { point, by }))}
            />
          ) : (
            <FrameKey
              label="Put it back in service"
              says={`back in service: ${TORCH_POINT_WORDS[point].name}`}
              onPress={() => setBack(point)}
            />
          )}
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({ all: { gap: 10 }, one: { gap: 8, alignItems: 'flex-start' } });
