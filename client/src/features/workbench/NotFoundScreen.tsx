import { Sheet } from '@/ui/Sheet';
import { Empty } from '@/ui/states';
import { WORDS } from './words';

/** An address nothing stands at. */
export function NotFoundScreen() {
  return (
    <Sheet tag="?" title={WORDS.noSheet} up={{ label: WORDS.today, href: '/' }} cells={{ here: 'today' }}>
      <Empty title={WORDS.nothingHere} text={WORDS.cutShort} />
    </Sheet>
  );
}
