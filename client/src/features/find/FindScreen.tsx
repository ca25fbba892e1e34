import { stillOpenText } from '@kesto/contract/wording';
import type { JobView } from '@kesto/contract';
import type { CircuitGraph } from '@kesto/core';
import { StyleSheet, View } from 'react-native';
import { CircuitDrawing } from '@/drawing/circuit/CircuitDrawing';
import { jobCells } from '@/data/jobs/cells';
import { PaperKeys } from '@/features/paper';
import { circuitWords } from '@/data/stages/circuitWords';
import { Facts, Undrawn, WithCircuit } from '@/features/stage';
import { useUnits } from '@/session/units';
import { FrameKey } from '@/ui/Buttons';
import { Sheet } from '@/ui/Sheet';
import { Failed } from '@/ui/states';
import { useIsWide } from '@/ui/theme';
import { CheckMarks } from '@/features/checkMarks';
import { FindPanel } from './FindPanel';
import { HeldLeaking } from './HeldLeaking';
import { LossReading } from './LossReading';
import { PlacesChecked } from './PlacesChecked';
import { PlacesToLook } from './PlacesToLook';
import { SectionHunt } from './SectionHunt';
import { useFindScreen, type FindWork } from './useFindScreen';
import { WORDS } from './words';

/** @param opens  the form that lies open at first: what comes next in the job */
export function FindScreen({ id, opens }: { id: string; opens?: string | undefined }) {
  return <WithCircuit id={id}>{(job, graph) => <Ready job={job} graph={graph} opens={opens} />}</WithCircuit>;
}

interface FindProps {
  readonly job: JobView;
  readonly graph: CircuitGraph | null;
}

/** Where it leaks: what is lost, what was looked at, and where to look next. */
function Ready({ job, graph, opens }: FindProps & { opens: string | undefined }) {
  const wide = useIsWide();
  const find = useFindScreen(job, graph, opens);
  const { work, panel, setPanel } = find;
  const more = { label: panel ? WORDS.close : WORDS.more, pressed: panel !== null };
  return (
    <Sheet
      tag={job.unit.tag}
      title={WORDS.title}
      subtitle={`${circuitWords(job)}, ${job.title}`}
      up={{ label: WORDS.job(job.number), href: `/jobs/${job.id}` }}
      cells={jobCells(job)}
      headerRight={wide ? <LossReading loss={find.loss} /> : undefined}
      action={work.mayMake && panel === null ? find.action : undefined}
      round={work.mayMake ? { ...more, onPress: () => setPanel(panel ? null : { form: 'leave' }) } : undefined}
      why={work.state === 'open' ? stillOpenText(work.gates) : undefined}
      aside={<Lists job={job} find={find} />}
      over={panel ? <FindPanel panel={panel} job={job} graph={graph} work={work} nameOf={find.nameOf} onKept={find.onKept} /> : null}
      overOpen={panel !== null}
    >
      {work.problem ? <Failed message={work.problem} /> : null}
      {wide ? null : <LossReading loss={find.loss} />}
      <HeldLeaking facts={work.facts} graph={graph} />
      <Drawn job={job} graph={graph} find={find} />
      {work.mayNote ? <NoteKeys find={find} /> : null}
      {graph ? (
        <SectionHunt
          job={job}
          graph={graph}
          facts={work.facts}
          loss={find.loss}
          nameOf={find.nameOf}
          onHold={work.mayNote ? (parts, volumeL) => setPanel({ form: 'hold', parts, volumeL }) : null}
        />
      ) : null}
    </Sheet>
  );
}

/** What was looked at, where to look next, what is kept. */
function Lists({ job, find }: { job: JobView; find: FindWork }) {
  const { work, checks, nameOf, openPlace, toLook } = find;
  return (
    <View style={styles.lists}>
      {find.hasLeaks ? <PaperKeys page="foundPdf" id={job.id} name={`${job.unit.tag}-found`} /> : null}
      <PlacesChecked checks={checks} nameOf={nameOf} onOpen={openPlace} />
      {work.mayNote ? <PlacesToLook work={work} places={toLook} nameOf={nameOf} onOpen={openPlace} /> : null}
      <Facts facts={work.facts.filter(({ stage }) => stage === 'find')} nameOf={nameOf} work={work} />
    </View>
  );
}

/** The circuit with what was looked at on it; a part or a tube that is touched is looked at. */
function Drawn({ job, graph, find }: FindProps & { find: FindWork }) {
  const units = useUnits();
  const wide = useIsWide();
  if (!graph) return <Undrawn job={job} />;
  return (
    <CircuitDrawing
      graph={graph}
      upright={!wide}
      maxHeight={wide ? 350 : 520}
      units={units}
      overlay={(laid) => <CheckMarks checks={find.checks} {...laid} />}
      {...(find.work.mayNote ? { onChoose: find.choose } : {})}
    />
  );
}

function NoteKeys({ find: { setPanel } }: { find: FindWork }) {
  return (
    <View style={styles.keys}>
      <FrameKey label={WORDS.complaint} onPress={() => setPanel({ form: 'complaint' })} />
      <FrameKey label={WORDS.lost} onPress={() => setPanel({ form: 'loss' })} />
      <FrameKey label={WORDS.readings} onPress={() => setPanel({ form: 'readings' })} />
    </View>
  );
}

const styles = StyleSheet.create({
  lists: { gap: 16 },
  keys: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
