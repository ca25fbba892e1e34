import type { Drawn, JobView } from '@kesto/contract';
import type { CircuitGraph } from '@kesto/core';
import type { ReactNode } from 'react';
import { Fetched } from '@/api/Fetched';
import { useCircuitDrawing } from '@/data/circuits/api';
import { WithJob } from '@/data/jobs/WithJob';
import { WORDS } from './words';

/** A screen of a job on its circuit as it is drawn; null where nobody drew it yet. */
export function WithCircuit({ id, children }: { id: string; children: (job: JobView, graph: CircuitGraph | null) => ReactNode }) {
  return <WithJob id={id}>{(job) => <OnDrawing job={job}>{(graph) => children(job, graph)}</OnDrawing>}</WithJob>;
}

function OnDrawing({ job, children }: { job: JobView; children: (graph: CircuitGraph | null) => ReactNode }) {
  return (
    <Fetched<Drawn> query={useCircuitDrawing(job.circuitId)} what={WORDS.theDrawing}>
      {({ drawing }) => children(drawing?.circuit ?? null)}
    </Fetched>
  );
}
