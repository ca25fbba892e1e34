import { stillOpenText } from '@kesto/contract/wording';
import type { JobView } from '@kesto/contract';
import type { CircuitGraph } from '@kesto/core';
import { lastOf, leaksOf, lossOf, placesToLook, tubePlace } from '@kesto/core';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { CircuitDrawing } from '@/drawing/circuit/CircuitDrawing';
import type { Chosen } from '@/drawing/circuit/Targets';
import { jobCells } from '@/data/jobs/cells';
import { PaperKeys } from '@/features/paper';
import { circuitWords } from '@/data/stages/circuitWords';
import { Facts, Undrawn, WithCircuit } from '@/features/stage';
import { placeName } from '@kesto/contract/wording';
import { stageHref } from '@/data/stages/stageHref';
import { useStage, type StageWork } from '@/data/stages/useStage';
import { useUnits } from '@/session/units';
import { FrameKey } from '@/ui/Buttons';
import { Sheet } from '@/ui/Sheet';
import { Failed } from '@/ui/states';
import { useIsWide } from '@/ui/theme';
import { CheckMarks } from '@/features/checkMarks';
import { checksOf } from '@/data/stages/checks';
import { FindPanel, type Panel } from './FindPanel';
import { HeldLeaking } from './HeldLeaking';
import { LossReading } from './LossReading';
import { PlacesChecked } from './PlacesChecked';
import { PlacesToLook } from './PlacesToLook';
import { SectionHunt } from './SectionHunt';

export function FindScreen({ id }: { id: string }) {
  return <WithCircuit id={id}>{(job, graph) => <Ready job={job} graph={graph} />}</WithCircuit>;
}

/** Where it leaks: what is lost, what was looked at, and where to look next. */
function Ready({ job, graph }: { job: JobView; graph: CircuitGraph | null }) {
  const router = useRouter();
  const wide = useIsWide();
  const units = useUnits();
  const work = useStage(job, 'find');
  const [panel, setPanel] = useState<Panel | null>(null);
  const { facts } = work;
  const loss = lossOf(facts);
  const checks = checksOf(facts);
  const nameOf = (place: string) => placeName(graph, place);
  const toLook = graph ? placesToLook(graph, facts, job.stages.history) : [];
  // Only what it was opened for: another form may be open by the time it is safe.
  const close = () => setPanel((now) => (now === panel ? null : now));
  const choose = (chosen: Chosen) => {
    if (!chosen || !graph) return;
    const link = 'link' in chosen ? graph.links[chosen.link] : undefined;
    const place = 'part' in chosen ? chosen.part : link && tubePlace(link);
    if (place) setPanel({ form: 'place', place });
  };
  const action = actionOf({
    job,
    work,
    next: toLook[0]?.place,
    nameOf,
    open: setPanel,
    router,
    end: () => work.note('done', {}),
  });
  const lists = (
    <View style={{ gap: 16 }}>
      {leaksOf(facts).length > 0 ? <PaperKeys page="foundPdf" id={job.id} name={`${job.unit.tag}-found`} /> : null}
      <PlacesChecked checks={checks} nameOf={nameOf} onOpen={(place) => setPanel({ form: 'place', place })} />
      {work.mayNote ? <PlacesToLook places={toLook} nameOf={nameOf} onOpen={(place) => setPanel({ form: 'place', place })} /> : null}
      <Facts facts={facts.filter((fact) => fact.stage === 'find')} nameOf={nameOf} work={work} />
    </View>
  );
  return (
    <Sheet
      tag={job.unit.tag}
      title="Where does it leak"
      subtitle={`${circuitWords(job)}, ${job.title}`}
      up={{ label: `job ${job.number}`, href: `/jobs/${job.id}` }}
      cells={jobCells(job)}
      headerRight={wide ? <LossReading loss={loss} /> : undefined}
      action={work.mayMake && panel === null ? action : undefined}
      round={
        work.mayMake
          ? { label: panel ? 'close' : 'more', onPress: () => setPanel(panel ? null : { form: 'leave' }), pressed: panel !== null }
          : undefined
      }
      why={work.state === 'open' ? stillOpenText(work.gates) : undefined}
      aside={lists}
      over={panel ? <FindPanel panel={panel} job={job} graph={graph} work={work} nameOf={nameOf} onKept={close} /> : null}
      overOpen={panel !== null}
    >
      {work.problem ? <Failed message={work.problem} /> : null}
      {wide ? null : <LossReading loss={loss} />}
      <HeldLeaking facts={facts} graph={graph} />
      {graph ? (
        <CircuitDrawing
          graph={graph}
          upright={!wide}
          maxHeight={wide ? 350 : 520}
          units={units}
          overlay={(laid) => <CheckMarks checks={checks} {...laid} />}
          {...(work.mayNote ? { onChoose: choose } : {})}
        />
      ) : (
        <Undrawn job={job} />
      )}
      {work.mayNote ? (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          <FrameKey label="Complaint" onPress={() => setPanel({ form: 'complaint' })} />
          <FrameKey label="What was lost" onPress={() => setPanel({ form: 'loss' })} />
          <FrameKey label="Readings" onPress={() => setPanel({ form: 'readings' })} />
        </View>
      ) : null}
      {graph ? (
        <SectionHunt
          job={job}
          graph={graph}
          facts={facts}
          loss={loss}
          nameOf={nameOf}
          onHold={work.mayNote ? (parts, volumeL) => setPanel({ form: 'hold', parts, volumeL }) : null}
        />
      ) : null}
    </Sheet>
  );
}

interface ActionAsked {
  readonly job: JobView;
  readonly work: StageWork;
  readonly next: string | undefined;
  readonly nameOf: (place: string) => string;
  readonly open: (panel: Panel) => void;
  readonly router: ReturnType<typeof useRouter>;
  readonly end: () => Promise<boolean>;
}

/** A longer one does not go on the pill. */
const LONGEST_NAME = 18;

/** The one action: what comes next in the job, as far as it is done here. */
function actionOf({ job, work, next, nameOf, open, router, end }: ActionAsked) {
  const { state, facts, gates } = work;
  const hasComplaint = lastOf(facts, 'complaint') !== undefined;
  const isDone = hasComplaint && gates.length === 0 && checksOf(facts).length > 0;
  const onward = () => router.push(stageHref(job.id, 'decide'));
  if (state !== 'open') return { label: 'On to decide', onPress: onward };
  if (isDone) return { label: 'Found: decide', onPress: () => void end().then((kept) => kept && onward()) };
  if (!hasComplaint) return { label: 'Note the complaint', onPress: () => open({ form: 'complaint' }) };
  const name = next === undefined ? '' : nameOf(next);
  if (next !== undefined)
    return {
      label: name.length > LONGEST_NAME ? 'Check next place' : `Check the ${name}`,
      onPress: () => open({ form: 'place', place: next }),
    };
  return { label: 'What keeps it open', onPress: () => open({ form: 'leave' }) };
}
