import { LEADS } from '@kesto/contract/api';
import { useMe } from '@/session/useMe';
import { goes, thing, useUnrefused, useWrite, type Write } from '@/outbox';
import { usePinOverrulingsQuery } from './api';

const seenWrite = (entry: string): Write<'putPinSeen'> => ({
  ...{ route: 'putPinSeen', params: { entry }, body: { seen: true } },
  ...{ about: [thing.me], needs: [], makes: null, changes: ['Today'] },
});

/** What was overruled by one's own PIN, until one has said that it was seen. */
export function useUnseenOverrulings() {
  const me = useMe();
  const isLead = me !== undefined && LEADS.includes(me.person.role);
  const { data = [] } = usePinOverrulingsQuery(undefined, { skip: !isLead });
  const saidSeen = useUnrefused()
    .filter(goes('putPinSeen'))
    .map(({ params }) => params['entry']);
  const { keep } = useWrite();
  return {
    unseen: isLead ? data.filter(({ entry }) => !saidSeen.includes(entry)) : [],
    see: (entry: string) => void keep(seenWrite(entry)),
  };
}
