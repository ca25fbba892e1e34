import type { Today } from '@kesto/contract';
import { format } from 'date-fns/format';
import { useRouter, type Href } from 'expo-router';
import { useUnseenOverrulings } from '@/data/dayPins/useUnseenOverrulings';
import { useMe } from '@/session/useMe';
import { useStation } from '@/ui/station';
import { isWaiting } from './Waiting';
import { WORDS } from './words';

/** The one thing the day asks: an inspector reads, whoever makes joints carries on, or opens a job. */
function nextOf(today: Today, isInspector: boolean): { readonly label: string; readonly href: Href } | undefined {
  const [job] = today.jobs;
  const [toRead] = today.toRead;
  if (isInspector) return toRead && { label: WORDS.readIt(toRead.tag), href: `/joints/${toRead.id}` };
  return job ? { label: WORDS.carryOn(job.unit.tag), href: `/jobs/${job.id}` } : { label: WORDS.openJob, href: '/jobs/new' };
}

/** Today as it is shown: whose it is, what comes next, what waits. */
export function useTodayScreen(today: Today, wide: boolean) {
  const router = useRouter();
  const me = useMe();
  const station = useStation();
  const byPin = useUnseenOverrulings();
  const isInspector = me?.person.role === 'inspector';
  const next = nextOf(today, isInspector);
  const fromNothing = today.jobs.length === 0 && today.toRead.length === 0 && !isInspector;
  return {
    tag: format(new Date(), wide ? 'EEE d MMM' : 'd MMM'),
    title: me ? `${me.person.name}, ${me.person.role}` : '',
    subtitle: me?.shop.name ?? '',
    action: next && { label: next.label, onPress: () => router.push(next.href) },
    round: station ? { label: WORDS.findTag, onPress: station.find } : undefined,
    mayMake: !isInspector,
    fromNothing,
    hasAside: fromNothing || isWaiting(today) || byPin.unseen.length > 0,
    byPin,
  };
}
