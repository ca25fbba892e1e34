import type { ShopTransaction } from '../../platform/db/shop';
import { LabelsGiven } from '../../platform/db/treeRows';
import type { LabelRepository } from './labels.repository';

export const typeormLabels = ({ shopId, manager }: ShopTransaction): LabelRepository => ({
  async gave(labels) {
    const rows = labels.map((label) => ({ shopId, ...label }));
    if (rows.length > 0) await manager.createQueryBuilder().insert().into(LabelsGiven).values(rows).orIgnore().execute();
  },
});
