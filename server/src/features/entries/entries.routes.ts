import type { Answer, EntryRouteName } from '@kesto/contract';
import { ENTRY_ROUTE_NAMES } from '@kesto/contract';
import { clocked } from '../../platform/http/clockOffset';
import type { Platform } from '../../platform/http/context';
import type { Registrar, Reply } from '../../platform/http/register';
import { sendTogether } from './together';
import { tellWatchers, WRITERS, type Given } from './writers';

/** Everything that a person says of a joint or a job comes in here: by itself, or several together. */
export function entryRoutes(routes: Registrar, platform: Platform): void {
  const one = <Name extends EntryRouteName>(name: Name) =>
    routes.signed(name, async ({ params, body, me, request, inShop }) => {
      const given: Given<Name> = { params, body, me, ...clocked(request, platform.clock) };
      const link = await inShop((shop) => WRITERS[name](shop, given));
      if (name === 'putStageEntry') tellWatchers(platform, body as Given<'putStageEntry'>['body']); // cast: of that very route
      return { body: link as Answer<Name> } as Reply<Name>; // cast: a link of the chain that the route names
    });
  ENTRY_ROUTE_NAMES.forEach(one);
  routes.signed('sendEntries', async ({ body: { entries }, me, request, inShop }) => ({
    body: { answers: await sendTogether({ platform, request, inShop, me, ...clocked(request, platform.clock) }, entries) },
  }));
}
