-- A shop with :joints joints for measuring lists and searches: machines, jobs, joints, who made them, and the words that lead to all of them. Its
-- chains are one bare entry a joint and hold no record: it is for measuring, and nothing in it is read as one. Run in one transaction, with
-- app.shop set to :shop.
insert into shop (shop_id, name, van, schools) values (':shop', 'A big shop', '{}', '{}') on conflict do nothing;
create temporary table names on commit drop as
select n, 'Person ' || chr(65 + n / 5) || chr(97 + n % 26) || 'ro ' || chr(65 + n % 26) || 'enna' || n as name from generate_series(0, 29) n;
insert into person (shop_id, id, login, name, role, password_hash, units, approvals)
select ':shop', md5('person' || ':shop' || n)::uuid, 'big' || left(':shop', 8) || n, name, 'technician', 'none', '{}', '[]' from names;
insert into site (shop_id, id, name, altitude_m)
select ':shop', md5('site' || ':shop' || n)::uuid, 'Glasshouse ' || n, 100 from generate_series(0, :joints / 400) n;
insert into unit (shop_id, id, site_id, tag, name, kind, place, details, last_joint)
select ':shop', md5('unit' || ':shop' || n)::uuid, md5('site' || ':shop' || n / 20)::uuid, 'BG' || n, 'cold room ' || n, 'cold-room', n, '{"model": "LM-40"}', 20
from generate_series(0, :joints / 20 - 1) n;
insert into circuit (shop_id, id, unit_id, details)
select ':shop', md5('circuit' || ':shop' || n)::uuid, md5('unit' || ':shop' || n)::uuid,
  '{"name": "main", "refrigerant": "R-449A", "highSideKpag": 2800, "lowSideKpag": 1900}' from generate_series(0, :joints / 20 - 1) n;
insert into job (shop_id, id, circuit_id, number, title, stage, began, done, request_hash)
select ':shop', md5('job' || ':shop' || n)::uuid, md5('circuit' || ':shop' || n % (:joints / 20))::uuid, n + 1,
  (array['short of charge', 'suction valve leaks', 'drier to change', 'compressor changed'])[n % 4 + 1] || ' ' || n, 'hand-over', 'find', n < :joints / 10 - 30, 'none'
from generate_series(0, :joints / 10 - 1) n;
create temporary table made on commit drop as
select n, md5('joint' || ':shop' || n)::uuid as id, md5('circuit' || ':shop' || n / 20)::uuid as circuit_id, md5('job' || ':shop' || n / 10)::uuid as job_id,
  'BG' || n / 20 || '-' || lpad((n % 20 + 1)::text, 2, '0') as tag,
  (array['Liquid', 'Suction', 'Discharge', 'Bypass', 'Drain'])[n % 5 + 1] || ' line, ' || (array['valve', 'coupling', 'stub', 'elbow', 'tee', 'drier', 'glass'])[n % 7 + 1] as title,
  n % 30 as maker, timestamptz '2020-01-01' + n * interval '1 minute' as at
from generate_series(0, :joints - 1) n;
insert into joint (shop_id, id, circuit_id, tag, title, request_hash, added_at) select ':shop', id, circuit_id, tag, title, 'none', at from made;
insert into job_joint (shop_id, job_id, joint_id, place) select ':shop', job_id, id, n % 10 + 1 from made;
insert into ledger (shop_id, chain, chain_id, sequence, id, format, kind, person_id, at, content, hash, request_hash)
select ':shop', 'joint', id, 1, md5('entry' || ':shop' || n)::uuid, 3, 'brazed', md5('person' || ':shop' || maker)::uuid, at, '{}', 'none', 'none' from made;
insert into joint_found (shop_id, joint_id, tag, unit_id, maker_id, filler, lot, made_at, state)
select ':shop', id, tag, md5('unit' || ':shop' || n / 20)::uuid, md5('person' || ':shop' || maker)::uuid, (array['BCuP-5', 'BCuP-6', 'BAg-36'])[n % 3 + 1],
  'L' || lpad((n % 400)::text, 4, '0'), at, (array['passed', 'accepted', 'rework', 'accepted'])[n % 4 + 1] from made;
insert into search_word (shop_id, thing, word, turn, id)
select ':shop', 'joint', word, -floor(extract(epoch from at))::bigint, made.id
from made join names on names.n = made.maker, unnest(array[lower(tag)] || regexp_split_to_array(lower(tag || ' ' || title || ' ' || names.name), '[^a-z0-9]+')) word
where word <> '' on conflict do nothing;
insert into search_word (shop_id, thing, word, turn, id)
select ':shop', 'job', word, -job.number, job.id from job join circuit on circuit.shop_id = job.shop_id and circuit.id = job.circuit_id
join unit on unit.shop_id = circuit.shop_id and unit.id = circuit.unit_id join site on site.shop_id = unit.shop_id and site.id = unit.site_id,
  unnest(regexp_split_to_array(lower(job.title || ' ' || job.number || ' ' || unit.tag || ' ' || unit.name || ' ' || site.name), '[^a-z0-9]+')) word
where job.shop_id = ':shop' and word <> '' on conflict do nothing;
insert into search_word (shop_id, thing, word, turn, id)
select ':shop', 'site', word, 0, site.id from site, unnest(regexp_split_to_array(lower(site.name), '[^a-z0-9]+')) word
where site.shop_id = ':shop' and word <> '' on conflict do nothing;
insert into search_word (shop_id, thing, word, turn, id)
select ':shop', 'unit', word, unit.place, unit.id from unit join site on site.shop_id = unit.shop_id and site.id = unit.site_id,
  unnest(regexp_split_to_array(lower(unit.tag || ' ' || unit.name || ' ' || site.name || ' lm-40'), '[^a-z0-9]+')) word
where unit.shop_id = ':shop' and word <> '' on conflict do nothing;
