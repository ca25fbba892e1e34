import { layOut } from '@kesto/core/circuit-layout';
import { sequence, type SequenceRequest } from '@kesto/core/sequence';
import type { EngineAsk, LayoutAnswer, LayoutAsk, OrderAnswer } from './protocol';
import { answerReach } from './reach';

const tell = (answer: OrderAnswer) => globalThis.postMessage(answer);

function search(request: SequenceRequest): void {
  const found = sequence(request, (share) => {
    tell({ share });
    return true;
  });
  tell({ found });
}

const laid = ({ id, graph }: LayoutAsk): LayoutAnswer => ({ id, layout: layOut(graph) });

// One worker for all that is heavy: what two of them took, the first screen would wait for.
globalThis.onmessage = ({ data }: MessageEvent<EngineAsk>) => {
  if ('reach' in data) globalThis.postMessage(answerReach(data.reach));
  else if ('layOut' in data) globalThis.postMessage(laid(data.layOut));
  else search(data.order);
};
