import { StyleSheet, View } from 'react-native';
import { PhotoStrip, usePhotos } from '@/features/photos';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import type { StageWork } from '@/data/stages/useStage';
import { KeepKey } from '@/ui/Buttons';
import { Heading } from '@/ui/Words';
import { WORDS } from '../words';

const FIGURES = {
  pressure: { label: 'gauge', kind: 'pressure' },
  temperature: { label: 'pipe', kind: 'temperature', hint: 'in the shade' },
  inSun: { label: 'pipe in the sun', kind: 'temperature', hint: 'where some of it stands there', optional: true },
} as const;

/** Gauge and pipe, read together. */
export function ReadForm({ hold, work, onKept }: { hold: string; work: StageWork; onKept: () => void }) {
  const figures = useFigures(work.keptAs(`read.${hold}`), FIGURES);
  const photos = usePhotos();
  const keep = () =>
    figures.submit(async ({ pressure, temperature, inSun }) => {
      const values = { hold, pressure, temperature, ...(inSun ? { inSun } : {}) };
      const isSafe = await work.note(
        'hold-read',
        values,
        photos.photos.map(({ sha256 }) => sha256),
      );
      if (isSafe) onKept();
      return isSafe;
    });
  return (
    <View style={styles.form}>
      <Heading size={20}>{WORDS.noteAt}</Heading>
      <FigureFields figures={figures} />
      <PhotoStrip photos={photos} />
      <KeepKey label={WORDS.keepReading} busy={work.busy} onPress={() => void keep()} />
    </View>
  );
}

const styles = StyleSheet.create({ form: { gap: 10 } });
