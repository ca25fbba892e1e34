import type { PersonView, Role } from '@kesto/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import type { Read } from '@/forms/fields';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { Failed } from '@/ui/states';
import { Heading, Mono, Words } from '@/ui/Words';
import { joinAddress, readableCode } from '@/data/people/code';
import { QrCode } from './QrCode';
import { ShareAddress } from './ShareAddress';
import { RoleChoice } from './RoleChoice';
import { useInvite } from './useInvite';
import { WORDS } from './words';

const QR_PX = 232;

const NAME = { name: { label: 'name', kind: 'name', testID: 'invite-name' } } as const;

/** Asks somebody in, or gives a person who is here the way to a new password: by a code that is shown this once. */
export function InviteForm({ by, person, onDone }: { by: Role; person: PersonView | null; onDone: () => void }) {
  const invite = useInvite();
  const figures = useFigures(`person.${person?.id ?? 'new'}`, NAME, { name: person?.name ?? '' });
  const [asked, setAsked] = useState('');
  const [role, setRole] = useState<Role>(person?.role ?? 'technician');
  const ask = ({ name }: Read<typeof NAME>) => {
    setAsked(name);
    return invite.ask({ name, role, ...(person ? { person: person.id } : {}) });
  };
  if (invite.code)
    return (
      <View style={styles.form}>
        <Heading size={20}>{person ? `A new password for ${person.name}` : `${asked} comes in by this code`}</Heading>
        <QrCode text={joinAddress(invite.code)} size={QR_PX} />
        <Mono size={28} testID="one-time-code">
          {readableCode(invite.code)}
        </Mono>
        <Words size={15} selectable>
          {joinAddress(invite.code)}
        </Words>
        <ShareAddress address={joinAddress(invite.code)} name={asked} />
        <Words size={15}>{WORDS.scanItWithThePhone}</Words>
        <Words size={14} tone="ink2">
          {WORDS.goodOnce}
        </Words>
        <FrameKey label={WORDS.done} onPress={onDone} />
      </View>
    );
  return (
    <View style={arrange.stack12}>
      <Heading size={20}>{person ? `A new password for ${person.name}` : 'Ask somebody in'}</Heading>
      {invite.problem ? <Failed message={invite.problem} /> : null}
      {person ? (
        <Words size={15}>{WORDS.byAOneTimeCode(person.name)}</Words>
      ) : (
        <>
          <FigureFields figures={figures} />
          <RoleChoice value={role} by={by} onChange={setRole} />
        </>
      )}
      <FrameKey
        label={invite.busy ? WORDS.makingTheCode : WORDS.makeTheCode}
        disabled={invite.busy || figures.textOf('name').trim() === ''}
        onPress={() => void figures.submit(ask)}
      />
      <FrameKey label={WORDS.leaveIt} onPress={onDone} />
    </View>
  );
}

const styles = StyleSheet.create({
  form: { gap: 12, alignItems: 'flex-start' },
});
