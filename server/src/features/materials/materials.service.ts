import { MATERIAL_UNIT_WORDS } from '@kesto/contract/wording';
import { factsIn, factsOf, fillersByLot, readChain, type StageFact } from '@kesto/core';
import papa from 'papaparse';
import { notFound } from '../../platform/errors';
import type { ShopWork } from '../shopWork';
import { toCircuit } from '../units';

type Row = readonly [what: string, lot: string, amount: string, unit: string, from: string];
const HEAD: Row = ['what', 'lot', 'amount', 'unit', 'told by'];

const shown = (value: number, digits: number) => String(Number(value.toFixed(digits)));

/** What was typed at hand over; the charge is among it, where somebody typed one. */
const typedRows = (facts: readonly StageFact[]): readonly Row[] =>
  factsOf(facts, 'materials').flatMap(({ values }) =>
    values.used.map(({ what, amount, unit }): Row => [what, '', String(amount), MATERIAL_UNIT_WORDS[unit], 'typed at hand over']),
  );

function chargeRows(facts: readonly StageFact[], refrigerant: string): readonly Row[] {
  const charged = factsOf(facts, 'charged').at(-1)?.values;
  return charged ? [[refrigerant, '', shown(charged.doneKg, 3), 'kg', 'weighed in']] : [];
}

/** What a job took, for whoever writes the bill: rods by their lots from the joints' records, what was weighed in, what was typed. */
export async function materialsCsv(shop: ShopWork, jobId: string): Promise<{ readonly name: string; readonly csv: string }> {
  const told = await shop.jobs.told(jobId);
  if (!told) throw notFound('This job');
  const ids = told.joints.map(({ id }) => id);
  const chains = await shop.ledger.ofAll('joint', ids);
  const rods = fillersByLot(ids.map((id) => readChain(chains.get(id) ?? [])));
  const facts = factsIn(told.entries);
  const typed = typedRows(facts);
  const rows: readonly Row[] = [
    HEAD,
    ...rods.map(({ filler, lot, lengthM, joints }): Row => [
      filler,
      lot ?? '',
      shown(lengthM, 3),
      'm of rod',
      joints === 1 ? 'the record of one joint' : `the records of ${joints} joints`,
    ]),
    ...(typed.length > 0 ? typed : chargeRows(facts, toCircuit(told.circuit).refrigerant)),
  ];
  const cells = rows.map((row) => [...row]);
  return { name: `job-${told.job.number}-materials`, csv: papa.unparse(cells, { escapeFormulae: true }) };
}
