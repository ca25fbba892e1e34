import { ENTRY_WORDS } from '@kesto/contract/wording';
import { entryClockText } from '@kesto/contract/wording/clock';
import { readContent, type EntryContent, type RecordEntry } from '@kesto/core';
import { format } from 'date-fns/format';
import { View } from 'react-native';
import { useTokens } from '@/ui/theme';
import { Mono, Words } from '@/ui/Words';
import { sentenceOf } from './made';

const when = (iso: string) => format(new Date(iso), 'd MMM HH:mm');

/** The device's word for when it was done, and the server's where it came later than it takes to send it. */
function times({ deviceTime, serverTime }: EntryContent): string {
  const apartMs = Math.abs(Date.parse(serverTime) - Date.parse(deviceTime));
  if (apartMs < 60_000) return when(deviceTime);
  const sameDay = deviceTime.slice(0, 10) === serverTime.slice(0, 10);
  return `${when(deviceTime)}, server ${sameDay ? format(new Date(serverTime), 'HH:mm') : when(serverTime)}`;
}

const clockOf = (content: EntryContent) => {
  const text = entryClockText(content);
  return text ? ` (${text})` : '';
};

/** Entries as links of a chain; a correction points back to what it corrects. */
export function Chain({ entries, brokenAt }: { entries: readonly RecordEntry[]; brokenAt: number | null }) {
  const t = useTokens();
  return (
    <View role="list" aria-label="entries">
      {entries.map(({ content: sealed, hash }, i) => {
        const content = readContent(sealed);
        const broken = brokenAt !== null && i + 1 >= brokenAt;
        const corrected = content.corrects ? entries.findIndex((e) => e.content.id === content.corrects?.entry) + 1 : 0;
        const color = broken ? t.red : content.corrects ? t.amber : t.copper;
        return (
          <View key={hash} role="listitem" style={{ flexDirection: 'row', gap: 12 }}>
            <View style={{ alignItems: 'center', width: 36 }}>
              <View
                style={{
                  width: 34,
                  height: 34,
                  borderRadius: 17,
                  borderWidth: 2,
                  borderStyle: content.corrects ? 'dashed' : 'solid',
                  borderColor: color,
                  backgroundColor: content.corrects || broken ? 'transparent' : t.copper,
                  alignItems: 'center',
                  justifyContent: 'center',
                }}
              >
                <Mono size={15} tone={broken ? 'red' : content.corrects ? 'amber' : 'onCopper'}>
                  {i + 1}
                </Mono>
              </View>
              {i < entries.length - 1 ? (
                <View style={{ flex: 1, width: 10, borderLeftWidth: 2, borderRightWidth: 2, borderColor: color, minHeight: 18 }} />
              ) : null}
            </View>
            <View style={{ flex: 1, paddingBottom: 12 }}>
              <View style={{ flexDirection: 'row', gap: 8, flexWrap: 'wrap', alignItems: 'baseline' }}>
                <Words bold size={15}>
                  {content.corrects ? `corrects ${corrected}` : ENTRY_WORDS[content.kind]}
                </Words>
                <Words size={14} tone="ink2">
                  {content.person.name}, {times(content)}
                  {clockOf(content)}
                  {content.photos.length > 0 ? `, ${content.photos.length} photo` : ''}
                </Words>
                <Mono size={14} bold={false} tone="ink2">
                  {hash.slice(0, 4)}
                </Mono>
              </View>
              <Words size={15}>{sentenceOf(content)}</Words>
            </View>
          </View>
        );
      })}
    </View>
  );
}
