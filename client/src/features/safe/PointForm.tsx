import { PICTURE_WORDS, TORCH_POINT_WORDS } from '@kesto/contract/wording';
import { PICTURES_OF, type PictureOf } from '@kesto/core';
import { useState } from 'react';
import { PhotoStrip, usePhotos } from '@/features/photos';
import { closing } from '@/data/stages/closing';
import { NoteForm } from '@/features/stage';
import { Choice } from '@/ui/Buttons';
import { HeldBack } from './HeldBack';
import { HotWork } from './HotWork';
import { LockedOff } from './LockedOff';
import type { PointFormProps } from './pointFormProps';
import { RecoveredForm } from './RecoveredForm';
import { USUAL } from './words';
import { ZeroAndOpen } from './ZeroAndOpen';
import { WORDS } from './words';

/** What answers a point, each in its own words. */
export function PointForm(props: PointFormProps) {
  const { point, job, work, onKept } = props;
  const { name, asks } = TORCH_POINT_WORDS[point];
  const title = name.replace(/^./, (c) => c.toUpperCase());
  const then = closing(onKept);
  const common = { keptAs: work.keptAs(point), title, says: asks, busy: work.busy, main: true };
  switch (point) {
    case 'power-off':
      return <LockedOff {...props} />;
    case 'told':
      return (
        <NoteForm
          {...common}
          fields={{ who: 'who, and for how long' }}
          usual={USUAL.told}
          label={WORDS.theyAreTold}
          onKeep={({ who = '' }) => then(work.note('told', { who }))}
        />
      );
    case 'covered':
      return (
        <NoteForm
          {...common}
          fields={{ what: 'what is covered, and how' }}
          usual={USUAL.covered}
          label={WORDS.itIsCovered}
          onKeep={({ what = '' }) => then(work.note('covered', { what }))}
        />
      );
    case 'zero-and-open':
      return <ZeroAndOpen {...props} />;
    case 'held-back':
      return <HeldBack {...props} />;
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
      title={WORDS.picturesBeforeItComes}
      says={WORDS.soThatItGoes}
      fields={{ note: 'what they show' }}
      optional={['note']}
      main
      label={WORDS.keepThePictures}
      busy={work.busy}
      onKeep={({ note = '' }) => closing(onKept)(work.note('before-picture', { of, ...(note === '' ? {} : { note }) }, shas))}
    >
      <Choice
        label={WORDS.ofWhat}
        value={of}
        onChange={setOf}
        options={PICTURES_OF.map((value) => ({ value, label: PICTURE_WORDS[value] }))}
      />
      <PhotoStrip photos={photos} />
    </NoteForm>
  );
}
