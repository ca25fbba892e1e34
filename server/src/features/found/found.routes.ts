import { FOUND_CSV_MOST, foundAsked, type FoundAsked } from '@kesto/contract';
import { check, foundRequest } from '@kesto/contract/schemas';
import { AppError } from '../../platform/errors';
import type { Platform } from '../../platform/http/context';
import type { Registrar } from '../../platform/http/register';
import { foundCsv } from './foundCsv';
import { foundPage, workOff } from './found.service';

function readAsked(address: string): FoundAsked {
  const checked = check(foundRequest, foundAsked(address));
  if (!checked.ok) throw new AppError('INVALID_INPUT', checked.problem.message, checked.problem.field);
  return checked.value as FoundAsked; // cast: the schema has accepted it
}

export function foundRoutes(routes: Registrar, { store }: Pick<Platform, 'store'>): void {
  routes.signed('found', async ({ params, inShop }) => {
    const asked = readAsked(params.asked);
    return { body: await inShop((shop) => foundPage(shop, asked)) };
  });
  routes.signed('foundCsv', async ({ params, response, inShop, me }) => {
    const asked = readAsked(params.asked);
    await workOff(store, me.shop.id);
    const { joints } = await inShop(({ found }) => found.page(asked, FOUND_CSV_MOST));
    response.attachment('joints.csv').type('csv').send(foundCsv(joints));
  });
}
