import type { Href } from 'expo-router';
import { Words } from '@/ui/Words';
import { Row } from './Row';
import { WORDS } from './words';

interface Way {
  readonly label: string;
  readonly href: Href;
  readonly title: string;
  readonly says: string;
}

const WAYS: readonly Way[] = [
  { label: 'van', href: '/van', title: WORDS.van, says: WORDS.vanSays },
  { label: 'bench', href: '/bench', title: WORDS.bench, says: WORDS.benchSays },
  { label: 'people', href: '/people', title: WORDS.people, says: WORDS.peopleSay },
  { label: 'sites', href: '/sites', title: WORDS.sites, says: WORDS.sitesSay },
];

export const NEW_JOB: Way = { label: 'new', href: '/jobs/new', title: WORDS.openJob, says: WORDS.openJobSays };
const NEW_MACHINE: Way = { label: 'machine', href: '/units/new', title: WORDS.machine, says: WORDS.machineSays };

/** One way on from the day. */
export function WayOn({ label, href, title, says }: Way) {
  return (
    <Row label={label} href={href}>
      <Words bold>{title}</Words>
      <Words size={15} tone="ink2">
        {says}
      </Words>
    </Row>
  );
}

/** What stands on today in the same place, with jobs or without. */
export const Always = ({ mayMake }: { mayMake: boolean }) =>
  [...WAYS, ...(mayMake ? [NEW_MACHINE] : [])].map((way) => <WayOn key={way.href.toString()} {...way} />);
