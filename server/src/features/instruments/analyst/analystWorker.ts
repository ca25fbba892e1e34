import { parentPort } from 'node:worker_threads';
import { Sums, type Asked } from './sums';

const sums = new Sums();

parentPort?.on('message', ({ id, asked }: { id: number; asked: Asked }) => {
  try {
    parentPort?.postMessage({ id, answer: sums.answer(asked) });
  } catch (error) {
    parentPort?.postMessage({ id, answer: null, failed: String(error) });
  }
});
