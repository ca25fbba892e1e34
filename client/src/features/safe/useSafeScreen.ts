import type { JobView } from '@kesto/contract';
import { TORCH_POINT_WORDS } from '@kesto/contract/wording';
import { isWithoutFlame, torchLock, torchPoints, type TorchPoint } from '@kesto/core';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { useStage, type StageWork } from '@/data/stages/useStage';
import { useFreshness } from '@/features/torch';
import { useMe } from '@/session/useMe';
import type { SheetAction } from '@/ui/Sheet';
import { quickAnswers } from './quickAnswers';
import { WORDS } from './words';

export type Panel = { readonly point: TorchPoint } | 'leave';

interface Ends {
  readonly open: (panel: Panel) => void;
  readonly onward: () => void;
}

function actionOf(stage: StageWork, next: TorchPoint | undefined, { open, onward }: Ends): SheetAction {
  if (stage.state !== 'open') return { label: WORDS.onward, onPress: onward };
  if (next !== undefined)
    return { label: TORCH_POINT_WORDS[next].name.replace(/^./, (c) => c.toUpperCase()), onPress: () => open({ point: next }) };
  return { label: WORDS.isSafe, onPress: () => void stage.note('done', {}).then((kept) => kept && onward()) };
}

/** What has to be answered before the torch is lit, how it stands, and the sheet that lies over the list. */
export function useSafeScreen(job: JobView) {
  const router = useRouter();
  const stage = useStage(job, 'make-safe');
  const [panel, setPanel] = useState<Panel | null>(null);
  const points = torchPoints(stage.facts, stage.about);
  const waiting = stage.gates.flatMap((gate) => gate.open);
  const me = useMe()?.person.name ?? null;
  const isSheet = (point: TorchPoint) => waiting.includes(point) && quickAnswers(point, me).length === 0;
  const open = points.filter((point) => point.isOpen && waiting.includes(point.point));
  const fresh = useFreshness(stage);
  return {
    ...{ stage, panel, setPanel, fresh },
    /** Points with whether they are overruled by name. */
    points: points.map((state) => ({ state, isOverruled: state.isOpen && !waiting.includes(state.point) })),
    lock: torchLock(stage.facts, stage.about),
    isFlameless: isWithoutFlame(stage.facts, stage.about),
    openCount: open.length,
    // Only what it was opened for: another form may be open by the time it is safe.
    close: () => setPanel((now) => (now === panel ? null : now)),
    /** From one sheet to the next that is open and asks more than a tap; what is answered by one is answered on the list. */
    goOn(kept: TorchPoint) {
      const after = points.slice(points.findIndex(({ point }) => point === kept) + 1);
      const next = stage.state === 'open' ? after.find(({ isOpen, point }) => isOpen && isSheet(point)) : undefined;
      setPanel((now) => (now === panel ? (next ? { point: next.point } : null) : now));
    },
    // What is read again before a flame is read again when the stage is long done.
    mayAnswer: (point: TorchPoint) => stage.mayNote || (stage.mayMake && fresh.again.includes(point)),
    action: actionOf(stage, open[0]?.point, { open: setPanel, onward: () => router.push(`/jobs/${job.id}`) }),
  };
}
export type SafeWork = ReturnType<typeof useSafeScreen>;
