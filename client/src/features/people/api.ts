import type { Answer, Body, PutPersonRequest } from '@kesto/contract';
import { useMemo } from 'react';
import { api } from '@/api/api';
import { call } from '@/api/call';
import { bodyOf, goes, thing, useUnrefused, type Write } from '@/outbox';

const peopleApi = api.injectEndpoints({
  endpoints: (build) => ({
    people: build.query<Answer<'people'>, void>({ query: () => call('people', {}), providesTags: ['People'] }),
    putInvite: build.mutation<Answer<'putInvite'>, { id: string; body: Body<'putInvite'> }>({
      query: ({ id, body }) => call('putInvite', { invite: id }, body),
      invalidatesTags: ['People'],
    }),
    dropInvite: build.mutation<Answer<'dropInvite'>, string>({
      query: (id) => call('dropInvite', { invite: id }),
      invalidatesTags: ['People'],
    }),
  }),
});

const { usePeopleQuery } = peopleApi;
export const { usePutInviteMutation, useDropInviteMutation } = peopleApi;

export const personWrite = (id: string, body: PutPersonRequest): Write<'putPerson'> => ({
  route: 'putPerson',
  params: { person: id },
  body,
  things: [thing.person(id)],
  changes: ['People', 'Today', 'Me'],
});

/** The shop's people, as they stand with what is kept here. */
export function usePeople() {
  const query = usePeopleQuery();
  const kept = useUnrefused();
  return useMemo(() => {
    const pending = kept.filter(goes('putPerson'));
    const people = query.data?.people.map((person) => {
      const last = pending.findLast(({ params }) => params['person'] === person.id);
      if (!last) return person;
      const { confirmed, ...said } = bodyOf<PutPersonRequest>(last);
      return { ...person, ...said, confirmedAt: confirmed ? last.at : person.confirmedAt };
    });
    return { ...query, data: query.data && people && { ...query.data, people } };
  }, [query, kept]);
}
