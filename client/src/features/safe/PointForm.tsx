import { HOT_WORK_ANSWER_WORDS, PICTURE_WORDS, TORCH_POINT_WORDS } from '@kesto/contract/wording';
import {
  HOT_WORK_ANSWERS,
  LEAST_OXYGEN_PERCENT,
  MOST_OXYGEN_PERCENT,
  PICTURES_OF,
  POINT_ROWS,
  type HotWorkAnswer,
  type PictureOf,
  type TorchPoint,
} from '@kesto/core';
import type { JobView } from '@kesto/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { PhotoStrip } from '@/features/record/PhotoStrip';
import { usePhotos } from '@/features/record/usePhotos';
import { closing } from '@/features/stage/closing';
import { NoteForm } from '@/features/stage/NoteForm';
import type { StageWork } from '@/features/stage/useStage';
import { FigureFields } from '@/ui/form/FigureFields';
import { useFigures } from '@/ui/form/useFigures';
import { Choice } from '@/ui/Buttons';
import { RecoveredForm } from './RecoveredForm';

interface PointFormProps {
  readonly point: TorchPoint;
  readonly job: JobView;
  readonly work: StageWork;
  readonly onKept: () => void;
}

/** What answers a point, each in its own words. */
export function PointForm(props: PointFormProps) {
  const { point, job, work, onKept } = props;
  const { name, asks } = TORCH_POINT_WORDS[point];
  const title = name.replace(/^./, (c) => c.toUpperCase());
  const then = closing(onKept);
  const common = { keptAs: work.keptAs(point), title, says: asks, busy: work.busy, main: true };
  switch (point) {
    case 'power-off':
      return (
        <NoteForm
          {...common}
          fields={{ keyHolder: 'who holds the key' }}
          label="It is locked off"
          onKeep={({ keyHolder = '' }) => then(work.note('locked-off', { keyHolder }))}
        />
      );
    case 'told':
      return (
        <NoteForm
          {...common}
          fields={{ who: 'who, and for how long' }}
          label="They are told"
          onKeep={({ who = '' }) => then(work.note('told', { who }))}
        />
      );
    case 'covered':
      return (
        <NoteForm
          {...common}
          fields={{ what: 'what is covered, and how' }}
          label="It is covered"
          onKeep={({ what = '' }) => then(work.note('covered', { what }))}
        />
      );
    case 'zero-and-open':
      return (
        <NoteForm
          {...common}
          fields={{ note: 'through what it is open' }}
          label="Zero on both, and open"
          onKeep={({ note = '' }) => then(work.note('zero-and-open', { note }))}
        />
      );
    case 'refrigerant-out':
      return <RecoveredForm job={job} work={work} onKept={onKept} />;
    case 'before-pictures':
      return <Pictures {...props} />;
    default:
      return <HotWork {...props} />;
  }
}

function Pictures({ work, onKept }: PointFormProps) {
  const [of, setOf] = useState<PictureOf>('wiring');
  const photos = usePhotos();
  const shas = photos.photos.map((photo) => photo.sha256);
  return (
    <NoteForm
      keptAs={work.keptAs('before-picture')}
      title="Pictures before it comes apart"
      says="So that it goes together as it was."
      fields={{ note: 'what they show' }}
      optional={['note']}
      main
      label="Keep the pictures"
      busy={work.busy}
      onKeep={({ note = '' }) => closing(onKept)(work.note('before-picture', { of, ...(note === '' ? {} : { note }) }, shas))}
    >
      <Choice label="of what" value={of} onChange={setOf} options={PICTURES_OF.map((value) => ({ value, label: PICTURE_WORDS[value] }))} />
      <PhotoStrip photos={photos} />
    </NoteForm>
  );
}

const OXYGEN = {
  oxygen: { label: 'oxygen read, %', kind: 'number', hint: `indoors: ${LEAST_OXYGEN_PERCENT} to ${MOST_OXYGEN_PERCENT}`, optional: true },
} as const;

function HotWork({ point, work, onKept }: PointFormProps) {
  const { name, asks } = TORCH_POINT_WORDS[point];
  const [answer, setAnswer] = useState<HotWorkAnswer>('done');
  const figures = useFigures(work.keptAs(`${point}.oxygen`), OXYGEN);
  const photos = usePhotos();
  const shas = photos.photos.map((photo) => photo.sha256);
  const keep = (note: string) =>
    figures.submit(({ oxygen }) => {
      const read = point === 'oxygen' && oxygen ? { oxygenPercent: oxygen.value } : {};
      return work.note('hot-work', { point, answer, ...(note === '' ? {} : { note }), ...read }, shas);
    });
  return (
    <View style={{ gap: 10 }}>
      <NoteForm
        keptAs={work.keptAs(point)}
        title={name.replace(/^./, (c) => c.toUpperCase())}
        says={asks}
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
        {point === 'oxygen' ? <FigureFields figures={figures} /> : null}
        <PhotoStrip photos={photos} />
      </NoteForm>
    </View>
  );
}
