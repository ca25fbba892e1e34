import { SEARCH_LIMIT } from '@kesto/contract';
import { AppError } from '../../platform/errors';
import type { Registrar } from '../../platform/http/register';

export function searchRoutes(routes: Registrar): void {
  routes.signed('search', async ({ params, inShop }) => {
    const text = String(params['text']).trim();
    if (text === '' || text.length > SEARCH_LIMIT) {
      throw new AppError('INVALID_INPUT', `text must have 1 to ${SEARCH_LIMIT} letters`, 'text');
    }
    return { body: await inShop((shop) => shop.search.find(text)) };
  });
}
