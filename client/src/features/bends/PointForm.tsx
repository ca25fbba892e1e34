import { ACID_RESULT_WORDS, BEND_POINT_WORDS, misfitText } from '@kesto/contract/wording';
import { ACID_RESULTS, tellsWell, type AcidResult, type Bend } from '@kesto/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { PhotoStrip, usePhotos } from '@/features/photos';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { Choice, KeepKey } from '@/ui/Buttons';
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
  gauge: { label: WORDS.reads, kind: 'pressure', optional: true },
  drop: { label: WORDS.drop, kind: 'drop', optional: true },
  note: { label: WORDS.note, kind: 'words', optional: true },
} as const;

/** Which figure a point asks for; null where a tap or a word is all. */
const figureOf = ({ reads }: PointFormProps['row']): 'gauge' | 'drop' | null => (reads === 'acid-test' ? null : reads);

export function PointForm({ bends, bend, row, onKept }: PointFormProps) {
  const { name, asks } = BEND_POINT_WORDS[row.point];
  const figures = useFigures(bends.work.keptAs(`bend.${bend}.${row.point}`), FIELDS);
  const photos = usePhotos();
  const [result, setResult] = useState<AcidResult>(row.said?.values.result ?? 'clean');
  const figure = figureOf(row);
  const keep = () =>
    figures.submit(async ({ gauge, drop, note }) => {
      const reads = gauge ?? drop;
      const said = {
        answer: 'done' as const,
        ...(reads ? { reads } : {}),
        ...(row.reads === 'acid-test' ? { result } : {}),
        ...(note ? { note } : {}),
      };
      const misfit = tellsWell('bend-point', { bend, point: row.point, ...said });
      if (misfit) {
        figures.complain(figure ?? 'note', misfitText(misfit));
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
      {row.reads === 'acid-test' ? (
        <Choice
          label={WORDS.result}
          value={result}
          options={ACID_RESULTS.map((value) => ({ value, label: ACID_RESULT_WORDS[value] }))}
          onChange={setResult}
        />
      ) : null}
      <FigureFields figures={figures} of={figure ? [figure, 'note'] : ['note']} />
      <PhotoStrip photos={photos} />
      <KeepKey label={WORDS.keep} busy={bends.work.busy} onPress={() => void keep()} />
    </View>
  );
}

const styles = StyleSheet.create({ form: { gap: 10 } });
