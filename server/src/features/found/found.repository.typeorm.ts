import type { FoundJoint } from '@kesto/contract';
import type { ShopTransaction } from '../../platform/db/shop';
import { NEVER_MADE, type FoundRepository } from './found.repository';
import { IS_BEHIND, pageSql, SAVE, TAKE_STALE, type Asked } from './found.sql';

interface Row extends Pick<FoundJoint, 'id' | 'tag' | 'title' | 'site' | 'maker' | 'filler' | 'lot' | 'state'> {
  readonly unitId: string;
  readonly unitTag: string;
  readonly unitName: string;
  readonly madeAt: Date;
  readonly inAll: number | null;
}

const toFound = ({ unitId, unitTag, unitName, madeAt, inAll: _inAll, ...row }: Row): FoundJoint => ({
  ...row,
  unit: { id: unitId, tag: unitTag, name: unitName },
  madeAt: madeAt.toISOString() === NEVER_MADE ? null : madeAt.toISOString(),
});

export function typeormFound({ shopId, manager }: ShopTransaction): FoundRepository {
  const ask = async <R>({ sql, parameters }: Asked) => (await manager.query(sql, [...parameters])) as R[]; // cast: by the statement
  return {
    async takeStale(most) {
      const rows = await ask<{ id: string }>({ sql: TAKE_STALE, parameters: [shopId, most] });
      return rows.map(({ id }) => id);
    },
    isBehind: async () => (await ask<{ behind: boolean }>({ sql: IS_BEHIND, parameters: [shopId] }))[0]?.behind ?? false,
    async save(rows) {
      const column = <Key extends keyof (typeof rows)[number]>(key: Key) => rows.map((row) => row[key]);
      const when = rows.map(({ madeAt }) => madeAt ?? NEVER_MADE);
      await manager.query(SAVE, [shopId, column('jointId'), column('maker'), column('filler'), column('lot'), when, column('state')]);
    },
    async page(asked, most, counted) {
      const rows = await ask<Row>(pageSql(shopId, asked, { most, counted }));
      return { joints: rows.map(toFound), count: counted === undefined ? null : (rows[0]?.inAll ?? 0) };
    },
  };
}
