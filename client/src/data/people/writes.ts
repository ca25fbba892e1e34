import { personContent, type PersonView, type PutPersonRequest } from '@kesto/contract';
import { thing, type Write } from '@/outbox';
import { madeFrom } from '@/outbox/madeFrom';

/** Name and approvals, which may wait for a signal. */
export const personWrite = (before: PersonView, body: PutPersonRequest): Write<'putPerson'> => ({
  route: 'putPerson',
  params: { person: before.id },
  body,
  about: [thing.person(before.id)],
  needs: [],
  makes: null,
  madeFrom: madeFrom(personContent(before)),
  changes: ['People', 'Today', 'Me'],
});
