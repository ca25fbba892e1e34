import { HOT_WORK_ANSWER_WORDS } from '@kesto/contract/wording';
import {
  HOT_WORK_ANSWERS,
  LEAST_OXYGEN_PERCENT,
  MOST_AMMONIA_PPM,
  MOST_CO2_PERCENT,
  MOST_OXYGEN_PERCENT,
  POINT_ROWS,
  airMeters,
  type AirMeter,
  type HotWorkAnswer,
} from '@kesto/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { PhotoStrip, usePhotos } from '@/features/photos';
import { closing } from '@/data/stages/closing';
import { NoteForm } from '@/features/stage';
import { CheckRow } from '@/ui/CheckRow';
import { Choice } from '@/ui/Buttons';
import type { FieldSpec, Read } from '@/forms/fields';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import type { PointFormProps } from './pointFormProps';
import { useMe } from '@/session/useMe';
import { titleOf } from './titleOf';
import { USUAL } from './words';
import { WORDS } from './words';

const AIR = {
  oxygenPercent: {
    label: 'oxygen read, %',
    kind: 'number',
    hint: `indoors: ${LEAST_OXYGEN_PERCENT} to ${MOST_OXYGEN_PERCENT}`,
    optional: true,
  },
  co2Percent: { label: 'carbon dioxide read, %', kind: 'number', hint: `not above ${MOST_CO2_PERCENT}; 4 kills`, optional: true },
  ammoniaPpm: { label: 'ammonia read, ppm', kind: 'number', hint: `not above ${MOST_AMMONIA_PPM}`, optional: true },
} as const satisfies Readonly<Record<AirMeter, FieldSpec>>;

const readOf = ({ oxygenPercent, co2Percent, ammoniaPpm }: Read<typeof AIR>) => ({
  ...(oxygenPercent ? { oxygenPercent: oxygenPercent.value } : {}),
  ...(co2Percent ? { co2Percent: co2Percent.value } : {}),
  ...(ammoniaPpm ? { ammoniaPpm: ammoniaPpm.value } : {}),
});

/** A point that is answered by doing it, or by there being none of it here. */
export function HotWork({ point, job, work, onKept }: PointFormProps) {
  const me = useMe();
  const [answer, setAnswer] = useState<HotWorkAnswer>('done');
  const [isOut, setOut] = useState(false);
  const figures = useFigures(work.keptAs(`${point}.air`), AIR);
  const photos = usePhotos();
  const shas = photos.photos.map((photo) => photo.sha256);
  const goesOut = POINT_ROWS[point].goesOut && answer === 'done';
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
        usual={point === 'watch' && me ? USUAL.watch(me.person.name) : []}
        label={answer === 'none-here' ? WORDS.thereIsNoneHere : WORDS.itIsDone}
        busy={work.busy}
        onKeep={({ note = '' }) => closing(onKept)(keep(note))}
      >
        {POINT_ROWS[point].mayBeNone ? (
          <Choice
            label={WORDS.answer}
            value={answer}
            onChange={setAnswer}
            options={HOT_WORK_ANSWERS.map((value) => ({ value, label: HOT_WORK_ANSWER_WORDS[value] }))}
          />
        ) : null}
        {goesOut ? <CheckRow label={WORDS.outOfServiceUntil} checked={isOut} onChange={setOut} /> : null}
        {point === 'oxygen' ? <FigureFields figures={figures} of={airMeters(job.circuit.refrigerant)} /> : null}
        <PhotoStrip photos={photos} />
      </NoteForm>
    </View>
  );
}

const styles = StyleSheet.create({ form: { gap: 10 } });
