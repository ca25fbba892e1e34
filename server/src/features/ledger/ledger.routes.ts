import type { Done } from '@kesto/contract';
import { clocked } from '../../platform/http/clockOffset';
import type { Platform } from '../../platform/http/context';
import { idParam } from '../../platform/http/params';
import type { Registrar } from '../../platform/http/register';
import { eraseWords } from './erase.service';

const DONE: Done = { ok: true };

export function ledgerRoutes(routes: Registrar, platform: Platform): void {
  for (const [name, of] of [
    ['eraseOfJoint', 'joint'],
    ['eraseOfJob', 'job'],
  ] as const) {
    routes.signed(name, async ({ params, body, me, request, inShop }) => {
      const chain = { of, id: idParam(params, of) };
      const asked = { chain, entryId: idParam(params, 'entry'), person: me.person, body, ...clocked(request, platform.clock) };
      await inShop((shop) => eraseWords(shop, asked));
      return { body: DONE };
    });
  }
}
