import type { CircuitView } from '@kesto/contract';
import type { CircuitGraph } from '@kesto/core';
import type { ReactNode } from 'react';
import { errorText } from '@/api/api';
import { useCircuitDrawing } from '@/data/circuits/api';
import { Failed, Loading } from '@/ui/states';
import { WORDS } from './words';

interface WithDrawingsProps {
  readonly circuits: readonly CircuitView[];
  readonly found?: readonly (CircuitGraph | null)[];
  readonly children: (graphs: readonly (CircuitGraph | null)[]) => ReactNode;
}

/** The drawings of several circuits, in their order; null for one that nobody drew. */
export function WithDrawings({ circuits, found = [], children }: WithDrawingsProps) {
  const [first, ...rest] = circuits;
  return first ? <Next first={first} rest={rest} found={found} then={children} /> : <>{children(found)}</>;
}

interface NextProps {
  readonly first: CircuitView;
  readonly rest: readonly CircuitView[];
  readonly found: readonly (CircuitGraph | null)[];
  readonly then: WithDrawingsProps['children'];
}

function Next({ first, rest, found, then }: NextProps) {
  const { data, error, refetch } = useCircuitDrawing(first.id);
  if (!data) return error ? <Failed message={errorText(error)} onRetry={() => void refetch()} /> : <Loading what={WORDS.theDrawing} />;
  return (
    <WithDrawings circuits={rest} found={[...found, data.drawing?.circuit ?? null]}>
      {then}
    </WithDrawings>
  );
}
