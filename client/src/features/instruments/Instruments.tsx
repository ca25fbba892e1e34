import type { LiveSeries } from '@kesto/contract';
import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { FrameKey, Choice } from '@/ui/Buttons';
import { CheckRow } from '@/ui/CheckRow';
import { Ring } from '@/ui/Ring';
import { Failed } from '@/ui/states';
import { Heading, Mono, Words } from '@/ui/Words';
import { WORDS } from './words';
import { SPEEDS, useInstruments } from './useInstruments';

interface InstrumentsProps {
  readonly job: string;
  /** The hold, or the pull, that they speak of. */
  readonly of: string;
  readonly joined: readonly LiveSeries[];
  readonly mayJoin: boolean;
  /** What is said while none speaks. */
  readonly byHand: string;
  /** What a stand-in is at. */
  readonly standInSays: string;
  /** Below: a logger's file, all samples as a table. */
  readonly children?: ReactNode;
}

/** Which instruments speak, and how another joins: by a code, or in the demo a stand-in. */
export function Instruments({ job, of, joined, mayJoin, byHand, standInSays, children }: InstrumentsProps) {
  const work = useInstruments(job, of);
  const [open, setOpen] = useState(false);
  return (
    <View style={styles.all}>
      <Heading size={17}>{WORDS.instruments}</Heading>
      {joined.length === 0 ? (
        <Words size={15} tone="ink2">
          {byHand}
        </Words>
      ) : null}
      {joined.map(({ id, instrument, factor, samples, isSilent, disagreements }) => (
        <View key={id} style={styles.row}>
          <Ring state={isSilent ? 'open' : 'running'} share={1} />
          <View style={styles.text}>
            <Words size={15} bold>
              {factor === null || factor === 1 ? instrument.name : WORDS.standIn(instrument.name, factor)}
            </Words>
            <Words size={14} tone={isSilent ? 'amber' : 'ink2'}>
              {isSilent ? WORDS.silent(samples) : WORDS.samples(samples)}
            </Words>
            {disagreements > 0 ? (
              <Words size={14} tone="red">
                {WORDS.disagrees(disagreements)}
              </Words>
            ) : null}
          </View>
        </View>
      ))}
      {mayJoin && !open && joined.length === 0 ? <FrameKey label={WORDS.join} onPress={() => setOpen(true)} /> : null}
      {mayJoin && open && joined.length === 0 ? (
        <View style={styles.all}>
          {work.code ? (
            <View role="status">
              <Mono size={28}>{work.code.code}</Mono>
              <Words size={15} tone="ink2">
                {WORDS.codeSays}
              </Words>
            </View>
          ) : (
            <FrameKey label={WORDS.makeCode} disabled={work.busy} onPress={work.pair} />
          )}
          {work.isDemo ? (
            <View style={styles.all}>
              <Words size={15} tone="ink2">
                {standInSays}
              </Words>
              <Choice label={WORDS.speed} value={work.speed} options={SPEEDS} onChange={work.setSpeed} />
              <CheckRow label={WORDS.dropsOut} checked={work.dropsOut} onChange={work.setDropsOut} />
              <FrameKey label={WORDS.startStandIn} disabled={work.busy} onPress={work.standIn} />
            </View>
          ) : null}
        </View>
      ) : null}
      {children}
      {work.problem ? <Failed message={work.problem} /> : null}
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 8 },
  row: { flexDirection: 'row', gap: 10, alignItems: 'center', minHeight: 48 },
  text: { flex: 1 },
});
