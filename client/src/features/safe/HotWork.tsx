import { HOT_WORK_ANSWER_WORDS } from '@kesto/contract/wording';
import {
  HOT_WORK_ANSWERS,
  LEAST_OXYGEN_PERCENT,
  MOST_AMMONIA_PPM,
  MOST_CO2_PERCENT,
  MOST_OXYGEN_PERCENT,
  POINT_ROWS,
  type HotWorkAnswer,
  type TorchPoint,
} from '@kesto/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { PhotoStrip } from '@/features/record/PhotoStrip';
import { usePhotos } from '@/features/record/usePhotos';
import { closing } from '@/features/stage/closing';
import { NoteForm } from '@/features/stage/NoteForm';
import { CheckRow } from '@/ui/CheckRow';
import { Choice } from '@/ui/Buttons';
import type { Read } from '@/ui/form/fields';
import { FigureFields } from '@/ui/form/FigureFields';
import { useFigures } from '@/ui/form/useFigures';
import type { PointFormProps } from './pointFormProps';
import { titleOf } from './titleOf';

const AIR = {
  oxygen: { label: 'oxygen read, %', kind: 'number', hint: `indoors: ${LEAST_OXYGEN_PERCENT} to ${MOST_OXYGEN_PERCENT}`, optional: true },
  co2: { label: 'carbon dioxide read, %', kind: 'number', hint: `not above ${MOST_CO2_PERCENT}; 4 kills`, optional: true },
  ammonia: { label: 'ammonia read, ppm', kind: 'number', hint: `not above ${MOST_AMMONIA_PPM}`, optional: true },
} as const;

/** What the air is read by beside oxygen: the refrigerant's own meter, where it has one. */
const AIR_OF: Readonly<Record<string, readonly (keyof typeof AIR)[]>> = { 'R-744': ['oxygen', 'co2'], 'R-717': ['oxygen', 'ammonia'] };

const readOf = ({ oxygen, co2, ammonia }: Read<typeof AIR>) => ({
  ...(oxygen ? { oxygenPercent: oxygen.value } : {}),
  ...(co2 ? { co2Percent: co2.value } : {}),
  ...(ammonia ? { ammoniaPpm: ammonia.value } : {}),
});

/** Put out of service by who may: an open point until it is back. */
const GOES_OUT: readonly TorchPoint[] = ['sprinklers', 'detectors'];

/** A point that is answered by doing it, or by there being none of it here. */
export function HotWork({ point, job, work, onKept }: PointFormProps) {
  const [answer, setAnswer] = useState<HotWorkAnswer>('done');
  const [isOut, setOut] = useState(false);
  const figures = useFigures(work.keptAs(`${point}.air`), AIR);
  const photos = usePhotos();
  const shas = photos.photos.map((photo) => photo.sha256);
  const goesOut = GOES_OUT.includes(point) && answer === 'done';
  const keep = (note: string) =>
    figures.submit((read) => {
      const values = { point, answer, ...(note === '' ? {} : { note }), ...(goesOut && isOut ? { outOfService: true } : {}) };
      return work.note('hot-work', { ...values, ...(point === 'oxygen' ? readOf(read) : {}) }, shas);
    });
  return (
    <View style={styles.form}>
      <NoteForm
        keptAs={work.keptAs(point)}
        {...titleOf(point)}
        fields={{ note: point === 'watch' ? 'who, and for how many minutes' : 'how' }}
        optional={point === 'watch' ? [] : ['note']}
        main
        label={answer === 'none-here' ? 'There is none here' : 'It is done'}
        busy={work.busy}
        onKeep={({ note = '' }) => closing(onKept)(keep(note))}
      >
        {POINT_ROWS[point].mayBeNone ? (
          <Choice
            label="answer"
            value={answer}
            onChange={setAnswer}
            options={HOT_WORK_ANSWERS.map((value) => ({ value, label: HOT_WORK_ANSWER_WORDS[value] }))}
          />
        ) : null}
        {goesOut ? <CheckRow label="Out of service until it is put back" checked={isOut} onChange={setOut} /> : null}
        {point === 'oxygen' ? <FigureFields figures={figures} of={AIR_OF[job.circuit.refrigerant] ?? ['oxygen']} /> : null}
        <PhotoStrip photos={photos} />
      </NoteForm>
    </View>
  );
}

const styles = StyleSheet.create({ form: { gap: 10 } });
