import type { Answer, Body, PutPersonRequest } from '@kesto/contract';
import { useMemo, useState } from 'react';
import { api } from '@/api/api';
import { call } from '@/api/call';
import { bodyOf, goes, useUnrefused } from '@/outbox';

const peopleApi = api.injectEndpoints({
  endpoints: (build) => ({
    people: build.query<Answer<'people'>, void>({ query: () => call('people', {}), providesTags: ['People'] }),
    putInvite: build.mutation<Answer<'putInvite'>, { id: string; body: Body<'putInvite'> }>({
      query: ({ id, body }) => call('putInvite', { invite: id }, body),
      invalidatesTags: ['People'],
    }),
    setRole: build.mutation<Answer<'setRole'>, { id: string; body: Body<'setRole'> }>({
      query: ({ id, body }) => call('setRole', { person: id }, body),
      invalidatesTags: ['People', 'Today', 'Me'],
    }),
    setLeft: build.mutation<Answer<'setLeft'>, { id: string; body: Body<'setLeft'> }>({
      query: ({ id, body }) => call('setLeft', { person: id }, body),
      invalidatesTags: ['People', 'Today'],
    }),
    dropInvite: build.mutation<Answer<'dropInvite'>, string>({
      query: (id) => call('dropInvite', { invite: id }),
      invalidatesTags: ['People'],
    }),
  }),
});

const { usePeopleQuery } = peopleApi;
export const { usePutInviteMutation, useDropInviteMutation, useSetRoleMutation, useSetLeftMutation } = peopleApi;

/** While somebody is asked in, the list is looked at again: whoever comes is then seen to come. */
const LOOK_AGAIN_MS = 8000;

/** The ids of all of them, in an order that nobody new changes. */
export function usePeopleIds(): readonly string[] {
  const { data } = usePeopleQuery();
  return useMemo(() => (data?.people ?? []).map(({ id }) => id).toSorted(), [data]);
}

/** The shop's people, as they stand with what is kept here. */
export function usePeople() {
  const [awaited, setAwaited] = useState(false);
  const query = usePeopleQuery(undefined, { pollingInterval: awaited ? LOOK_AGAIN_MS : 0 });
  const somebody = (query.data?.invites.length ?? 0) > 0;
  if (somebody !== awaited) setAwaited(somebody);
  const kept = useUnrefused();
  return useMemo(() => {
    const pending = kept.filter(goes('putPerson'));
    const people = query.data?.people.map((person) => {
      const last = pending.findLast(({ params }) => params['person'] === person.id);
      if (!last) return person;
      const { confirmed, name, approvals } = bodyOf<PutPersonRequest>(last);
      return { ...person, name, approvals, confirmedAt: confirmed ? last.at : person.confirmedAt };
    });
    return { ...query, data: query.data && people && { ...query.data, people } };
  }, [query, kept]);
}
