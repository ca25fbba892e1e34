import { sequence, type Result, type Sequence, type SequenceRequest } from '@kesto/core';
import { useEffect, useRef, useState } from 'react';
import { openEngine, type Engine } from '@/worker/openEngine';
import type { OrderAnswer } from '@/worker/protocol';

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
  const engine = useRef<Engine<OrderAnswer> | null>(null);
  const cancel = () => {
    engine.current?.end();
    engine.current = null;
    setShare(null);
  };
  useEffect(() => () => engine.current?.end(), []);
  function begin(request: SequenceRequest) {
    cancel();
    setFound(null);
    setAsked(JSON.stringify(request));
    const here = openEngine<OrderAnswer>();
    if (!here) return setFound(sequence(request));
    setShare(0);
    engine.current = here;
    here.onAnswer = (answer) => {
      if ('share' in answer) return setShare(answer.share);
      setFound(answer.found);
      cancel();
    };
    here.onFailed = () => {
      cancel();
      setFound(sequence(request));
    };
    here.ask({ order: request });
  }
  return { share, found, asked, begin, cancel };
}
