import type { JointPlan } from '@kesto/core';
import { useEffect, useRef, useState } from 'react';
import { answerReach } from './answer';
import type { ReachAnswer, ReachAsk } from './protocol';

/** The worker, or where there is none the page itself. */
function makeAsker(onAnswer: (answer: ReachAnswer) => void): { ask: (message: ReachAsk) => void; end: () => void } {
  const here = (message: ReachAsk) => onAnswer(answerReach(message));
  if (typeof Worker === 'undefined') return { ask: here, end: () => undefined };
  const worker = new Worker(new URL('./reach.worker.ts', window.location.href));
  let ask = (message: ReachAsk) => worker.postMessage(message);
  let last: ReachAsk | null = null;
  worker.onmessage = (event: MessageEvent<ReachAnswer>) => onAnswer(event.data);
  worker.onerror = () => {
    ask = here;
    if (last) here(last);
  };
  return { ask: (message) => ask((last = message)), end: () => worker.terminate() };
}

/** How hot the members get along the drawing; the last answer stays until the next one is there. */
export function useReach(plan: JointPlan, lengths: { maleM: number; femaleM: number }): ReachAnswer | null {
  const [answer, setAnswer] = useState<ReachAnswer | null>(null);
  const asker = useRef<ReturnType<typeof makeAsker> | null>(null);
  const latest = useRef(0);
  useEffect(() => {
    asker.current = makeAsker((a) => {
      if (a.id === latest.current) setAnswer(a);
    });
    return () => asker.current?.end();
  }, []);
  const { maleM, femaleM } = lengths;
  useEffect(() => {
    const { joint, heat, protection, ambientC } = plan;
    latest.current += 1;
    asker.current?.ask({ id: latest.current, plan: { joint, heat, protection, ambientC }, maleM, femaleM });
  }, [plan, maleM, femaleM]);
  return answer;
}
