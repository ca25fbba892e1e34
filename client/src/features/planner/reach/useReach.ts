import type { JointPlan } from '@kesto/core';
import { useEffect, useRef, useState } from 'react';
import { openEngine } from '@/worker/openEngine';
import { answerReach, type ReachAnswer, type ReachAsk } from '@/worker/reach';
import { latestOnly, type Asker } from './latestOnly';

/** The worker, or where there is none, or it fails, the page itself. */
function makeAsker(onAnswer: (answer: ReachAnswer) => void): Asker<ReachAsk> {
  const here = (ask: ReachAsk) => queue.answered(answerReach(ask));
  const engine = openEngine<ReachAnswer>();
  let put = engine ? (ask: ReachAsk) => engine.ask({ reach: ask }) : here;
  const queue = latestOnly<ReachAsk, ReachAnswer>({ put: (ask) => put(ask), onAnswer });
  if (engine) {
    engine.onAnswer = (answer) => queue.answered(answer);
    engine.onFailed = () => {
      put = here;
      queue.again();
    };
  }
  return { ask: queue.ask, end: () => engine?.end() };
}

/** How hot the members get along the drawing; the last answer stays until the next one is there. */
export function useReach(plan: JointPlan, lengths: { maleM: number; femaleM: number }): ReachAnswer | null {
  const [answer, setAnswer] = useState<ReachAnswer | null>(null);
  const asker = useRef<Asker<ReachAsk> | null>(null);
  const count = useRef(0);
  useEffect(() => {
    asker.current = makeAsker(setAnswer);
    return () => asker.current?.end();
  }, []);
  const { maleM, femaleM } = lengths;
  useEffect(() => {
    const { joint, heat, protection, ambientC, holdS } = plan;
    asker.current?.ask({ id: (count.current += 1), plan: { joint, heat, protection, ambientC, holdS }, maleM, femaleM });
  }, [plan, maleM, femaleM]);
  return answer;
}
