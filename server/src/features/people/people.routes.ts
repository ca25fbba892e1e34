import type { Done } from '@kesto/contract';
import { notFound } from '../../platform/errors';
import type { Platform } from '../../platform/http/context';
import { idParam } from '../../platform/http/params';
import type { Registrar } from '../../platform/http/register';
import { currentSignIn, openSession, setPassword, signInTries } from '../session';
import { join, readInvite } from './join.service';
import { changed, invite, people } from './people.service';
import { toSignIn } from './views';

const DONE: Done = { ok: true };
/** Codes are guessed at by address alone: whoever guesses has no name yet. */
const ANY_CODE = 'one-time code';

export function peopleRoutes(routes: Registrar, platform: Platform): void {
  const tries = signInTries();
  const guarded = async <T>(address: string, work: () => Promise<T>): Promise<T> => {
    await tries.begin(ANY_CODE, address);
    const done = await work();
    await tries.succeeded(ANY_CODE, address);
    return done;
  };

  routes.signed('people', async ({ inShop }) => ({ body: await inShop((shop) => people(shop, platform.clock())) }));
  routes.signed('putPerson', async ({ params, body, me, inShop }) => {
    const asked = { id: idParam(params, 'person'), by: me.person, body, now: platform.clock() };
    return { body: await inShop((shop) => changed(shop, asked)) };
  });
  routes.signed('putInvite', async ({ params, body, me, inShop }) => {
    const asked = { id: idParam(params, 'invite'), by: me.person, body, now: platform.clock() };
    return { body: await inShop((shop) => invite(shop, asked)) };
  });
  routes.signed('dropInvite', async ({ params, inShop }) => {
    if (!(await inShop(({ invites }) => invites.markUsed(idParam(params, 'invite'), platform.clock())))) throw notFound('This invitation');
    return { body: DONE };
  });
  routes.open('readInvite', async ({ body, request }) => ({
    body: await guarded(request.ip ?? '', () => readInvite(platform, body.code)),
  }));
  routes.open('join', async ({ body, request, response }) => {
    const login = await guarded(request.ip ?? '', () => join(platform, body));
    await openSession(platform, { login, password: body.password }, { request, response });
    return { status: 201, body: DONE };
  });
  routes.signed('putPassword', async ({ body, me, request, inShop }) => {
    await setPassword({ ...body, personId: me.person.id, request }, inShop);
    return { body: DONE };
  });
  routes.signed('signIns', async ({ me, request, inShop }) => {
    const signIns = await inShop(({ sessions }) => sessions.ofPerson(me.person.id, platform.clock()));
    return { body: signIns.map((session) => toSignIn(session, currentSignIn(request))) };
  });
  routes.signed('endSignIn', async ({ params, me, inShop }) => {
    if (!(await inShop(({ sessions }) => sessions.end(me.person.id, idParam(params, 'session'))))) throw notFound('This sign-in');
    return { body: DONE };
  });
}
