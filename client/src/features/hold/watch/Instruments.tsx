import type { HoldLive } from '@kesto/contract';
import { useState } from 'react';
import { addressOf } from '@/api/call';
import { StyleSheet, View } from 'react-native';
import { FrameKey, Choice } from '@/ui/Buttons';
import { CheckRow } from '@/ui/CheckRow';
import { Ring } from '@/ui/Ring';
import { Failed } from '@/ui/states';
import { Heading, Mono, Words } from '@/ui/Words';
import { WORDS } from '../words';
import { LogReader } from './LogReader';
import { SPEEDS, useInstruments } from './useInstruments';

interface InstrumentsProps {
  readonly job: string;
  readonly hold: string;
  readonly live: HoldLive | undefined;
  readonly mayJoin: boolean;
  readonly beganAt: string;
}

/** Which instruments speak of this hold, and how another joins: by a code, or in the demo a stand-in. */
export function Instruments({ job, hold, live, mayJoin, beganAt }: InstrumentsProps) {
  const work = useInstruments(job, hold);
  const [open, setOpen] = useState(false);
  const joined = live?.series ?? [];
  return (
    <View style={styles.all}>
      <Heading size={17}>{WORDS.instruments}</Heading>
      {joined.length === 0 ? (
        <Words size={15} tone="ink2">
          {WORDS.byHand}
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
                {WORDS.standInSays}
              </Words>
              <Choice label={WORDS.speed} value={work.speed} options={SPEEDS} onChange={work.setSpeed} />
              <CheckRow label={WORDS.dropsOut} checked={work.dropsOut} onChange={work.setDropsOut} />
              <FrameKey label={WORDS.startStandIn} disabled={work.busy} onPress={work.standIn} />
            </View>
          ) : null}
        </View>
      ) : null}
      {mayJoin && joined.length === 0 ? <LogReader job={job} hold={hold} beganAt={beganAt} /> : null}
      {joined.length > 0 ? (
        <FrameKey quiet label={WORDS.asCsv} onPress={() => window.open(addressOf('holdCsv', { job, hold }), '_blank')} />
      ) : null}
      {work.problem ? <Failed message={work.problem} /> : null}
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 8 },
  row: { flexDirection: 'row', gap: 10, alignItems: 'center', minHeight: 48 },
  text: { flex: 1 },
});
