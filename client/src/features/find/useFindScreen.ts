import type { JobView } from '@kesto/contract';
import { placeName } from '@kesto/contract/wording';
import { lastOf, leaksOf, lossOf, placesToLook, tubePlace, type CircuitGraph } from '@kesto/core';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import type { Chosen } from '@/drawing/circuit/Targets';
import { checksOf } from '@/data/stages/checks';
import { stageHref } from '@/data/stages/stageHref';
import { useStage, type StageWork } from '@/data/stages/useStage';
import type { SheetAction } from '@/ui/Sheet';
import type { Panel } from './FindPanel';
import { WORDS } from './words';

/** A longer one does not go on the pill. */
const LONGEST_NAME = 18;

/** What comes next lies open, as long as it was not said. */
const firstPanel = (opens: string | undefined, { mayNote, facts }: StageWork): Panel | null =>
  opens === 'complaint' && mayNote && lastOf(facts, 'complaint') === undefined ? { form: 'complaint' } : null;

/** The part or the tube that was touched, as a place. */
function placeOf(graph: CircuitGraph | null, chosen: Chosen): string | null {
  if (!chosen || !graph) return null;
  if ('part' in chosen) return chosen.part ?? null;
  const link = graph.links[chosen.link];
  return link ? tubePlace(link) : null;
}

interface Asked {
  readonly work: StageWork;
  readonly next: string | undefined;
  readonly nameOf: (place: string) => string;
  readonly open: (panel: Panel) => void;
  readonly onward: () => void;
}

/** The one action: what comes next in the job, as far as it is done here. */
function actionOf({ work, next, nameOf, open, onward }: Asked): SheetAction {
  const { state, facts, gates } = work;
  const hasComplaint = lastOf(facts, 'complaint') !== undefined;
  const isDone = hasComplaint && gates.length === 0 && checksOf(facts).length > 0;
  if (state !== 'open') return { label: WORDS.onward, onPress: onward };
  if (isDone) return { label: WORDS.found, onPress: () => void work.note('done', {}).then((kept) => kept && onward()) };
  if (!hasComplaint) return { label: WORDS.noteComplaint, onPress: () => open({ form: 'complaint' }) };
  const name = next === undefined ? '' : nameOf(next);
  if (next === undefined) return { label: WORDS.keepsOpen, onPress: () => open({ form: 'leave' }) };
  return { label: name.length > LONGEST_NAME ? WORDS.checkNext : WORDS.check(name), onPress: () => open({ form: 'place', place: next }) };
}

/** Where it leaks: what is lost, what was looked at, where to look next, and the form that lies over it. */
export function useFindScreen(job: JobView, graph: CircuitGraph | null, opens: string | undefined) {
  const router = useRouter();
  const work = useStage(job, 'find');
  const { facts } = work;
  const [panel, setPanel] = useState<Panel | null>(() => firstPanel(opens, work));
  const loss = lossOf(facts);
  const nameOf = (place: string) => placeName(graph, place);
  const toLook = graph ? placesToLook(graph, facts, job.stages.history) : [];
  const isFirst = loss === null && lastOf(facts, 'complaint') === undefined;
  // Only what it was opened for: another form may be open by the time it is safe. After what is complained of comes what was lost: it says how
  // large a leak to look for.
  const onKept = () => setPanel((now) => (now !== panel ? now : panel?.form === 'complaint' && isFirst ? { form: 'loss' } : null));
  const openPlace = (place: string) => setPanel({ form: 'place', place });
  return {
    ...{ work, loss, nameOf, toLook, panel, setPanel, openPlace, onKept },
    checks: checksOf(facts),
    hasLeaks: leaksOf(facts).length > 0,
    choose(chosen: Chosen) {
      const place = placeOf(graph, chosen);
      if (place !== null) openPlace(place);
    },
    action: actionOf({
      ...{ work, nameOf, open: setPanel },
      next: toLook[0]?.place,
      onward: () => router.push(stageHref(job.id, 'decide')),
    }),
  };
}
export type FindWork = ReturnType<typeof useFindScreen>;
