import { FOUND_CSV_MOST, foundAsked, type FoundAsked } from '@kesto/contract';
import { check, foundRequest } from '@kesto/contract/schemas';
import { AppError } from '../../platform/errors';
import type { Registrar } from '../../platform/http/register';
import { foundCsv } from './foundCsv';
import { foundPage, freshen } from './found.service';

function readAsked(address: string): FoundAsked {
  const checked = check(foundRequest, foundAsked(address));
  if (!checked.ok) throw new AppError('INVALID_INPUT', checked.problem.message, checked.problem.field);
  return checked.value as FoundAsked; // cast: the schema has accepted it
}

export function foundRoutes(routes: Registrar): void {
  routes.signed('found', async ({ params, inShop }) => {
    const asked = readAsked(params.asked);
    return { body: await inShop((shop) => foundPage(shop, asked)) };
  });
  routes.signed('foundCsv', async ({ params, response, inShop }) => {
    const asked = readAsked(params.asked);
    const joints = await inShop(async (shop) => {
      await freshen(shop);
      return shop.found.page(asked, FOUND_CSV_MOST);
    });
    response.attachment('joints.csv').type('csv').send(foundCsv(joints));
  });
}
