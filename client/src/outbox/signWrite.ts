import type { Body, EntryRouteName, Me, Params } from '@kesto/contract/api';
import { KINDS, type KindId, type ToSay } from '@kesto/core';
import { signStatement } from '@/signing/signStatement';
import { isEntryRoute, type Command } from './command';

type Said = Omit<ToSay, 'shop' | 'person' | 'onBehalfOf'>;
interface Given<Name extends EntryRouteName> {
  readonly params: Params<Name>;
  readonly body: Body<Name>;
  readonly anewOf?: KindId;
}

const fieldsOf = (anewOf: KindId | undefined) => (anewOf === undefined ? undefined : KINDS[anewOf].told);

/** What somebody told, without what a page worked out beside it. */
function toldOf(kind: KindId, values: Readonly<Record<string, unknown>>): ToSay['told'] {
  const keys = Object.keys(KINDS[kind].told);
  return Object.fromEntries(Object.entries(values).filter(([key]) => keys.includes(key)));
}

/** What each of them says, as the server will make it of the same words. */
const SAYS: { readonly [Name in EntryRouteName]: (given: Given<Name>) => Said } = {
  putEntry: ({ params, body: { kind, values, photos, corrects, deviceTime, seen }, anewOf }) => ({
    ...{
      chain: { of: 'joint', id: params.joint },
      id: params.entry,
      kind,
      told: values,
      anew: fieldsOf(anewOf),
      corrects,
      photos,
      deviceTime,
      seen,
    },
  }),
  putStageEntry: ({ params, body: { kind, stage, values, photos, corrects, deviceTime, seen }, anewOf }) => ({
    ...{ chain: { of: 'job', id: params.job }, id: params.entry, kind, anew: fieldsOf(anewOf), corrects, photos, deviceTime, seen },
    ...(corrects ? { told: values } : { stage, told: toldOf(kind, values) }),
  }),
  putJointComment: ({ params, body: { text, deviceTime, seen } }) => ({
    ...{ chain: { of: 'joint', id: params.joint }, id: params.entry, kind: 'commented', told: { text }, photos: [], deviceTime, seen },
  }),
  putJobComment: ({ params, body: { text, deviceTime, seen } }) => ({
    ...{ chain: { of: 'job', id: params.job }, id: params.entry, kind: 'commented', told: { text }, photos: [], deviceTime, seen },
  }),
};

/** The body of what is kept, as it will be sent, signed: whoever holds the server cannot make it say something else. What cannot be signed goes as it is, and the record says so. */
export async function signKept(command: Command, me: Pick<Me, 'shop' | 'person'>): Promise<{ readonly body: unknown }> {
  const { route, body } = command;
  if (!isEntryRoute(route)) return { body };
  const say = SAYS[route] as (given: unknown) => Said; // cast: of the same route as what is kept
  const who = { shop: me.shop.id, person: me.person.id, onBehalfOf: null };
  const signed = await signStatement({ ...say(command), ...who }).catch(() => null);
  return { body: signed ? { ...(body as object), signed } : body }; // cast: the body of one of these routes
}
