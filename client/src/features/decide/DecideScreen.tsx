import { stillOpenText } from '@kesto/contract/wording';
import type { JobView } from '@kesto/contract';
import type { CircuitGraph } from '@kesto/core';
import { formatMass, readingText } from '@kesto/core/unit';
import { StyleSheet, View } from 'react-native';
import { jobCells } from '@/data/jobs/cells';
import { circuitWords } from '@/data/stages/circuitWords';
import { Facts, Leaving, Undrawn, WithCircuit } from '@/features/stage';
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
import { useDecideScreen, type DecideWork } from './useDecideScreen';
import { Ways } from './Ways';
import { WORDS } from './words';
import { WorthIt } from './WorthIt';

export function DecideScreen({ id }: { id: string }) {
  return <WithCircuit id={id}>{(job, graph) => (graph ? <Ready job={job} graph={graph} /> : <NoDrawing job={job} />)}</WithCircuit>;
}

const frameOf = (job: JobView) => ({
  tag: job.unit.tag,
  up: { label: `job ${job.number}`, href: `/jobs/${job.id}` } as const,
  cells: jobCells(job),
});

function NoDrawing({ job }: { job: JobView }) {
  return (
    <Sheet {...frameOf(job)} title={WORDS.title} subtitle={job.title}>
      <Undrawn job={job} />
    </Sheet>
  );
}

interface DecideProps {
  readonly job: JobView;
  readonly graph: CircuitGraph;
  readonly decide: DecideWork;
}

/** How the work is got at, what else is opened, and whose yes it needs. */
function Ready({ job, graph }: Omit<DecideProps, 'decide'>) {
  const wide = useIsWide();
  const decide = useDecideScreen(job, graph);
  const { stage, isolation, panel, setPanel, nameOf } = decide;
  const parts = isolation.work.map(nameOf).join(', ');
  const more = { label: panel ? WORDS.close : WORDS.more, pressed: panel !== null };
  return (
    <Sheet
      {...frameOf(job)}
      title={parts === '' ? WORDS.title : wide ? WORDS.titleOf(parts) : WORDS.shortTitleOf(parts)}
      subtitle={`${circuitWords(job)}, ${job.title}`}
      headerRight={wide ? <TakesOut kg={decide.takeOutKg} /> : undefined}
      action={stage.mayMake && panel === null ? decide.action : undefined}
      round={stage.mayMake ? { ...more, onPress: () => setPanel(panel ? null : 'leave') } : undefined}
      why={stage.state === 'open' ? stillOpenText(stage.gates) : undefined}
      aside={
        <View style={styles.parts}>
          {wide ? <WaysAndSteps decide={decide} /> : null}
          <Facts facts={stage.facts.filter((fact) => fact.stage === 'decide')} nameOf={nameOf} work={stage} />
        </View>
      }
      over={<Over job={job} graph={graph} decide={decide} />}
      overOpen={panel !== null}
    >
      {stage.problem ? <Failed message={stage.problem} /> : null}
      {wide ? null : <TakesOut kg={decide.takeOutKg} />}
      <IsolationDrawing graph={graph} isolation={isolation} joints={job.order} mayChoose={stage.mayNote} />
      {stage.mayNote ? (
        <SeenOfIt seen={isolation.seen} onChange={isolation.setSeen} onOther={isolation.answer ? () => setPanel('keep') : null} />
      ) : null}
      {wide ? null : <WaysAndSteps decide={decide} />}
      <AlsoAndPrice job={job} graph={graph} decide={decide} />
      <Words size={14} tone="ink2">
        {WORDS.cuffs}
      </Words>
    </Sheet>
  );
}

/** The form that lies over it. */
function Over({ job, graph, decide }: DecideProps) {
  const { panel, stage, isolation, price, nameOf, close } = decide;
  if (panel === 'keep') return <KeepIsolation key={isolation.work.join('+')} isolation={isolation} work={stage} onKept={close} />;
  if (panel === 'approval') return <ApprovalForm work={stage} about={price} onDecided={decide.onDecided} onKept={close} />;
  if (panel === 'joining') {
    const [asked, ...others] = decide.joiningAsked;
    const kept = others.length > 0 ? () => undefined : close;
    return (
      <JoiningForm
        key={asked ?? 'any'}
        {...{ job, graph, nameOf, work: stage }}
        places={asked === undefined ? isolation.work : decide.joiningAsked}
        onKept={kept}
      />
    );
  }
  return <Leaving work={stage} skipSays={WORDS.skipSays} onKept={close} />;
}

/** Kilograms to take out; nothing leaves a machine that is pumped down. */
function TakesOut({ kg }: { kg: number | null }) {
  const units = useUnits();
  const wide = useIsWide();
  if (!kg) return null;
  return (
    <View style={styles.takesOut}>
      <Mono size={wide ? 34 : 28} tone="copper">
        {readingText(formatMass(kg, units))}
      </Mono>
      <Words size={15} bold tone="copper">
        {WORDS.toTakeOut}
      </Words>
    </View>
  );
}

function WaysAndSteps({ decide: { isolation, nameOf } }: { decide: DecideWork }) {
  return (
    <View style={styles.parts}>
      <Ways answer={isolation.answer} nameOf={nameOf} />
      <Steps answer={isolation.answer} nameOf={nameOf} />
    </View>
  );
}

/** What is opened as well, and what the price waits for. */
function AlsoAndPrice({ job, graph, decide: { stage, isolation, price, nameOf, setPanel } }: DecideProps) {
  const t = useTokens();
  const wide = useIsWide();
  return (
    <View style={[styles.rule, { borderColor: t.copper }, wide ? styles.columns : styles.column]}>
      <View style={wide ? styles.grow : undefined}>
        <AlsoOpenedList job={job} graph={graph} isolation={isolation} nameOf={nameOf} work={stage} onJoining={() => setPanel('joining')} />
      </View>
      <View style={[styles.prices, wide ? styles.grow : null]}>
        <PriceChecks work={stage} about={price} />
        <RefrigerantFate work={stage} />
        <WorthIt job={job} work={stage} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  parts: { gap: 18 },
  takesOut: { flexDirection: 'row', alignItems: 'baseline', gap: 8 },
  rule: { borderTopWidth: 2, paddingTop: 8 },
  columns: { flexDirection: 'row', gap: 24 },
  column: { gap: 16 },
  grow: { flex: 1 },
  prices: { gap: 14 },
});
