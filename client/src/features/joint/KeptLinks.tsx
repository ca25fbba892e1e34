import type { JointView, PutEntryRequest } from '@kesto/contract';
import { ENTRY_WORDS } from '@kesto/contract/wording';
import { readEntry } from '@kesto/core';
import { format } from 'date-fns/format';
import { View } from 'react-native';
import { bodyOf, goes, thing, usePending } from '@/outbox';
import { useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { WORDS } from './words';

/** Entries that only this device has: no links yet, for the server forges each onto the one before it. */
export function KeptLinks({ joint }: { joint: JointView }) {
  const t = useTokens();
  const arrived = joint.entries.map((link) => readEntry(link).id);
  const kept = usePending(thing.joint(joint.id)).filter((c) => goes('putEntry')(c) && !arrived.includes(c.params['entry'] ?? ''));
  if (kept.length === 0) return null;
  return (
    <View role="list" aria-label={WORDS.keptOnThisDevice}>
      {kept.map((command) => (
        <View key={command.id} role="listitem" style={{ borderLeftWidth: 2, borderStyle: 'dashed', borderColor: t.amber, paddingLeft: 12 }}>
          <Words bold size={15}>
            {ENTRY_WORDS[bodyOf<PutEntryRequest>(command).kind]}
          </Words>
          <Words size={14} tone="amber">
            {format(new Date(command.at), 'd MMM HH:mm')},{' '}
            {command.state.status === 'waiting' ? 'on its way' : 'kept here: the server does not answer'}
          </Words>
        </View>
      ))}
    </View>
  );
}
