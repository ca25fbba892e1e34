import { useMe } from '@/session/useMe';
import { DeviceList } from '@/features/devices';
import { Sheet } from '@/ui/Sheet';
import { SealPart } from './SealPart';
import { WORDS } from './words';

/** What proves a record: the shop's seal, and the devices that sign. */
export function SealScreen() {
  const me = useMe();
  return (
    <Sheet
      tag={WORDS.tag}
      title={WORDS.title}
      subtitle={me?.shop.name ?? ''}
      up={{ label: WORDS.you, href: '/me' }}
      cells={{ here: 'person' }}
      aside={<SealPart />}
    >
      <DeviceList />
    </Sheet>
  );
}
