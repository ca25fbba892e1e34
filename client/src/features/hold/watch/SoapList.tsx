import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Path, Rect } from 'react-native-svg';
import type { SoapResult } from '@kesto/core';
import { useUnits } from '@/session/units';
import { formatGaugePressure, gaugePascals } from '@kesto/core/unit';
import { PhotoStrip, usePhotos } from '@/features/photos';
import { FrameKey } from '@/ui/Buttons';
import { ListRow } from '@/ui/ListRow';
import { useTokens } from '@/ui/theme';
import { Heading, Mono, Words } from '@/ui/Words';
import { WORDS } from '../words';
import { isDone, lastResult, type SoapRow } from './targets';
import { useStandInSoap } from './useStandInSoap';
import type { HoldWatchWork } from './useHoldWatch';

const SAYS: Readonly<Record<SoapResult | 'none', string>> = {
  nothing: 'soap, nothing',
  leak: WORDS.bubblesThere,
  'not-reached': WORDS.noHandThere,
  none: WORDS.notYet,
};

/** Every joint and hose of the section: wetted at which pressure, and what was seen. */
export function SoapList({ watch, mayNote }: { watch: HoldWatchWork; mayNote: boolean }) {
  const units = useUnits();
  const { rows, maySoap, soapAt } = watch;
  const due = (row: SoapRow) => row.at.some(({ kpag, result }) => soapAt !== null && Math.abs(kpag - soapAt) < 1 && result === null);
  const first = maySoap ? rows.find(due)?.key : undefined;
  // A joint of the job is looked at by itself.
  const others = rows.filter((row) => due(row) && row.tag === undefined);
  const [opened, setOpened] = useState<string | null>(null);
  const open = opened ?? first ?? null;
  const look = useStandInSoap(watch);
  const pressures = rows[0]?.at.map(({ kpag }) => formatGaugePressure(gaugePascals(kpag * 1000), units)) ?? [];
  return (
    <View>
      <View style={styles.head}>
        <Heading size={20}>{WORDS.soap(rows.filter(isDone).length, rows.length)}</Heading>
        <Words size={14} tone="ink2">
          {`at ${pressures.map(({ value }) => value).join(', ')} ${pressures[0]?.unit ?? ''}`}
        </Words>
      </View>
      {mayNote && maySoap && others.length > 1 ? (
        <FrameKey label={WORDS.nothingAtOthers(others.length)} onPress={() => void watch.soapAll(others, 'nothing')} />
      ) : null}
      <View role="list" aria-label={WORDS.soaped}>
        {rows.map((row) => (
          <Row
            key={row.key}
            row={row}
            isOpen={mayNote && maySoap && row.key === open}
            onOpen={mayNote && maySoap ? () => setOpened(row.key) : null}
            look={look}
            onSay={(result, photos) => void watch.soap(row, result, photos).then(() => setOpened(null))}
          />
        ))}
      </View>
    </View>
  );
}

interface RowProps {
  readonly row: SoapRow;
  readonly isOpen: boolean;
  readonly onOpen: (() => void) | null;
  readonly onSay: (result: SoapResult, photos: readonly string[]) => void;
  /** Where a stand-in acts the machine: what soap would show. */
  readonly look: ((row: SoapRow) => Promise<boolean | null>) | null;
}

function Row({ row, isOpen, onOpen, onSay, look }: RowProps) {
  const t = useTokens();
  const last = lastResult(row);
  const tone = last === 'leak' ? 'red' : last === null ? 'amber' : 'ink2';
  return (
    <View role="listitem" style={[styles.row, { borderColor: t.rule, backgroundColor: isOpen ? t.panel : t.paper }]}>
      <ListRow onPress={onOpen} style={styles.noRule}>
        {row.tag ? <Mono size={17}>{row.tag.slice(row.tag.lastIndexOf('-') + 1)}</Mono> : null}
        <View style={styles.text}>
          <Words size={15} bold>
            {row.tag ? `${row.tag}, ${row.name}` : row.name}
          </Words>
          <Words size={14} bold={last === 'leak' || last === null} tone={tone}>
            {SAYS[last ?? 'none']}
          </Words>
        </View>
        <Boxes row={row} />
      </ListRow>
      {isOpen ? <WhatItShows row={row} look={look} onSay={onSay} /> : null}
    </View>
  );
}

/** What soap shows there, with a photo of it where one was taken. */
function WhatItShows({ row, look, onSay }: Pick<RowProps, 'row' | 'look' | 'onSay'>) {
  const [shows, setShows] = useState<boolean | null>(null);
  const { photos, ...strip } = usePhotos();
  const say = (result: SoapResult) =>
    onSay(
      result,
      photos.map(({ sha256 }) => sha256),
    );
  return (
    <View style={styles.open}>
      <View style={styles.keys}>
        {look ? <FrameKey quiet label={WORDS.lookAt} says={WORDS.look(row.name)} onPress={() => void look(row).then(setShows)} /> : null}
        {shows === null ? null : (
          <Words size={15} bold tone={shows ? 'red' : 'ink'} role="status" style={styles.shows}>
            {WORDS.looksLike(shows)}
          </Words>
        )}
        <FrameKey label={WORDS.nothing} says={WORDS.nothingOf(row.name)} onPress={() => say('nothing')} />
        <FrameKey label={WORDS.bubbles} says={WORDS.bubblesOf(row.name)} onPress={() => say('leak')} />
        <FrameKey quiet label={WORDS.noHand} says={WORDS.noHandGetsThere(row.name)} onPress={() => say('not-reached')} />
      </View>
      <PhotoStrip photos={{ photos, ...strip }} />
    </View>
  );
}

/** One box a pressure: ticked where nothing was seen, red where it bubbled, a dash where no hand gets. */
function Boxes({ row }: { row: SoapRow }) {
  const t = useTokens();
  return (
    <Svg width={18 * row.at.length} height={16} aria-hidden>
      {row.at.map(({ kpag, result }, i) => {
        const x = 18 * i + 1;
        if (result === 'not-reached') return <Path key={kpag} d={`M${x} 8 h12`} stroke={t.ink2} strokeWidth={2} />;
        const color = result === 'leak' ? t.red : t.ink;
        return result === null ? (
          <Rect key={kpag} x={x} y={1.5} width={13} height={13} fill="none" stroke={t.amber} strokeWidth={1.6} strokeDasharray="3 2" />
        ) : (
          <Rect key={kpag} x={x} y={1.5} width={13} height={13} fill={color} stroke={color} strokeWidth={1.6} />
        );
      })}
      {row.at.map(({ kpag, result }, i) => {
        const x = 18 * i + 1;
        if (result === 'nothing')
          return <Path key={kpag} d={`M${x + 3} 8 l2.5 3.5 L${x + 10} 4`} fill="none" stroke={t.paper} strokeWidth={2} />;
        return result === 'leak' ? <Path key={kpag} d={`M${x + 6.5} 4 v5 M${x + 6.5} 11 v1.6`} stroke={t.paper} strokeWidth={2} /> : null;
      })}
    </Svg>
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', flexWrap: 'wrap', justifyContent: 'space-between', alignItems: 'baseline', columnGap: 10 },
  row: { borderBottomWidth: 1, paddingHorizontal: 4 },
  noRule: { borderBottomWidth: 0 },
  text: { flex: 1 },
  shows: { alignSelf: 'center' },
  open: { gap: 8, paddingBottom: 8 },
  keys: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
