import type { Body, Me } from '@kesto/contract/api';
import { KINDS, type KindId, type ToSay } from '@kesto/core';
import { signStatement } from '@/signing/signStatement';
import type { Write, WriteRoute } from './command';

type SignedRoute = 'putEntry' | 'putStageEntry' | 'putJointComment' | 'putJobComment';
type Said = Omit<ToSay, 'shop' | 'person' | 'onBehalfOf'>;
type Given<Name extends SignedRoute> = Pick<Write<Name>, 'params' | 'body' | 'anewOf'>;

const fieldsOf = (anewOf: KindId | undefined) => (anewOf === undefined ? undefined : KINDS[anewOf].told);

/** What somebody told, without what a page worked out beside it. */
function toldOf(kind: KindId, values: Readonly<Record<string, unknown>>): ToSay['told'] {
  const keys = Object.keys(KINDS[kind].told);
  return Object.fromEntries(Object.entries(values).filter(([key]) => keys.includes(key)));
}

/** What each of them says, as the server will make it of the same words. */
const SAYS: { readonly [Name in SignedRoute]: (given: Given<Name>) => Said } = {
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

const isSigned = (route: WriteRoute): route is SignedRoute => Object.hasOwn(SAYS, route);

/**
 * Signed at the tap, as it will be sent: whoever holds the server cannot make it say something else. What cannot be signed goes as it is,
 * and the record says so.
 */
export async function signWrite<Name extends WriteRoute>(asked: Write<Name>, me: Pick<Me, 'shop' | 'person'>): Promise<Write<Name>> {
  if (!isSigned(asked.route)) return asked;
  const say = SAYS[asked.route] as (given: unknown) => Said; // cast: of the same route as what is asked
  const who = { shop: me.shop.id, person: me.person.id, onBehalfOf: null };
  const signed = await signStatement({ ...say(asked), ...who }).catch(() => null);
  return signed ? { ...asked, body: { ...(asked.body as object), signed } as Body<Name> } : asked; // cast: the same body and its signature
}
