const SITE = 'site.id, site.name, site.altitude_m as "altitudeM"';
const BY_NAME = 'order by lower(site.name), site.id';

/** $1 shop, $2 name and $3 id of the site that was shown last, $4 how many. */
export const pageOfSitesSql = `
select ${SITE} from site where site.shop_id = $1 and (lower(site.name), site.id) > (lower($2), $3::uuid) ${BY_NAME} limit $4`;

/** So many sites with one word are looked at. */
const MOST = 1000;

/** $1 shop, $2 how many, from $3 on beginnings: sites that have a word for each. */
export function sitesNamedSql(beginnings: number): string {
  const others = Array.from(
    { length: beginnings - 1 },
    (_, i) =>
      ` and (select true from search_word other where other.shop_id = $1 and other.id = site.id and other.thing = 'site' and other.word ^@ $${i + 4} limit 1)`,
  ).join('');
  return `
select ${SITE} from site
where site.shop_id = $1 and site.id in (
  select led.id from search_word led where led.shop_id = $1 and led.thing = 'site' and led.word ^@ $3 order by led.word, led.turn limit ${MOST})${others}
${BY_NAME} limit $2`;
}
