import { ADMINS, CONFIRM_EVERY_DAYS, LEADS, type InviteView, type People, type PersonView } from '@kesto/contract';
import { addDays } from 'date-fns/addDays';
import { format } from 'date-fns/format';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { errorText } from '@/api/api';
import { Fetched } from '@/api/Fetched';
import { useMe } from '@/session/useMe';
import { arrange } from '@/ui/arrange';
import { Opens } from '@/ui/Opens';
import { FrameKey } from '@/ui/Buttons';
import { Sheet } from '@/ui/Sheet';
import { Failed } from '@/ui/states';
import { useIsWide, useTokens } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { useDropInviteMutation, usePeople } from '@/data/people/api';
import { ApprovalLine } from './ApprovalLine';
import { InviteForm } from './InviteForm';
import { PersonEditor } from './PersonEditor';
import { WORDS } from './words';

/** The shop's people: who may do what, until when; who is asked in; who left. */
export function PeopleScreen() {
  return (
    <Fetched<People> query={usePeople()} what={WORDS.theShopsPeople}>
      {(people) => <Ready all={people} />}
    </Fetched>
  );
}

const peopleWords = (people: number, asked: number) =>
  `${people} ${people === 1 ? 'person' : 'people'}${asked > 0 ? `, ${asked} asked in` : ''}`;

type Open = { readonly what: 'invite' } | { readonly what: 'edit' | 'reset'; readonly id: string } | null;

function Ready({ all }: { all: People }) {
  const wide = useIsWide();
  const me = useMe();
  const router = useRouter();
  const [open, setOpen] = useState<Open>(null);
  const role = me?.person.role ?? 'technician';
  const mayChange = LEADS.includes(role);
  const here = all.people.filter((person) => !person.left);
  const left = all.people.filter((person) => person.left);
  const panelFor = (id: string | null) => <Panel key={JSON.stringify(open)} open={open} all={all} role={role} setOpen={setOpen} of={id} />;
  const row = (person: PersonView) => (
    <View key={person.id}>
      <PersonRow
        person={person}
        onPress={mayChange ? () => setOpen(open?.what === 'edit' && open.id === person.id ? null : { what: 'edit', id: person.id }) : null}
      />
      {wide ? null : panelFor(person.id)}
    </View>
  );
  return (
    <Sheet
      tag="shop"
      title={me?.shop.name ?? ''}
      subtitle={peopleWords(here.length, all.invites.length)}
      up={{ label: WORDS.you, href: '/me' }}
      cells={{ here: 'person' }}
      action={mayChange ? { label: WORDS.askSomebodyIn, onPress: () => setOpen({ what: 'invite' }) } : undefined}
      overOpen={!wide && open?.what === 'invite'}
      over={panelFor(null)}
      aside={wide && open ? panelFor(open.what === 'invite' ? null : open.id) : undefined}
    >
      <View style={styles.page}>
        {here.map(row)}
        {all.invites.length > 0 ? <Heading size={17}>{WORDS.askedIn}</Heading> : null}
        {all.invites.map((invite) => (
          <InviteRow key={invite.id} invite={invite} mayDrop={mayChange} />
        ))}
        {left.length > 0 ? <Heading size={17}>{WORDS.leftTheShop}</Heading> : null}
        {left.map(row)}
        {ADMINS.includes(role) ? <FrameKey label={WORDS.whoDidWhat} onPress={() => router.push('/audit')} /> : null}
      </View>
    </Sheet>
  );
}

interface PanelProps {
  readonly open: Open;
  readonly all: People;
  readonly role: PersonView['role'];
  readonly setOpen: (open: Open) => void;
  /** The person it stands at; null for the form that asks somebody in. */
  readonly of: string | null;
}

function Panel({ open, all, role, setOpen, of }: PanelProps) {
  if (open?.what === 'invite') return of === null ? <InviteForm by={role} person={null} onDone={() => setOpen(null)} /> : null;
  const person = all.people.find(({ id }) => id === of);
  if (!person || open?.id !== of) return null;
  if (open.what === 'reset') return <InviteForm by={role} person={person} onDone={() => setOpen(null)} />;
  return <PersonEditor person={person} by={role} onDone={() => setOpen(null)} onReset={() => setOpen({ what: 'reset', id: person.id })} />;
}

const confirmedWords = (at: string | null) =>
  at === null ? 'approvals never confirmed' : `confirm again by ${format(addDays(new Date(at), CONFIRM_EVERY_DAYS), 'd MMM yyyy')}`;

function PersonRow({ person, onPress }: { person: PersonView; onPress: (() => void) | null }) {
  const t = useTokens();
  const today = new Date();
  return (
    <Opens says={person.name} onPress={onPress}>
      <View style={{ gap: 8, paddingVertical: 12, borderBottomWidth: 1, borderColor: t.rule, opacity: person.left ? 0.75 : 1 }}>
        <View style={arrange.apart12}>
          <Words size={17} bold>
            {person.name}
          </Words>
          <Words size={15} tone="ink2">
            {person.left ? 'left' : person.role}
          </Words>
        </View>
        {person.left ? null : person.approvals.map((a) => <ApprovalLine key={a.scope} approval={a} today={today} />)}
        {person.left ? null : (
          <Words size={14} tone="ink2">
            {person.approvals.length === 0 ? 'no approval entered' : confirmedWords(person.confirmedAt)}
          </Words>
        )}
      </View>
    </Opens>
  );
}

function InviteRow({ invite, mayDrop }: { invite: InviteView; mayDrop: boolean }) {
  const t = useTokens();
  const [drop, { isLoading, error }] = useDropInviteMutation();
  return (
    <View style={{ paddingVertical: 10, borderBottomWidth: 1, borderStyle: 'dashed', borderColor: t.rule, gap: 6 }}>
      <View style={arrange.apartLevel12}>
        <View style={arrange.fill}>
          <Words bold>{invite.name}</Words>
          <Words size={15} tone="ink2">
            {WORDS.codeGoodUntil(invite.person ? 'a new password' : invite.role, format(new Date(invite.until), 'd MMM'))}
          </Words>
        </View>
        {mayDrop ? (
          <FrameKey
            label={WORDS.takeItBack}
            says={WORDS.takeBackTheCode(invite.name)}
            disabled={isLoading}
            onPress={() => void drop(invite.id)}
          />
        ) : null}
      </View>
      {error ? <Failed message={errorText(error)} /> : null}
    </View>
  );
}

const styles = StyleSheet.create({
  page: { maxWidth: 760, gap: 8 },
});
