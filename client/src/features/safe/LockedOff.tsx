import { useState } from 'react';
import { closing } from '@/data/stages/closing';
import { NoteForm } from '@/features/stage';
import { CheckRow } from '@/ui/CheckRow';
import type { PointFormProps } from './pointFormProps';
import { useMe } from '@/session/useMe';
import { titleOf } from './titleOf';
import { USUAL } from './words';
import { WORDS } from './words';

/** A lock counts once somebody tried to start the machine and nothing happened. */
export function LockedOff({ point, work, onKept }: PointFormProps) {
  const me = useMe();
  const [dead, setDead] = useState(false);
  return (
    <NoteForm
      keptAs={work.keptAs(point)}
      {...titleOf(point)}
      busy={work.busy}
      main
      fields={{ keyHolder: 'who holds the key' }}
      usual={dead && me ? [USUAL.key(me.person.name)] : []}
      label={dead ? WORDS.itIsLockedOff : WORDS.itIsLockedOffNot}
      onKeep={({ keyHolder = '' }) => closing(onKept)(work.note('locked-off', { keyHolder, dead }))}
    >
      <CheckRow label={WORDS.triedToStartIt} checked={dead} onChange={setDead} />
    </NoteForm>
  );
}
