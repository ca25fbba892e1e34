import type { JobView, JointSummary } from '@kesto/contract';
import { calcErrorText, drawnName, heatAdviceText, noOrderText, orderBreakText, placeName } from '@kesto/contract/wording';
import type { CalcError, CircuitGraph } from '@kesto/core';
import { format } from 'date-fns/format';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { ProgressBar } from 'react-native-paper';
import { CircuitDrawing } from '@/drawing/circuit/CircuitDrawing';
import { jobCells } from '@/data/jobs/cells';
import { useMayMake } from '@/session/useMayMake';
import { Undrawn, WithCircuit } from '@/features/stage';
import { useUnits } from '@/session/units';
import { Choice, FrameKey } from '@/ui/Buttons';
import { FlagLine } from '@/ui/Flag';
import { Sheet, type SheetAction } from '@/ui/Sheet';
import { Empty, Failed } from '@/ui/states';
import { useIsWide, useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { Draggable } from './Draggable';
import { GasPath } from './GasPath';
import { KeepWithReason } from './KeepWithReason';
import { OrderRow } from './OrderRow';
import { useOrder, type OrderWork } from './useOrder';
import { WORDS } from './words';

/** In which order a job's joints are made: where the gas goes in and out at each, and what an order breaks. */
export function OrderScreen({ id }: { id: string }) {
  return <WithCircuit id={id}>{(job, graph) => (graph ? <Ordering job={job} graph={graph} /> : <NotDrawn job={job} />)}</WithCircuit>;
}

const ALL_MADE = { title: 'All are made', text: 'The order they were made in stands below.' };
const NOTHING = {
  title: 'Nothing to order',
  text: 'Joints that are planned on the drawing, and a port for the gas, are put in order here.',
};

const failedText = (error: CalcError, name: (id: string) => string) =>
  error.kind === 'no-order'
    ? noOrderText(error.joints, error.open, name)
    : `The order cannot be told: ${error.field} ${calcErrorText(error)}.`;

function NotDrawn({ job }: { job: JobView }) {
  return (
    <Sheet
      tag={job.unit.tag}
      title={WORDS.title}
      subtitle={WORDS.job(job.number, job.title)}
      up={{ label: WORDS.jobOf(job.number), href: `/jobs/${job.id}` }}
      cells={jobCells(job)}
    >
      <Undrawn job={job} />
    </Sheet>
  );
}

function Ordering({ job, graph }: { job: JobView; graph: CircuitGraph }) {
  const units = useUnits();
  const wide = useIsWide();
  const router = useRouter();
  const mayMake = useMayMake();
  const work = useOrder(job, graph);
  const [chosen, setChosen] = useState<string | null>(null);
  const [asking, setAsking] = useState(false);
  const { order, steps, rigChanges } = work;
  const shown = chosen ?? order[0] ?? null;
  const step = shown === null ? undefined : steps.get(shown);
  const joints = order.flatMap((id) => job.order.find((joint) => joint.id === id) ?? []);
  /** In its order it is made: the kit comes next, where nobody laid it out. */
  const onward = () => router.push(job.kit ? `/jobs/${job.id}` : `/jobs/${job.id}/kit`);
  const done = () => router.push(`/jobs/${job.id}`);
  const keep = () => (work.breaks.length > 0 ? setAsking(true) : void work.keep().then((kept) => kept && onward()));
  return (
    <Sheet
      tag={job.unit.tag}
      title={WORDS.title}
      subtitle={WORDS.subtitle(order.length, rigChanges)}
      up={{ label: WORDS.jobOf(job.number), href: `/jobs/${job.id}` }}
      cells={jobCells(job)}
      action={mayMake && work.request ? actionOf(work, { keep, done }) : undefined}
      round={
        asking
          ? { label: WORDS.close, pressed: true, onPress: () => setAsking(false) }
          : { label: WORDS.kit, onPress: () => router.push(`/jobs/${job.id}/kit`) }
      }
      over={<KeepWithReason keptAs={`${job.id}.order`} busy={work.busy} onKeep={(reason) => work.keep(reason)} onKept={onward} />}
      overOpen={asking}
      aside={<InTurn job={job} graph={graph} work={work} joints={joints} shown={shown} onShow={setChosen} />}
    >
      <CircuitDrawing
        graph={graph}
        upright={!wide}
        maxHeight={wide ? 620 : 420}
        units={units}
        joints={joints}
        overlay={(laid) => (step ? <GasPath {...laid} step={step} /> : null)}
      />
    </Sheet>
  );
}

function actionOf(work: OrderWork, { keep, done }: { keep: () => void; done: () => void }): SheetAction {
  const { search, isAsFound, breaks, isKept, busy } = work;
  if (search.share !== null) return { label: WORDS.leaveSearch, onPress: search.cancel };
  if (!isAsFound && breaks.length > 0) return { label: WORDS.keepAllTheSame, disabled: busy, onPress: keep };
  return isKept ? { label: WORDS.kept, onPress: done } : { label: WORDS.keep, disabled: busy, onPress: keep };
}

interface InTurnProps {
  readonly job: JobView;
  readonly graph: CircuitGraph;
  readonly work: OrderWork;
  readonly joints: readonly JointSummary[];
  readonly shown: string | null;
  readonly onShow: (joint: string) => void;
}

/** The joints in turn, what an order breaks, who kept it; moved by hand or by keys. */
function InTurn({ job, graph, work, joints, shown, onShow }: InTurnProps) {
  const t = useTokens();
  const mayMake = useMayMake();
  const { request, order, steps, breaks, failed } = work;
  const tagOf = (id: string) => job.order.find((joint) => joint.id === id)?.tag ?? placeName(graph, id);
  const withOthers = (id: string) => (work.heats.find((heat) => heat.includes(id)) ?? []).filter((other) => other !== id).map(tagOf);
  return (
    <View style={styles.list}>
      {work.problem ? <Failed message={work.problem} /> : null}
      {!request ? <Empty {...(order.length > 0 && work.allMade ? ALL_MADE : NOTHING)} /> : null}
      {request && mayMake ? <Searching graph={graph} work={work} request={request} /> : null}
      {failed?.[0] ? <Failed message={failedText(failed[0], tagOf)} /> : null}
      {breaks.map((one) => (
        <FlagLine key={`${one.joint}${one.rule}`} letter="a" text={`${orderBreakText(one, tagOf)}.`} />
      ))}
      {work.advice.map((one) => (
        <FlagLine key={`${one.joint}${one.other}`} letter="b" text={`${heatAdviceText(one, tagOf)}.`} />
      ))}
      {job.keptOrder && work.isKept ? (
        <Words size={14} tone="ink2">
          {WORDS.keptBy(job.keptOrder.by, format(new Date(job.keptOrder.at), 'd MMM, HH:mm'), job.keptOrder.reason)}
        </Words>
      ) : null}
      <Draggable ids={order} onDrop={work.putAt}>
        <View role="list" aria-label={WORDS.order} style={[styles.rows, { borderColor: t.copper }]}>
          {joints.map((joint, i) => (
            <OrderRow
              key={joint.id}
              joint={joint}
              place={i + 1}
              step={steps.get(joint.id)}
              withOthers={withOthers(joint.id)}
              isShown={joint.id === shown}
              isBroken={breaks.some((one) => one.joint === joint.id)}
              tagOf={tagOf}
              onShow={() => onShow(joint.id)}
              onMove={mayMake ? (by) => work.move(joint.id, by) : null}
            />
          ))}
        </View>
      </Draggable>
    </View>
  );
}

/** Where the gas goes in, and the search for the best order. */
function Searching({ graph, work, request }: Pick<InTurnProps, 'graph' | 'work'> & { request: NonNullable<OrderWork['request']> }) {
  const t = useTokens();
  const { search } = work;
  const ports = graph.parts.filter(({ kind }) => kind === 'port');
  return (
    <View style={styles.list}>
      {ports.length > 1 ? (
        <Choice
          label={WORDS.goesIn}
          value={request.inlet}
          options={ports.map(({ id }) => ({ value: id, label: WORDS.inAt(drawnName(graph, id)) }))}
          onChange={work.setInlet}
        />
      ) : null}
      <FrameKey label={WORDS.find} disabled={search.share !== null} onPress={() => search.begin(request)} />
      {search.share === null ? null : <ProgressBar progress={search.share} color={t.copper} aria-label={WORDS.searching} />}
    </View>
  );
}

const styles = StyleSheet.create({ list: { gap: 8 }, rows: { borderTopWidth: 2 } });
