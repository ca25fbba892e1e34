import type { JointView } from '@kesto/contract';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { OxygenRead } from './OxygenRead';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import type { Read } from '@/forms/fields';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { Heading, Words } from '@/ui/Words';
import { TorchChoices } from '@/features/torch';
import { MadeAlready } from './MadeAlready';
import { PlanAnew } from './PlanAnew';
import type { RunWork } from './useRun';
import { WORDS } from './words';

const SOONER = { reason: { label: 'why sooner', kind: 'name' } } as const;

/** What else may be done while a joint is made. */
export function RunMore({ joint, work, onDone }: { joint: JointView; work: RunWork; onDone: () => void }) {
  const router = useRouter();
  const plan = joint.plan?.plan;
  return (
    <View style={arrange.stack10}>
      <Heading size={20}>{WORDS.otherwise}</Heading>
      <TorchChoices />
      {work.run.phase === 'flooding' || work.run.phase === 'feel' ? <Sooner joint={joint} work={work} onDone={onDone} /> : null}
      {work.run.phase === 'flooding' && plan ? <OxygenRead plan={plan} work={work} keptAs={`run.${joint.id}`} /> : null}
      {work.run.litAt === null && plan ? <PlanAnew joint={joint} plan={plan} work={work} onDone={onDone} /> : null}
      {work.run.litAt === null && work.events.length > 0 ? <MadeAlready joint={joint} /> : null}
      {joint.entries.length > 0 ? <FrameKey label={WORDS.whatWasKeptPut} onPress={() => router.push(`/joints/${joint.id}`)} /> : null}
      <Words size={14} tone="ink2">
        {WORDS.eachTapIsKeptUnder}
      </Words>
    </View>
  );
}

/** A flood that is broken off is kept with its reason. */
function Sooner({ joint, work, onDone }: { joint: JointView; work: RunWork; onDone: () => void }) {
  const figures = useFigures(`run.${joint.id}.sooner`, SOONER);
  const keep = async ({ reason }: Read<typeof SOONER>) => {
    const kept =
      (work.run.phase === 'feel' ? await work.note('outlet-open', { felt: true }) : true) &&
      (await work.note('trickle-set', { ...work.trickle, reason }));
    if (kept) onDone();
    return kept;
  };
  return (
    <View style={arrange.stack8}>
      <Words size={15}>{WORDS.trickleNow}</Words>
      <FigureFields figures={figures} />
      <FrameKey label={WORDS.trickleNowLabel} disabled={work.busy} onPress={() => void figures.submit(keep)} />
    </View>
  );
}
