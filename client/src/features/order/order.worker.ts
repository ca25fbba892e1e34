import { sequence } from '@kesto/core';
import type { OrderAnswer, OrderAsk } from './protocol';

const tell = (answer: OrderAnswer) => globalThis.postMessage(answer);

globalThis.onmessage = ({ data: { request } }: MessageEvent<OrderAsk>) => {
  const found = sequence(request, (share) => {
    tell({ share });
    return true;
  });
  tell({ found });
};
