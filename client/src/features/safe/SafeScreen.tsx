import type { JobView } from '@kesto/contract';
import { isWithoutFlame, torchLock, torchPoints, type TorchPoint } from '@kesto/core';
import { TORCH_POINT_WORDS } from '@kesto/contract/wording';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { WithJob } from '@/data/jobs/WithJob';
import { jobCells } from '@/data/jobs/cells';
import { Facts, Leaving } from '@/features/stage';
import { placeName } from '@kesto/contract/wording';
import { useStage } from '@/data/stages/useStage';
import { Sheet } from '@/ui/Sheet';
import { Failed } from '@/ui/states';
import { useIsWide, useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { Cooling } from './Cooling';
import { Freshness, useFreshness } from '@/features/torch';
import { OutOfService } from './OutOfService';
import { PointForm } from './PointForm';
import { PointRow } from './PointRow';
import { WatchRow } from './WatchRow';

export function SafeScreen({ id }: { id: string }) {
  return <WithJob id={id}>{(job) => <Ready job={job} />}</WithJob>;
}

type Panel = { readonly point: TorchPoint } | 'leave';

/** May the torch be lit here: not before this list is answered. */
function Ready({ job }: { job: JobView }) {
  const t = useTokens();
  const wide = useIsWide();
  const router = useRouter();
  const stage = useStage(job, 'make-safe');
  const [panel, setPanel] = useState<Panel | null>(null);
  // Only what it was opened for: another form may be open by the time it is safe.
  const close = () => setPanel((now) => (now === panel ? null : now));
  const points = torchPoints(stage.facts, stage.about);
  const waiting = stage.gates.flatMap((gate) => gate.open);
  const open = points.filter((point) => point.isOpen && waiting.includes(point.point));
  const lock = torchLock(stage.facts, stage.about);
  const fresh = useFreshness(stage);
  const stale = fresh.again.length > 0;
  // What is read again before a flame is read again when the stage is long done.
  const mayAnswer = (point: TorchPoint) => stage.mayNote || (stage.mayMake && fresh.again.includes(point));
  const action = actionOf(stage, open[0]?.point, { open: setPanel, onward: () => router.push(`/jobs/${job.id}`) });
  return (
    <Sheet
      tag={job.unit.tag}
      title="Make safe"
      subtitle={`job ${job.number}, ${job.title}`}
      up={{ label: `job ${job.number}`, href: `/jobs/${job.id}` }}
      cells={jobCells(job)}
      action={stage.mayMake && panel === null ? action : undefined}
      round={
        stage.mayMake
          ? { label: panel ? 'close' : 'more', pressed: panel !== null, onPress: () => setPanel(panel ? null : 'leave') }
          : undefined
      }
      aside={
        <Facts facts={stage.facts.filter((fact) => fact.stage === 'make-safe')} nameOf={(place) => placeName(null, place)} work={stage} />
      }
      over={
        panel === 'leave' || panel === null ? (
          <Leaving work={stage} skipSays="Where nothing is lit and nothing is opened: joints pressed or flared." onKept={close}>
            <Cooling work={stage} onKept={close} />
          </Leaving>
        ) : (
          <PointForm key={panel.point} point={panel.point} job={job} work={stage} onKept={close} />
        )
      }
      overOpen={panel !== null}
    >
      {stage.problem ? <Failed message={stage.problem} /> : null}
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 18, flexWrap: 'wrap' }}>
        <Words size={34} bold tone={lock ? 'red' : stale ? 'amber' : 'teal'} role="status">
          {lock
            ? 'Not yet'
            : isWithoutFlame(stage.facts, stage.about)
              ? 'It may be opened, no flame'
              : stale
                ? 'The torch may be lit once it is read again'
                : 'The torch may be lit'}
        </Words>
        <Words size={15} tone="ink2" style={{ flexShrink: 1 }}>
          {saysOf(open.length, { locked: lock !== null, flame: !isWithoutFlame(stage.facts, stage.about) })}
        </Words>
      </View>
      {lock ? null : <Freshness {...fresh} />}
      <View
        style={{ borderTopWidth: 2, borderColor: t.copper, ...(wide ? { flexDirection: 'row', flexWrap: 'wrap', columnGap: 24 } : {}) }}
      >
        {points.map((point) => (
          <PointRow
            key={point.point}
            state={point}
            isOverruled={point.isOpen && !waiting.includes(point.point)}
            wide={wide}
            again={fresh.again.includes(point.point)}
            onOpen={mayAnswer(point.point) ? () => setPanel({ point: point.point }) : null}
            onAnswer={
              mayAnswer(point.point) && !stage.busy ? (answer) => void stage.note('hot-work', { point: point.point, answer }) : null
            }
          />
        ))}
      </View>
      <WatchRow work={stage} job={job} />
      <OutOfService work={stage} />
      <Words size={14} tone="ink2">
        Overrule a point: a lead, by name, with the reason; zero and open, and the air, nobody. Local hot-work rules come first.
      </Words>
    </Sheet>
  );
}

function saysOf(open: number, { locked, flame }: { locked: boolean; flame: boolean }): string {
  if (open === 0) return locked ? 'opened again' : 'everything on the list is answered or overruled by name';
  const things = open === 1 ? 'thing is' : 'things are';
  return locked
    ? `${open} ${things} open before ${flame ? 'the torch may be lit' : 'it may be opened'}`
    : `what locks it is answered; ${open} ${things} still open on the list`;
}

interface Ends {
  readonly open: (panel: Panel) => void;
  readonly onward: () => void;
}

function actionOf(stage: ReturnType<typeof useStage>, next: TorchPoint | undefined, { open, onward }: Ends) {
  if (stage.state !== 'open') return { label: 'On to the joints', onPress: onward };
  if (next !== undefined)
    return { label: TORCH_POINT_WORDS[next].name.replace(/^./, (c) => c.toUpperCase()), onPress: () => open({ point: next }) };
  return { label: 'Safe: plan the joints', onPress: () => void stage.note('done', {}).then((kept) => kept && onward()) };
}
