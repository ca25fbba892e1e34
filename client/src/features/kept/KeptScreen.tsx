import type { PutEntryRequest, PutStageEntryRequest } from '@kesto/contract';
import { ENTRY_WORDS, stageEntryWord, WRITE_WORDS } from '@kesto/contract/wording';
import { format } from 'date-fns/format';
import { useState } from 'react';
import { View } from 'react-native';
import { useDispatch } from 'react-redux';
import { useMe } from '@/features/session/useMe';
import { bodyOf, sendAgain, sendKept, takeBack, useKept, useKeptHere, type Command } from '@/outbox';
import type { AppDispatch } from '@/state/store';
import { FrameKey } from '@/ui/Buttons';
import { Sheet } from '@/ui/Sheet';
import { Empty } from '@/ui/states';
import { useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { WayToServer } from './WayToServer';

/** What it is, in words: an entry by its own kind, what has a name by that. */
function whatOf(command: Command): string {
  if (command.route === 'putEntry') return `entry: ${ENTRY_WORDS[bodyOf<PutEntryRequest>(command).kind]}`;
  if (command.route === 'putStageEntry') return `of the job: ${stageEntryWord(bodyOf<PutStageEntryRequest>(command).kind)}`;
  const named = bodyOf<{ tag?: string; title?: string; name?: string } | undefined>(command);
  const name = named?.tag ?? named?.title ?? named?.name;
  return name ? `${WRITE_WORDS[command.route]}: ${name}` : WRITE_WORDS[command.route];
}

function stateOf(command: Command, own: boolean): string {
  if (command.refused) return command.refused.message;
  if (!own) return 'waits until whoever kept it signs in here';
  if (!command.stalled) return 'on its way';
  return command.stalled.message ?? 'the server does not answer; it is tried again by itself';
}

/** Everything this device has kept and the server does not have yet. */
export function KeptScreen() {
  const dispatch = useDispatch<AppDispatch>();
  const me = useMe();
  const kept = useKept();
  const here = useKeptHere();
  const others = kept.filter((command) => command.by !== me?.person.id).length;
  return (
    <Sheet
      tag="kept"
      title="Only on this device"
      subtitle={kept.length === 0 ? 'nothing: the server has it all' : 'it is sent by itself, in the order it was made'}
      up={{ label: 'today', href: '/' }}
      cells={{ here: 'kept' }}
      action={kept.length > 0 ? { label: 'Send now', onPress: () => void dispatch(sendKept()) } : undefined}
      aside={
        <View style={{ gap: 12, paddingTop: 8 }}>
          <WayToServer kept={here} />
          <Words size={15} tone="ink2">
            A tap is answered once it is safe on this device. From here it goes to the server in its order, each write once, as soon as
            there is a signal.
          </Words>
        </View>
      }
    >
      {kept.length === 0 ? (
        <Empty title="All stored" text="What you keep without a signal stands here until the server has it." />
      ) : (
        <View role="list" aria-label="kept here" style={{ maxWidth: 720 }}>
          {kept.map((command) => (
            <Row key={command.id} command={command} own={command.by === me?.person.id} />
          ))}
        </View>
      )}
      {others > 0 ? (
        <Words size={15} tone="ink2">
          {others} of these {others === 1 ? 'is' : 'are'} another person’s: never sent in your name.
        </Words>
      ) : null}
    </Sheet>
  );
}

function Row({ command, own }: { command: Command; own: boolean }) {
  const t = useTokens();
  const dispatch = useDispatch<AppDispatch>();
  const [asked, setAsked] = useState(false);
  return (
    <View role="listitem" style={{ borderBottomWidth: 1, borderColor: t.rule, paddingVertical: 12, gap: 4 }}>
      <View style={{ flexDirection: 'row', justifyContent: 'space-between', gap: 12 }}>
        <Words bold>{whatOf(command)}</Words>
        <Words size={15} tone="ink2">
          {format(new Date(command.at), 'd MMM HH:mm')}
        </Words>
      </View>
      <Words size={15} tone={command.refused ? 'red' : 'ink2'}>
        {stateOf(command, own)}
      </Words>
      {command.refused && own ? (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          <FrameKey label="Send it again" onPress={() => void dispatch(sendAgain(command.id))} />
          <FrameKey
            label={asked ? 'Yes, it is not needed' : 'Take it back'}
            onPress={() => (asked ? void dispatch(takeBack(command.id)) : setAsked(true))}
          />
        </View>
      ) : null}
    </View>
  );
}
