import type { JobView } from '@kesto/contract';
import { calcErrorText, drawnName, heatAdviceText, noOrderText, orderBreakText, placeName } from '@kesto/contract/wording';
import type { CalcError, CircuitGraph } from '@kesto/core';
import { format } from 'date-fns/format';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { ProgressBar } from 'react-native-paper';
import { CircuitDrawing } from '@/drawing/circuit/CircuitDrawing';
import { jobCells } from '@/data/jobs/cells';
import { useMayMake } from '@/session/useMayMake';
import { Undrawn, WithCircuit } from '@/features/stage';
import { useUnits } from '@/session/units';
import { Choice, FrameKey } from '@/ui/Buttons';
import { FlagLine } from '@/ui/Flag';
import { Sheet } from '@/ui/Sheet';
import { Empty, Failed } from '@/ui/states';
import { useIsWide, useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { Draggable } from './Draggable';
import { GasPath } from './GasPath';
import { KeepWithReason } from './KeepWithReason';
import { OrderRow } from './OrderRow';
import { useOrder } from './useOrder';

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
      title="In which order"
      subtitle={`job ${job.number}, ${job.title}`}
      up={{ label: `job ${job.number}`, href: `/jobs/${job.id}` }}
      cells={jobCells(job)}
    >
      <Undrawn job={job} />
    </Sheet>
  );
}

function Ordering({ job, graph }: { job: JobView; graph: CircuitGraph }) {
  const t = useTokens();
  const units = useUnits();
  const wide = useIsWide();
  const router = useRouter();
  const mayMake = useMayMake();
  const work = useOrder(job, graph);
  const [chosen, setChosen] = useState<string | null>(null);
  const [asking, setAsking] = useState(false);
  const { request, order, steps, breaks, search, failed } = work;
  const tagOf = (id: string) => job.order.find((joint) => joint.id === id)?.tag ?? placeName(graph, id);
  const joints = order.flatMap((id) => job.order.find((joint) => joint.id === id) ?? []);
  const shown = chosen ?? order[0] ?? null;
  const step = shown === null ? undefined : steps.get(shown);
  const ports = graph.parts.filter(({ kind }) => kind === 'port');
  const done = () => router.push(`/jobs/${job.id}`);
  const keep = () => (breaks.length > 0 ? setAsking(true) : void work.keep().then((kept) => kept && done()));
  const action =
    search.share !== null
      ? { label: 'Leave the search', onPress: search.cancel }
      : work.isAsFound || breaks.length === 0
        ? work.isKept
          ? { label: 'Kept: to the joints', onPress: done }
          : { label: 'Keep this order', disabled: work.busy, onPress: keep }
        : { label: 'Keep it all the same', disabled: work.busy, onPress: keep };
  const changes = work.rigChanges;
  return (
    <Sheet
      tag={job.unit.tag}
      title="In which order"
      subtitle={`${order.length} joints${changes === null ? '' : `, rig changed ${changes} ${changes === 1 ? 'time' : 'times'}`}`}
      up={{ label: `job ${job.number}`, href: `/jobs/${job.id}` }}
      cells={jobCells(job)}
      action={mayMake && request ? action : undefined}
      round={
        asking
          ? { label: 'close', pressed: true, onPress: () => setAsking(false) }
          : { label: 'kit', onPress: () => router.push(`/jobs/${job.id}/kit`) }
      }
      over={<KeepWithReason keptAs={`${job.id}.order`} busy={work.busy} onKeep={(reason) => work.keep(reason)} onKept={done} />}
      overOpen={asking}
      aside={
        <View style={{ gap: 8 }}>
          {work.problem ? <Failed message={work.problem} /> : null}
          {!request ? <Empty {...(order.length > 0 && work.allMade ? ALL_MADE : NOTHING)} /> : null}
          {request && mayMake ? (
            <View style={{ gap: 8 }}>
              {ports.length > 1 ? (
                <Choice
                  label="gas goes in at"
                  value={request.inlet}
                  options={ports.map(({ id }) => ({ value: id, label: `in: ${drawnName(graph, id)}` }))}
                  onChange={work.setInlet}
                />
              ) : null}
              <FrameKey label="Find the best order" disabled={search.share !== null} onPress={() => search.begin(request)} />
              {search.share === null ? null : <ProgressBar progress={search.share} color={t.copper} aria-label="searching the order" />}
            </View>
          ) : null}
          {failed?.[0] ? <Failed message={failedText(failed[0], tagOf)} /> : null}
          {breaks.map((one) => (
            <FlagLine key={`${one.joint}${one.rule}`} letter="a" text={`${orderBreakText(one, tagOf)}.`} />
          ))}
          {work.advice.map((one) => (
            <FlagLine key={`${one.joint}${one.other}`} letter="b" text={`${heatAdviceText(one, tagOf)}.`} />
          ))}
          {job.keptOrder && work.isKept ? (
            <Words size={14} tone="ink2">
              Kept by {job.keptOrder.by}, {format(new Date(job.keptOrder.at), 'd MMM, HH:mm')}
              {job.keptOrder.reason ? `: ${job.keptOrder.reason}` : ''}
            </Words>
          ) : null}
          <Draggable ids={order} onDrop={work.putAt}>
            <View role="list" aria-label="order" style={{ borderTopWidth: 2, borderColor: t.copper }}>
              {joints.map((joint, i) => (
                <OrderRow
                  key={joint.id}
                  joint={joint}
                  place={i + 1}
                  step={steps.get(joint.id)}
                  withOthers={(work.heats.find((heat) => heat.includes(joint.id)) ?? []).filter((id) => id !== joint.id).map(tagOf)}
                  isShown={joint.id === shown}
                  isBroken={breaks.some((one) => one.joint === joint.id)}
                  tagOf={tagOf}
                  onShow={() => setChosen(joint.id)}
                  onMove={mayMake ? (by) => work.move(joint.id, by) : null}
                />
              ))}
            </View>
          </Draggable>
        </View>
      }
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
