import type { LiveSeries } from '@kesto/contract';
import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { FrameKey, Choice } from '@/ui/Buttons';
import { CheckRow } from '@/ui/CheckRow';
import { Failed } from '@/ui/states';
import { Heading, Mono, Words } from '@/ui/Words';
import { BY_HAND } from './judged';
import { JoinedRow } from './JoinedRow';
import { WORDS } from './words';
import { SPEEDS, useInstruments } from './useInstruments';

/** Which of several instruments judges, and by hand where none is believed. */
export interface Judging {
  /** Those that can. */
  readonly able: readonly LiveSeries[];
  readonly by: string | null;
  readonly choose: (by: string) => void;
}
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
  readonly judging?: Judging;
  /** Below: a logger's file, all samples as a table. */
  readonly children?: ReactNode;
}

/** Which instruments speak, which of them judges, and how another joins: by a code, or in the demo a stand-in. */
export function Instruments({ job, of, joined, mayJoin, byHand, standInSays, judging, children }: InstrumentsProps) {
  const work = useInstruments(job, of);
  // Left open until one more has joined.
  const [openAt, setOpenAt] = useState<number | null>(null);
  const isOpen = mayJoin && openAt === joined.length;
  return (
    <View style={styles.all}>
      <Heading size={17}>{WORDS.instruments}</Heading>
      {joined.length === 0 ? (
        <Words size={15} tone="ink2">
          {byHand}
        </Words>
      ) : null}
      <View role="list" aria-label={WORDS.instruments}>
        {joined.map((series) => (
          <JoinedRow
            key={series.id}
            series={series}
            isJudged={joined.length > 1 && judging?.by === series.id}
            onEnd={mayJoin ? () => work.end(series.id) : null}
          />
        ))}
      </View>
      {judging && mayJoin ? <JudgedBy {...judging} /> : null}
      {mayJoin && !isOpen ? (
        <FrameKey
          quiet={joined.length > 0}
          label={joined.length > 0 ? WORDS.joinAnother : WORDS.join}
          onPress={() => setOpenAt(joined.length)}
        />
      ) : null}
      {isOpen ? <Joining work={work} standInSays={standInSays} /> : null}
      {children}
      {work.problem ? <Failed message={work.problem} /> : null}
    </View>
  );
}

/** Only where there is a choice: several that can, or one that fell silent. */
function JudgedBy({ able, by, choose }: Judging) {
  const isChoice = able.length > 1 || by === BY_HAND || able.some(({ isSilent, isEnded }) => isSilent || isEnded);
  if (able.length === 0 || !isChoice) return null;
  const options = [...able.map(({ id, instrument }) => ({ value: id, label: instrument.name })), { value: BY_HAND, label: WORDS.hand }];
  return <Choice label={WORDS.judgedBy} value={by ?? able[0]?.id ?? BY_HAND} options={options} onChange={choose} />;
}

function Joining({ work, standInSays }: { work: ReturnType<typeof useInstruments>; standInSays: string }) {
  return (
    <View style={styles.all}>
      {work.isOnItsWay ? (
        <Words size={15} tone="ink2">
          {WORDS.onItsWay}
        </Words>
      ) : null}
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
  );
}

const styles = StyleSheet.create({ all: { gap: 8 } });
