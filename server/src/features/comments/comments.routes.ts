import type { JobLink, JointLink } from '@kesto/core';
import { clocked } from '../../platform/http/clockOffset';
import type { Platform } from '../../platform/http/context';
import { idParam } from '../../platform/http/params';
import type { Registrar } from '../../platform/http/register';
import { addComment } from './comments.service';

export function commentRoutes(routes: Registrar, platform: Platform): void {
  for (const [name, of] of [
    ['putJointComment', 'joint'],
    ['putJobComment', 'job'],
  ] as const) {
    routes.signed(name, async ({ params, body, me, request, inShop }) => {
      const chain = { of, id: idParam(params, of) };
      const said = { chain, entryId: idParam(params, 'entry'), person: me.person, body, ...clocked(request, platform.clock) };
      return { body: (await inShop((shop) => addComment(shop, said))) as JobLink & JointLink }; // cast: of that chain
    });
  }
}
