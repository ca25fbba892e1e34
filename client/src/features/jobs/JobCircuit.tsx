import type { JobView } from '@kesto/contract';
import { CircuitOf } from '@/features/circuit';
import { WORDS } from './words';

const HEIGHT = { wide: 400, phone: 460 } as const;

/** The circuit a job stands on, with the joints of the job that were planned on the drawing. */
export const JobCircuit = ({ job }: { job: JobView }) => (
  <CircuitOf unitId={job.unit.id} circuitId={job.circuitId} maxHeight={HEIGHT} joints={job.order} label={WORDS.planAJointOn} />
);
