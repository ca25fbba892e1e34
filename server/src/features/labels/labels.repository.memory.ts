import type { MemoryRows } from '../../platform/memory/rows';
import type { LabelRepository } from './labels.repository';

export const memoryLabels = ({ labelsGiven }: MemoryRows): LabelRepository => ({
  async gave(labels) {
    labelsGiven.push(...labels);
  },
});
