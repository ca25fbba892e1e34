import type { EngineAsk } from './protocol';

/** The engine in a worker of its own, as told to whoever asks it. */
export interface Engine<Answer> {
  readonly ask: (what: EngineAsk) => void;
  readonly end: () => void;
  onAnswer: (answer: Answer) => void;
  onFailed: () => void;
}

/** Null where there are no workers: the page computes by itself. */
export function openEngine<Answer>(): Engine<Answer> | null {
  if (typeof Worker === 'undefined') return null;
  const worker = new Worker(new URL('./engine.worker.ts', window.location.href));
  const engine: Engine<Answer> = {
    ask: (what) => worker.postMessage(what),
    end: () => worker.terminate(),
    onAnswer: () => undefined,
    onFailed: () => undefined,
  };
  worker.onmessage = ({ data }: MessageEvent<Answer>) => engine.onAnswer(data);
  worker.onerror = () => engine.onFailed();
  return engine;
}
