import type { JobView } from '@kesto/contract';
import { placeName } from '@kesto/contract/wording';
import { joiningAsked, lastOf, type CircuitGraph } from '@kesto/core';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { stageHref } from '@/data/stages/stageHref';
import { useStage, type StageWork } from '@/data/stages/useStage';
import type { SheetAction } from '@/ui/Sheet';
import { useIsolation, type IsolationWork } from './useIsolation';
import { WORDS } from './words';

type Panel = 'keep' | 'approval' | 'joining' | 'leave';

interface Ends {
  readonly keep: () => void;
  readonly decided: () => void;
  readonly open: (panel: Panel) => void;
  readonly onward: () => void;
}

/** The one action: what comes next in the job, as far as it is done here. */
function actionOf(stage: StageWork, { answer, isKeptWay, work }: IsolationWork, { open, keep, decided, onward }: Ends): SheetAction {
  if (stage.state !== 'open') return { label: WORDS.onward, onPress: onward };
  const [gate] = stage.gates;
  const isKept = lastOf(stage.facts, 'isolation') !== undefined;
  const asksJoining = joiningAsked(stage.facts, work).length > 0;
  if (!isKeptWay) return { label: isKept ? WORDS.keepNewWay : WORDS.keepWay, disabled: !answer || stage.busy, onPress: keep };
  if (asksJoining) return { label: WORDS.howJoined, onPress: () => open('joining') };
  if (!gate) return { label: WORDS.decided, onPress: decided };
  return gate.gate === 'not-approved'
    ? { label: WORDS.getApproval, onPress: () => open('approval') }
    : { label: WORDS.keepsOpen, onPress: () => open('leave') };
}

/** How the work is got at, what else is opened, whose yes it needs, and the form that lies over it. */
export function useDecideScreen(job: JobView, graph: CircuitGraph) {
  const router = useRouter();
  const stage = useStage(job, 'decide');
  const isolation = useIsolation(job, graph, stage.facts);
  const [panel, setPanel] = useState<Panel | null>(null);
  const kept = lastOf(stage.facts, 'isolation')?.values;
  const onward = () => router.push(stageHref(job.id, 'make-safe'));
  const decided = () => void stage.note('done', {}).then((isSafe) => isSafe && onward());
  // Once it is said how, somebody has to say yes.
  const keepAdvised = async () => {
    if (!(await isolation.keepAdvised(stage))) return;
    if (joiningAsked(stage.facts, isolation.work).length > 0) setPanel('joining');
    else if (stage.gates.some(({ gate }) => gate === 'not-approved')) setPanel('approval');
  };
  const isYesAll = isolation.isKeptWay && stage.gates.every(({ gate }) => gate === 'not-approved');
  return {
    ...{ stage, isolation, panel, setPanel },
    nameOf: (place: string) => placeName(graph, place),
    /** Parts of which it has to be said, one after the other. */
    joiningAsked: joiningAsked(stage.facts, isolation.work),
    // Only what it was opened for: another form may be open by the time it is safe.
    close: () => setPanel((now) => (now === panel ? null : now)),
    /** What a price is made of. */
    price: { graph, facts: stage.facts, chargeKg: job.circuit.chargeKg },
    /** Nothing but the yes keeps it open: with it the stage is ended. */
    onDecided: isYesAll ? decided : null,
    isKept: kept !== undefined,
    takeOutKg: kept?.takeOutKg ?? isolation.takeOutKg(kept?.method ?? isolation.answer?.method ?? 'recover-all'),
    action: actionOf(stage, isolation, { open: setPanel, keep: () => void keepAdvised(), decided, onward }),
  };
}
export type DecideWork = ReturnType<typeof useDecideScreen>;
