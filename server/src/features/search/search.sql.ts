/** Of what kind a thing is that words lead to. */
export type Sought = 'site' | 'unit' | 'job' | 'joint';

/** So many things are looked at where one word leads to more: the newest of each word. */
const MOST = 1000;
/** Of several words, each of which the others are asked of. */
const FEW = 100;
const SHOWN = 8;

/** $1 shop, $2 thing, $3 a beginning: to how many things it leads, as far as that matters. */
export const ledToSql = `
select count(*)::int as things from (
  select 1 from search_word where shop_id = $1 and thing = $2 and word ^@ $3 order by word, turn limit ${MOST}) led`;

/** Asked thing by thing, in the order of the index: a join would read all that both words lead to. */
const has = (word: number) =>
  `(select true from search_word other where other.shop_id = $1 and other.id = led.id and other.thing = $2 and other.word ^@ $${word} limit 1)`;

/** The newest things that $3, the rarest beginning, leads to and that have a word for each other one. */
const found = (count: number) => {
  const others = Array.from({ length: count - 1 }, (_, i) => ` and ${has(i + 4)}`).join('');
  const led = `select led.id, led.turn from search_word led where led.shop_id = $1 and led.thing = $2 and led.word ^@ $3${others} order by led.word, led.turn limit ${count === 1 ? MOST : FEW}`;
  return `select id, min(turn) as turn from (${led}) led group by id order by min(turn), id limit ${SHOWN}`;
};

const SHOWS: Readonly<Record<Sought, string>> = {
  site: `
select site.id, site.name, site.altitude_m as "altitudeM"
from found join site on site.shop_id = $1 and site.id = found.id
order by lower(site.name), site.id`,
  unit: `
select unit.id, unit.tag, unit.name, unit.kind, site.name as site
from found join unit on unit.shop_id = $1 and unit.id = found.id join site on site.shop_id = unit.shop_id and site.id = unit.site_id
order by found.turn`,
  job: `
select job.id, job.number, job.title, unit.tag, job.done
from found join job on job.shop_id = $1 and job.id = found.id join circuit on circuit.shop_id = job.shop_id and circuit.id = job.circuit_id
join unit on unit.shop_id = circuit.shop_id and unit.id = circuit.unit_id
order by found.turn`,
  joint: `
select joint.id, joint.tag, joint.title, maker.name as by
from found join joint on joint.shop_id = $1 and joint.id = found.id left join lateral (
  select person.name from ledger entry join person on person.shop_id = entry.shop_id and person.id = entry.person_id
  where entry.shop_id = joint.shop_id and entry.chain = 'joint' and entry.chain_id = joint.id and entry.kind in ('brazed', 'reworked')
  order by entry.sequence desc limit 1) maker on true
order by found.turn, joint.tag desc`,
};

/** $1 shop, $2 the kind of thing, $3 the rarest beginning, from $4 on each other one. */
export const searchSql = (thing: Sought, beginnings: number): string => `with found as materialized (${found(beginnings)}) ${SHOWS[thing]}`;

/** $1 shop, $2 the beginning of a tag: joints in records of other shops. */
export const importedSql = `
select joint.sha256, joint.tag, file.their_shop ->> 'name' as shop
from imported_joint joint join imported_file file on file.shop_id = $1 and file.sha256 = joint.sha256
where joint.shop_id = $1 and upper(joint.tag) ^@ $2 order by joint.tag, joint.sha256 limit ${SHOWN}`;
