import { In } from 'typeorm';
import { Circuits, Joints, Sites, Units } from '../../platform/db/rows';
import type { ShopTransaction } from '../../platform/db/shop';
import { keepWords } from '../../platform/db/keepWords';
import type { CircuitRepository, Site, SiteRepository, Unit, UnitRepository } from './units.repository';

/** $1 shop, $2 sites, $3 place and $4 id of the machine that was shown last, $5 how many of each. */
const ofSitesSql = `
select its.id, its.site_id as "siteId", its.tag, its.name, its.kind, its.place, its.details from unnest($2::uuid[]) asked cross join lateral (
  select * from unit where unit.shop_id = $1 and unit.site_id = asked and (unit.place, unit.id) > ($3, $4::uuid)
  order by unit.place, unit.id limit $5) its`;

/** $1 shop, $2 models, $3 how many of each: in their places. */
const ofModelsSql = `
select kin.id, kin.site_id as "siteId", kin.tag, kin.name, kin.kind, kin.place, kin.details from unnest($2::text[]) asked cross join lateral (
  select * from unit where unit.shop_id = $1 and unit.model = asked order by unit.place limit $3) kin`;

/** $1 shop, $2 name and $3 id of the site that was shown last, $4 how many. */
const pageOfSitesSql = `
select id, name, altitude_m as "altitudeM" from site where shop_id = $1 and (lower(name), id) > (lower($2), $3::uuid)
order by lower(name), id limit $4`;

/** Before every id. */
const NO_ID = '00000000-0000-0000-0000-000000000000';

/** Each machine's words again: it is called, or stands, otherwise. */
async function keepUnitsWords(transaction: ShopTransaction, which: { readonly id: string } | { readonly siteId: string }): Promise<void> {
  const { shopId, manager } = transaction;
  const units = await manager.findBy(Units, { shopId, ...which });
  const sites = await manager.findBy(Sites, { shopId, id: In(units.map(({ siteId }) => siteId)) });
  for (const unit of units) await keepWords(transaction).unit(unit, sites.find(({ id }) => id === unit.siteId)?.name ?? '');
}

export const typeormSites = (transaction: ShopTransaction): SiteRepository => {
  const { shopId, manager } = transaction;
  return {
    page: (behind, most) => manager.query<Site[]>(pageOfSitesSql, [shopId, behind?.name ?? '', behind?.id ?? NO_ID, most]),
    byId: (id) => manager.findOneBy(Sites, { shopId, id }),
    byIds: (ids) => manager.findBy(Sites, { shopId, id: In([...ids]) }),
    async save(site) {
      await manager.upsert(Sites, { ...site, shopId }, ['shopId', 'id']);
      await keepWords(transaction).site(site.id, site.name);
      await keepUnitsWords(transaction, { siteId: site.id });
    },
  };
};

export const typeormUnits = (transaction: ShopTransaction): UnitRepository => {
  const { shopId, manager } = transaction;
  return {
    page: (behind, most) =>
      manager
        .createQueryBuilder(Units, 'unit')
        .where({ shopId })
        .andWhere(behind ? '(unit.place, unit.id) > (:place, :id)' : 'true', behind ?? {})
        .orderBy('unit.place')
        .addOrderBy('unit.id')
        .limit(most)
        .getMany(),
    ofSites: (siteIds, behind, most) =>
      manager.query<Unit[]>(ofSitesSql, [shopId, siteIds, behind?.place ?? -1, behind?.id ?? NO_ID, most]),
    ofModels: (models, most) => manager.query<Unit[]>(ofModelsSql, [shopId, models, most]),
    byId: (id) => manager.findOneBy(Units, { shopId, id }),
    byTag: (tag) => manager.findOneBy(Units, { shopId, tag }),
    count: () => manager.countBy(Units, { shopId }),
    lock: (id) => manager.findOne(Units, { where: { shopId, id }, lock: { mode: 'pessimistic_write' } }),
    async save(unit) {
      await manager.upsert(Units, { ...unit, shopId } as never, ['shopId', 'id']); // cast: TypeORM's deep partial type does not take readonly arrays
      await keepUnitsWords(transaction, { id: unit.id });
    },
  };
};

export const typeormCircuits = ({ shopId, manager }: ShopTransaction): CircuitRepository => ({
  byId: (id) => manager.findOneBy(Circuits, { shopId, id }),
  byIds: (ids) => manager.findBy(Circuits, { shopId, id: In([...ids]) }),
  ofUnits: (unitIds) => manager.find(Circuits, { where: { shopId, unitId: In([...unitIds]) }, order: { id: 'ASC' } }),
  haveJoints: async (ids) => ids.length > 0 && (await manager.existsBy(Joints, { shopId, circuitId: In([...ids]) })),
  async save(circuit) {
    await manager.upsert(Circuits, { ...circuit, shopId } as never, ['shopId', 'id']); // cast: as above
  },
});
