import { sequence, type Result, type Sequence, type SequenceRequest } from '@kesto/core';
import { useEffect, useRef, useState } from 'react';
import type { OrderAnswer, OrderAsk } from './protocol';

export interface Search {
  /** 0..1 while it is searched; null where nothing is. */
  readonly share: number | null;
  readonly found: Result<Sequence> | null;
  /** What was asked, as text: what it found holds for nothing else. */
  readonly asked: string;
  readonly begin: (request: SequenceRequest) => void;
  readonly cancel: () => void;
}

/** The best order of a job's joints, searched beside the page; it can be left. */
export function useSearch(): Search {
  const [share, setShare] = useState<number | null>(null);
  const [found, setFound] = useState<Result<Sequence> | null>(null);
  const [asked, setAsked] = useState('');
  const worker = useRef<Worker | null>(null);
  const cancel = () => {
    worker.current?.terminate();
    worker.current = null;
    setShare(null);
  };
  useEffect(() => () => worker.current?.terminate(), []);
  function begin(request: SequenceRequest) {
    cancel();
    setFound(null);
    setAsked(JSON.stringify(request));
    if (typeof Worker === 'undefined') return setFound(sequence(request));
    setShare(0);
    const here = new Worker(new URL('./order.worker.ts', window.location.href));
    worker.current = here;
    here.onmessage = ({ data }: MessageEvent<OrderAnswer>) => {
      if ('share' in data) return setShare(data.share);
      setFound(data.found);
      cancel();
    };
    here.onerror = () => {
      cancel();
      setFound(sequence(request));
    };
    here.postMessage({ request } satisfies OrderAsk);
  }
  return { share, found, asked, begin, cancel };
}
