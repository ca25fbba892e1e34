import type { FoundJoint } from '@kesto/contract';
import { JOINT_STATE_WORDS } from '@kesto/contract/wording/record';
import { useTable } from '@tanstack/react-table';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useRouter } from 'expo-router';
import { useEffect, useRef } from 'react';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { Opens } from '@/ui/Opens';
import { useIsWide, useTokens } from '@/ui/theme';
import { Mono, Words } from '@/ui/Words';
import { COLUMNS, FEATURES, fillerText, madeText, SHARES } from './columns';
import type { FoundWork } from './useFound';
import { WORDS } from './words';

const ROW_PX = { wide: 46, phone: 84 } as const;
/** What stands above and below the table. */
const AROUND_PX = { wide: 210, phone: 330 } as const;
/** Rows drawn beyond what is seen. */
const AHEAD = 12;

/** Thousands of joints as a table of which only what is seen is drawn; the next page is fetched before its end is reached. */
export function FoundTable({ joints, hasMore, isFetchingMore, fetchMore }: FoundWork) {
  const t = useTokens();
  const wide = useIsWide();
  const size = wide ? 'wide' : 'phone';
  const { height } = useWindowDimensions();
  const frame = useRef<View>(null);
  const table = useTable({ features: FEATURES, columns: COLUMNS, data: joints as FoundJoint[], getRowId: ({ id }) => id }); // cast: never changed
  const rows = table.getRowModel().rows;
  // eslint-disable-next-line react-hooks/incompatible-library -- its answers change with scrolling, and nothing memoises them here
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => frame.current as unknown as Element | null, // cast: on the web a view is its element
    estimateSize: () => ROW_PX[size],
    overscan: AHEAD,
    initialRect: { width: 0, height },
  });
  const shown = virtual.getVirtualItems();
  const last = shown.at(-1)?.index ?? 0;
  useEffect(() => {
    if (hasMore && !isFetchingMore && last >= rows.length - AHEAD) fetchMore();
  }, [hasMore, isFetchingMore, last, rows.length, fetchMore]);
  return (
    <View role="region" aria-label={WORDS.rows}>
      {wide ? (
        <View style={[styles.head, { borderColor: t.copper }]}>
          {table.getFlatHeaders().map(({ id, column }) => (
            <View key={id} style={{ flex: SHARES[id] ?? 1 }}>
              <Words size={14} tone="ink2">
                {String(column.columnDef.header)}
              </Words>
            </View>
          ))}
        </View>
      ) : null}
      <View ref={frame} style={[styles.frame, { height: height - AROUND_PX[size] }]} testID="found-rows">
        <View role="list" style={{ height: virtual.getTotalSize() }}>
          {shown.map(({ index, start, size: high }) => {
            const row = rows[index];
            return row ? (
              <View key={row.id} role="listitem" style={[styles.row, { top: start, height: high, borderColor: t.hair }]}>
                {wide ? (
                  <WideRow cells={row.getAllCells().map((cell) => [cell.column.id, String(cell.getValue())])} joint={row.original} />
                ) : (
                  <PhoneRow joint={row.original} />
                )}
              </View>
            ) : null;
          })}
        </View>
      </View>
      {isFetchingMore ? (
        <Words size={14} tone="ink2">
          {WORDS.more}
        </Words>
      ) : null}
    </View>
  );
}

function useOpen({ id, tag, title }: FoundJoint) {
  const router = useRouter();
  return { says: `${tag}, ${title}`, onPress: () => router.push(`/joints/${id}`) };
}

function WideRow({ cells, joint }: { cells: readonly (readonly [string, string])[]; joint: FoundJoint }) {
  return (
    <Opens {...useOpen(joint)} role="link" style={styles.whole}>
      <View style={styles.opens}>
        {cells.map(([id, text]) => (
          <View key={id} style={{ flex: SHARES[id] ?? 1 }}>
            {id === 'tag' ? (
              <Mono size={15}>{text}</Mono>
            ) : (
              <Words size={15} numberOfLines={1}>
                {text}
              </Words>
            )}
          </View>
        ))}
      </View>
    </Opens>
  );
}

function PhoneRow({ joint }: { joint: FoundJoint }) {
  return (
    <Opens {...useOpen(joint)} role="link" style={styles.stacked}>
      <View style={styles.line}>
        <Mono size={17}>{joint.tag}</Mono>
        <Words size={15} bold style={styles.end}>
          {JOINT_STATE_WORDS[joint.state]}
        </Words>
      </View>
      <Words size={15} numberOfLines={1}>
        {joint.title}
      </Words>
      <Words size={14} tone="ink2" numberOfLines={1}>
        {[joint.maker, madeText(joint), fillerText(joint)].filter((text) => text && text !== '–').join(', ')}
      </Words>
    </Opens>
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', gap: 12, paddingVertical: 8, borderBottomWidth: 2 },
  frame: { overflow: 'scroll' },
  row: { position: 'absolute', left: 0, right: 0, borderBottomWidth: 1 },
  opens: { flexDirection: 'row', alignItems: 'center', gap: 12 },
  whole: { flex: 1, justifyContent: 'center' },
  stacked: { flex: 1, justifyContent: 'center', gap: 1 },
  line: { flexDirection: 'row', alignItems: 'baseline' },
  end: { flex: 1, textAlign: 'right' },
});
