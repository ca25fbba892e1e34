import { LessThan, MoreThanOrEqual } from 'typeorm';
import { Audit, RefusedTries } from '../../platform/db/rows';
import type { ShopTransaction } from '../../platform/db/shop';
import type { AuditRepository, FoundLine } from './audit.repository';
import { pageSql, refusedSql } from './audit.sql';

export const typeormAudit = ({ shopId, manager }: ShopTransaction): AuditRepository => ({
  async add(line) {
    await manager.insert(Audit, { ...line, shopId });
  },
  async refused({ personId, address, minute }, forgottenBefore) {
    await manager.query(refusedSql, [shopId, personId, address, minute]);
    await manager.delete(RefusedTries, { shopId, minute: LessThan(forgottenBefore) });
  },
  refusedSince: (moment) => manager.countBy(RefusedTries, { shopId, minute: MoreThanOrEqual(moment) }),
  page: (behind, most) => manager.query<FoundLine[]>(pageSql, [shopId, behind?.at ?? null, behind?.id ?? null, most]),
});
