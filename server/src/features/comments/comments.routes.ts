import type { JobLink, JointLink } from '@kesto/core';
import { clocked } from '../../platform/http/clockOffset';
import type { Platform } from '../../platform/http/context';
import { idParam } from '../../platform/http/params';
import type { Registrar } from '../../platform/http/register';
import { addComment } from './comments.service';

export function commentRoutes(routes: Registrar, platform: Platform): void {
  routes.signed('putJointComment', async ({ params, body, me, request, inShop }) => {
    const chain = { of: 'joint', id: idParam(params, 'joint') } as const;
    const said = { chain, entryId: idParam(params, 'entry'), person: me.person, body, ...clocked(request, platform.clock) };
    return { body: (await inShop((shop) => addComment(shop, said))) as JointLink }; // cast: of that chain
  });
  routes.signed('putJobComment', async ({ params, body, me, request, inShop }) => {
    const chain = { of: 'job', id: idParam(params, 'job') } as const;
    const said = { chain, entryId: idParam(params, 'entry'), person: me.person, body, ...clocked(request, platform.clock) };
    return { body: (await inShop((shop) => addComment(shop, said))) as JobLink }; // cast: of that chain
  });
}
