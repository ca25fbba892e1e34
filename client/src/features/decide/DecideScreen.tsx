import { stillOpenText } from '@kesto/contract/wording';
import type { JobView } from '@kesto/contract';
import type { CircuitGraph } from '@kesto/core';
import { lastOf } from '@kesto/core';
import { formatMass, readingText } from '@kesto/core/unit';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { jobCells } from '@/data/jobs/cells';
import { circuitWords } from '@/data/stages/circuitWords';
import { Facts, Leaving, Undrawn, WithCircuit } from '@/features/stage';
import { placeName } from '@kesto/contract/wording';
import { stageHref } from '@/data/stages/stageHref';
import { useStage } from '@/data/stages/useStage';
import { useUnits } from '@/session/units';
import { Sheet } from '@/ui/Sheet';
import { Failed } from '@/ui/states';
import { useIsWide, useTokens } from '@/ui/theme';
import { Mono, Words } from '@/ui/Words';
import { AlsoOpenedList } from './AlsoOpenedList';
import { ApprovalForm } from './ApprovalForm';
import { IsolationDrawing } from './IsolationDrawing';
import { JoiningForm } from './JoiningForm';
import { KeepIsolation } from './KeepIsolation';
import { PriceChecks } from './PriceChecks';
import { RefrigerantFate } from './RefrigerantFate';
import { SeenOfIt } from './SeenOfIt';
import { Steps } from './Steps';
import { useIsolation, type IsolationWork } from './useIsolation';
import { Ways } from './Ways';
import { WorthIt } from './WorthIt';

export function DecideScreen({ id }: { id: string }) {
  return <WithCircuit id={id}>{(job, graph) => (graph ? <Ready job={job} graph={graph} /> : <NoDrawing job={job} />)}</WithCircuit>;
}

function NoDrawing({ job }: { job: JobView }) {
  return (
    <Sheet
      tag={job.unit.tag}
      title="How do we isolate it"
      subtitle={job.title}
      up={{ label: `job ${job.number}`, href: `/jobs/${job.id}` }}
      cells={jobCells(job)}
    >
      <Undrawn job={job} />
    </Sheet>
  );
}

type Panel = 'keep' | 'approval' | 'joining' | 'leave';

/** How the work is got at, what else is opened, and whose yes it needs. */
function Ready({ job, graph }: { job: JobView; graph: CircuitGraph }) {
  const t = useTokens();
  const wide = useIsWide();
  const router = useRouter();
  const units = useUnits();
  const stage = useStage(job, 'decide');
  const isolation = useIsolation(job, graph, stage.facts);
  const [panel, setPanel] = useState<Panel | null>(null);
  // Only what it was opened for: another form may be open by the time it is safe.
  const close = () => setPanel((now) => (now === panel ? null : now));
  const price = { graph, facts: stage.facts, chargeKg: job.circuit.chargeKg };
  const nameOf = (place: string) => placeName(graph, place);
  const kept = lastOf(stage.facts, 'isolation')?.values;
  const takeOut = kept?.takeOutKg ?? isolation.takeOutKg(kept?.method ?? isolation.answer?.method ?? 'recover-all');
  const action = actionOf(stage, isolation, { open: setPanel, onward: () => router.push(stageHref(job.id, 'make-safe')) });
  const over =
    panel === 'keep' ? (
      <KeepIsolation key={isolation.work.join('+')} isolation={isolation} work={stage} onKept={close} />
    ) : panel === 'approval' ? (
      <ApprovalForm work={stage} about={price} onKept={close} />
    ) : panel === 'joining' ? (
      <JoiningForm job={job} graph={graph} places={isolation.work} nameOf={nameOf} work={stage} onKept={close} />
    ) : (
      <Leaving work={stage} skipSays="Where nothing of the charge is opened, or it was decided elsewhere." onKept={close} />
    );
  const kilograms =
    // Nothing leaves a machine that is pumped down.
    !takeOut ? undefined : (
      <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 8 }}>
        <Mono size={wide ? 34 : 28} tone="copper">
          {readingText(formatMass(takeOut, units))}
        </Mono>
        <Words size={15} bold tone="copper">
          to take out
        </Words>
      </View>
    );
  const ways = (
    <View style={{ gap: 18 }}>
      <Ways answer={isolation.answer} nameOf={nameOf} />
      <Steps answer={isolation.answer} nameOf={nameOf} />
    </View>
  );
  return (
    <Sheet
      tag={job.unit.tag}
      title={
        isolation.work.length > 0
          ? `${wide ? 'How do we isolate' : 'Isolate'} the ${isolation.work.map(nameOf).join(', ')}`
          : 'How do we isolate it'
      }
      subtitle={`${circuitWords(job)}, ${job.title}`}
      up={{ label: `job ${job.number}`, href: `/jobs/${job.id}` }}
      cells={jobCells(job)}
      headerRight={wide ? kilograms : undefined}
      action={stage.mayMake && panel === null ? action : undefined}
      round={
        stage.mayMake
          ? { label: panel ? 'close' : 'more', pressed: panel !== null, onPress: () => setPanel(panel ? null : 'leave') }
          : undefined
      }
      why={stage.state === 'open' ? stillOpenText(stage.gates) : undefined}
      aside={
        <View style={{ gap: 18 }}>
          {wide ? ways : null}
          <Facts facts={stage.facts.filter((fact) => fact.stage === 'decide')} nameOf={nameOf} work={stage} />
        </View>
      }
      over={over}
      overOpen={panel !== null}
    >
      {stage.problem ? <Failed message={stage.problem} /> : null}
      {wide ? null : kilograms}
      <IsolationDrawing graph={graph} isolation={isolation} joints={job.order} mayChoose={stage.mayNote} />
      {stage.mayNote ? (
        <SeenOfIt
          seen={isolation.seen}
          onChange={isolation.setSeen}
          onKeep={isolation.answer && lastOf(stage.facts, 'isolation') ? () => setPanel('keep') : null}
        />
      ) : null}
      {wide ? null : ways}
      <View
        style={{ borderTopWidth: 2, borderColor: t.copper, paddingTop: 8, ...(wide ? { flexDirection: 'row', gap: 24 } : { gap: 16 }) }}
      >
        <View style={wide ? { flex: 1 } : undefined}>
          <AlsoOpenedList
            job={job}
            graph={graph}
            isolation={isolation}
            nameOf={nameOf}
            work={stage}
            onJoining={() => setPanel('joining')}
          />
        </View>
        <View style={wide ? { flex: 1, gap: 14 } : { gap: 14 }}>
          <PriceChecks work={stage} about={price} />
          <RefrigerantFate work={stage} />
          <WorthIt job={job} work={stage} />
        </View>
      </View>
      <Words size={14} tone="ink2">
        Advice: local code, the maker’s sheet and your licence win.
      </Words>
    </Sheet>
  );
}

interface Ends {
  readonly open: (panel: Panel) => void;
  readonly onward: () => void;
}

/** The one action: what comes next in the job, as far as it is done here. */
function actionOf(stage: ReturnType<typeof useStage>, { answer, isKeptWay }: IsolationWork, { open, onward }: Ends) {
  if (stage.state !== 'open') return { label: 'On to make safe', onPress: onward };
  const [gate] = stage.gates;
  const isKept = lastOf(stage.facts, 'isolation') !== undefined;
  if (!isKeptWay) return { label: isKept ? 'Keep the new way' : 'Keep this way', disabled: !answer, onPress: () => open('keep') };
  if (!gate) return { label: 'Decided: make safe', onPress: () => void stage.note('done', {}).then((kept) => kept && onward()) };
  return gate.gate === 'not-approved'
    ? { label: 'Get approval', onPress: () => open('approval') }
    : { label: 'What keeps it open', onPress: () => open('leave') };
}
