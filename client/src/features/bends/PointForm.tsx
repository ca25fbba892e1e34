import { BEND_POINT_WORDS, misfitText } from '@kesto/contract/wording';
import { tellsWell, type Bend } from '@kesto/core';
import { StyleSheet, View } from 'react-native';
import { PhotoStrip, usePhotos } from '@/features/photos';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { KeepKey } from '@/ui/Buttons';
import { Heading, Words } from '@/ui/Words';
import type { BendsWork } from './useBends';
import { WORDS } from './words';

/** A point with what is said of it: a note, a photo, and the pressure that is read. */
interface PointFormProps {
  readonly bends: BendsWork;
  readonly bend: Bend;
  readonly row: BendsWork['bends'][number]['points'][number];
  readonly onKept: () => void;
}

const FIELDS = {
  reads: { label: WORDS.reads, kind: 'pressure', optional: true },
  note: { label: WORDS.note, kind: 'words', optional: true },
} as const;

export function PointForm({ bends, bend, row, onKept }: PointFormProps) {
  const { name, asks } = BEND_POINT_WORDS[row.point];
  const figures = useFigures(bends.work.keptAs(`bend.${bend}.${row.point}`), FIELDS);
  const photos = usePhotos();
  const keep = () =>
    figures.submit(async ({ reads, note }) => {
      const said = { answer: 'done' as const, ...(reads ? { reads } : {}), ...(note ? { note } : {}) };
      const misfit = tellsWell('bend-point', { bend, point: row.point, ...said });
      if (misfit) {
        figures.complain('reads', misfitText(misfit));
        return false;
      }
      const isSafe = await bends.answer(
        bend,
        row.point,
        said,
        photos.photos.map(({ sha256 }) => sha256),
      );
      if (isSafe) onKept();
      return isSafe;
    });
  return (
    <View style={styles.form}>
      <Heading size={20}>{name.replace(/^./, (letter) => letter.toUpperCase())}</Heading>
      <Words size={15} tone="ink2">
        {asks}
      </Words>
      <FigureFields figures={figures} of={row.reads ? ['reads', 'note'] : ['note']} />
      <PhotoStrip photos={photos} />
      <KeepKey label={WORDS.keep} busy={bends.work.busy} onPress={() => void keep()} />
    </View>
  );
}

const styles = StyleSheet.create({ form: { gap: 10 } });
