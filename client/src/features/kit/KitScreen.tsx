import type { JobView } from '@kesto/contract';
import { KIT_GROUP_WORDS, KIT_GROUPS, hoursText, ON_VAN_WORDS } from '@kesto/contract/wording';
import type { CircuitGraph, OnVan } from '@kesto/core';
import { format } from 'date-fns/format';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { jobCells } from '@/data/jobs/cells';
import { useMayMake } from '@/session/useMayMake';
import { WithCircuit } from '@/features/stage';
import { FrameKey } from '@/ui/Buttons';
import { FlagLine } from '@/ui/Flag';
import { ListRow } from '@/ui/ListRow';
import { Ring } from '@/ui/Ring';
import { Sheet } from '@/ui/Sheet';
import { Empty, Failed, Loading } from '@/ui/states';
import { useIsWide } from '@/ui/theme';
import { Heading, Words, type Tone } from '@/ui/Words';
import { useKit, type KitRowView } from './useKit';
import { WORDS } from './words';

/** What is taken along: laid out and ticked off before the way to the machine. */
export function KitScreen({ id }: { id: string }) {
  return <WithCircuit id={id}>{(job, graph) => <Packing job={job} graph={graph} />}</WithCircuit>;
}

const missingText = (count: number) => (count === 0 ? 'all of it laid out' : `${count} ${count === 1 ? 'thing' : 'things'} to lay out`);

function Packing({ job, graph }: { job: JobView; graph: CircuitGraph | null }) {
  const router = useRouter();
  const wide = useIsWide();
  const mayMake = useMayMake();
  const kit = useKit(job, graph);
  const up = { label: `job ${job.number}`, href: `/jobs/${job.id}` } as const;
  // What was laid out is brought to the pipe: what comes out of it before it is closed is next.
  const onward = () => router.push(job.next.step === 'braze-joint' ? `${up.href}/set-up` : up.href);
  const keep = (packed?: readonly string[]) => void kit.keep(packed).then((kept) => kept && onward());
  const action = kit.isKept
    ? { label: WORDS.kept, onPress: () => router.push(up.href) }
    : kit.isUntouched && kit.onVan.length > 0
      ? { label: WORDS.keepOnVan(kit.onVan.length), disabled: kit.busy, onPress: () => keep(kit.onVan) }
      : { label: WORDS.keep(kit.missing.length), disabled: kit.busy, onPress: () => keep() };
  return (
    <Sheet
      tag={job.unit.tag}
      title={WORDS.theKit}
      subtitle={WORDS.job(job.number, missingText(kit.missing.length))}
      up={up}
      cells={jobCells(job)}
      action={mayMake && kit.rows.length > 0 ? action : undefined}
    >
      {kit.problem ? <Failed message={kit.problem} /> : null}
      {kit.isLoading ? <Loading what={WORDS.plansAndVan} /> : null}
      {!kit.isLoading && kit.rows.length === 0 ? <Empty title={WORDS.nothingToTakeAlong} text={WORDS.onceAJointIs} /> : null}
      {kit.minutes > 0 ? (
        <Words size={17}>
          {WORDS.about}{' '}
          <Words size={17} bold>
            {hoursText(kit.minutes)} *
          </Words>{' '}
          {WORDS.forJoints(kit.planned)}
        </Words>
      ) : null}
      {kit.notPlanned > 0 ? <FlagLine letter="a" text={WORDS.notPlannedYet(kit.notPlanned)} /> : null}
      {mayMake && kit.onVan.length > 0 ? (
        <View style={styles.keys}>
          <FrameKey label={WORDS.tickWhatIsOn} onPress={kit.tickOnVan} />
        </View>
      ) : null}
      <View style={wide ? styles.columns : undefined}>
        {KIT_GROUPS.map((of) => ({ of, rows: kit.rows.filter(({ line }) => line.of === of) }))
          .filter(({ rows }) => rows.length > 0)
          .map(({ of, rows }) => (
            <View key={of} style={wide ? styles.column : styles.group}>
              <Heading size={17}>{KIT_GROUP_WORDS[of]}</Heading>
              {rows.map((row) => (
                <KitRow key={row.line.id} row={row} onPress={mayMake ? () => kit.toggle(row.line.id) : null} />
              ))}
            </View>
          ))}
      </View>
      {job.kit ? (
        <Words size={14} tone="ink2">
          {WORDS.keptBy(job.kit.by, format(new Date(job.kit.at), 'd MMM, HH:mm'), missingText(job.kit.missing.length))}
        </Words>
      ) : null}
      {kit.rows.length > 0 ? (
        <View style={styles.keys}>
          <FrameKey label={WORDS.saveAsATable} onPress={kit.saveCsv} />
        </View>
      ) : null}
    </Sheet>
  );
}

const TONES: Readonly<Record<OnVan, Tone>> = { enough: 'teal', short: 'red', 'not-counted': 'ink2' };

function KitRow({ row, onPress }: { row: KitRowView; onPress: (() => void) | null }) {
  const { line, name, amount, packed } = row;
  return (
    <ListRow role="checkbox" checked={packed} says={`${name}, ${amount}`} onPress={onPress}>
      <Ring state={packed ? 'done' : 'open'} />
      <View style={styles.text}>
        <Words size={15} bold>
          {name}
        </Words>
        <Words size={14} tone="ink2">
          {amount}
        </Words>
      </View>
      <Words size={14} bold tone={TONES[line.onVan]}>
        {ON_VAN_WORDS[line.onVan]}
      </Words>
    </ListRow>
  );
}

const styles = StyleSheet.create({
  columns: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 32, rowGap: 16 },
  column: { width: '46%', minWidth: 340 },
  group: { marginTop: 8 },
  text: { flex: 1 },
  keys: { alignItems: 'flex-start' },
});
