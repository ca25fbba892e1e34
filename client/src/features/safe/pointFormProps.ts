import type { JobView } from '@kesto/contract';
import type { TorchPoint } from '@kesto/core';
import type { StageWork } from '@/data/stages/useStage';

export interface PointFormProps {
  readonly point: TorchPoint;
  readonly job: JobView;
  readonly work: StageWork;
  readonly onKept: () => void;
}
