import { useState } from 'react';
import { useDispatch } from 'react-redux';
import type { KeepingDispatch } from './thunks';
import type { Refusal, Write, WriteRoute } from './command';
import { write } from './write';

const NOT_KEPT: Refusal = {
  message: 'This device could not keep it: its storage is full, or closed to this page. What you entered still stands here.',
  field: null,
};

/** Writes for one screen: whether one is being kept, and what is wrong with the last. */
export function useWrite() {
  const dispatch = useDispatch<KeepingDispatch>();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<Refusal | null>(null);

  /** True once it is safe on the device, and was not refused at once. */
  async function keep<Name extends WriteRoute>(asked: Write<Name>): Promise<boolean> {
    setBusy(true);
    const refused = await dispatch(write(asked)).catch(() => NOT_KEPT);
    setBusy(false);
    setProblem(refused);
    return refused === null;
  }

  return { keep, busy, problem, setProblem };
}
