import type { Done } from '@kesto/contract';
import type { Platform } from '../../platform/http/context';
import { idParam } from '../../platform/http/params';
import type { Registrar } from '../../platform/http/register';
import { madeFromOf } from '../../platform/http/madeFrom';
import { codeTries, currentSignIn, openSession, setPassword, signInTries } from '../session';
import { join, readInvite } from './join.service';
import { changed, dropInvite, endSignIn, invite, people, setLeft, setRole } from './people.service';
import { toSignIn } from './views';

const DONE: Done = { ok: true };

export function peopleRoutes(routes: Registrar, platform: Platform): void {
  const codes = codeTries(() => platform.metrics.refused('code'));
  const ownPasswords = signInTries(() => platform.metrics.refused('password'));

  routes.signed('people', async ({ inShop }) => ({ body: await inShop((shop) => people(shop, platform.clock())) }));
  routes.signed('putPerson', async ({ params, body, me, request, inShop }) => {
    const asked = { id: idParam(params, 'person'), by: me.person, body, now: platform.clock() };
    return { body: await inShop((shop) => changed(shop, asked, madeFromOf(request))) };
  });
  routes.signed('setRole', async ({ params, body, me, inShop }) => {
    const asked = { id: idParam(params, 'person'), by: me.person, body, now: platform.clock() };
    return { body: await inShop((shop) => setRole(shop, asked)) };
  });
  routes.signed('setLeft', async ({ params, body, me, inShop }) => {
    const asked = { id: idParam(params, 'person'), by: me.person, body, now: platform.clock() };
    return { body: await inShop((shop) => setLeft(shop, asked)) };
  });
  routes.signed('putInvite', async ({ params, body, me, inShop }) => {
    const asked = { id: idParam(params, 'invite'), by: me.person, body, now: platform.clock() };
    return { body: await inShop((shop) => invite(shop, asked)) };
  });
  routes.signed('dropInvite', async ({ params, me, inShop }) => {
    const asked = { id: idParam(params, 'invite'), by: me.person, now: platform.clock() };
    await inShop((shop) => dropInvite(shop, asked));
    return { body: DONE };
  });
  routes.open('readInvite', async ({ body, request }) => ({
    body: await codes.guard(request.ip ?? '', () => readInvite(platform, body.code)),
  }));
  routes.open('join', async ({ body, request, response }) => {
    const address = request.ip ?? '';
    const login = await codes.guard(address, () => join(platform, body, address));
    await openSession(platform, { login, password: body.password }, { request, response });
    return { status: 201, body: DONE };
  });
  routes.signed('putPassword', async ({ body, me, request, inShop }) => {
    const asked = { ...body, personId: me.person.id, request };
    await ownPasswords.guard(me.person.id, request.ip ?? '', () => setPassword(platform, asked, inShop));
    return { body: DONE };
  });
  routes.signed('signIns', async ({ me, request, inShop }) => {
    const signIns = await inShop(({ sessions }) => sessions.ofPerson(me.person.id, platform.clock()));
    return { body: signIns.map((session) => toSignIn(session, currentSignIn(request))) };
  });
  routes.signed('endSignIn', async ({ params, me, inShop }) => {
    await inShop((shop) => endSignIn(shop, { id: idParam(params, 'session'), by: me.person, now: platform.clock() }));
    return { body: DONE };
  });
}
