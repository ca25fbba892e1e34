import { ENTRY_WORDS, entryRemarks } from '@kesto/contract/wording';
import { entryClockText } from '@kesto/contract/wording/clock';
import { isLedgerLink, outOfTurn, readChain, readEntry, type JointEntry, type JointLink } from '@kesto/core';
import { format } from 'date-fns/format';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useForWhom } from '@/data/people/useForWhom';
import { useTokens } from '@/ui/theme';
import { Mono, Words } from '@/ui/Words';
import { sentenceOf } from '@kesto/contract/wording';
import { WORDS } from './words';

const when = (iso: string) => format(new Date(iso), 'd MMM HH:mm');

/** The device's word for when it was done, and the server's where it came later than it takes to send it. */
function times({ deviceTime, serverTime }: JointEntry): string {
  const apartMs = Math.abs(Date.parse(serverTime) - Date.parse(deviceTime));
  if (apartMs < 60_000) return when(deviceTime);
  const sameDay = deviceTime.slice(0, 10) === serverTime.slice(0, 10);
  return `${when(deviceTime)}, server ${sameDay ? format(new Date(serverTime), 'HH:mm') : when(serverTime)}`;
}

const clockOf = (content: JointEntry) => {
  const text = entryClockText(content);
  return text ? ` (${text})` : '';
};

/** What is to be said of each entry beside what it says. */
function remarksIn(links: readonly JointLink[], read: readonly JointEntry[]) {
  const early = new Set(outOfTurn(readChain(links)).map(({ id }) => id));
  const struck = new Map(read.filter(({ kind }) => kind === 'struck-out').map(({ corrects }) => [corrects?.entry, corrects?.why ?? '']));
  return ({ id, kind, values, erased }: JointEntry) =>
    entryRemarks({ kind, values, isOutOfTurn: early.has(id), struckOut: struck.get(id) ?? null, isErased: erased.length > 0 });
}

const isSigned = (link: JointLink | undefined) => link !== undefined && isLedgerLink(link) && link.content.signature !== null;

interface ChainProps {
  readonly entries: readonly JointLink[];
  readonly brokenAt: number | null;
  /** What can be done with an entry, below it. */
  readonly under?: (entry: JointEntry) => ReactNode;
}

/** Entries as links of a chain; a correction points back to what it corrects. */
export function Chain({ entries, brokenAt, under }: ChainProps) {
  const t = useTokens();
  const read = entries.map(readEntry);
  const forWhom = useForWhom();
  const remarksOf = remarksIn(entries, read);
  return (
    <View role="list" aria-label={WORDS.entries}>
      {read.map((content, i) => {
        const hash = entries[i]?.hash ?? '';
        const remarks = remarksOf(content);
        const broken = brokenAt !== null && i + 1 >= brokenAt;
        const corrected = content.corrects ? read.findIndex((e) => e.id === content.corrects?.entry) + 1 : 0;
        const color = broken ? t.red : content.corrects ? t.amber : t.copper;
        return (
          <View key={hash} role="listitem" style={styles.entry}>
            <View style={styles.rail}>
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
            <View style={styles.said}>
              <View style={styles.line}>
                <Words bold size={15}>
                  {content.corrects
                    ? `${content.kind === 'struck-out' ? 'strikes out' : 'corrects'} ${corrected}`
                    : ENTRY_WORDS[content.kind]}
                </Words>
                <Words size={14} tone="ink2">
                  {content.person.name}
                  {forWhom(content.onBehalfOf)}, {times(content)}
                  {clockOf(content)}
                  {content.photos.length > 0 ? `, ${content.photos.length} photo` : ''}
                  {isSigned(entries[i]) ? `, ${WORDS.signed}` : ''}
                </Words>
                <Mono size={14} bold={false} tone="ink2">
                  {hash.slice(0, 4)}
                </Mono>
              </View>
              <Words size={15}>{sentenceOf(content)}</Words>
              {remarks.length > 0 ? (
                <Words size={14} tone="amber">
                  {remarks.join('; ')}
                </Words>
              ) : null}
              {under?.(content)}
            </View>
          </View>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  entry: { flexDirection: 'row', gap: 12 },
  rail: { alignItems: 'center', width: 36 },
  said: { flex: 1, paddingBottom: 12 },
  line: { flexDirection: 'row', gap: 8, flexWrap: 'wrap', alignItems: 'baseline' },
});
