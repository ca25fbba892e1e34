import { Sheet } from '@/ui/Sheet';
import { Empty } from '@/ui/states';

/** An address nothing stands at. */
export function NotFoundScreen() {
  return (
    <Sheet tag="?" title="No sheet stands here" up={{ label: 'today', href: '/' }} cells={{ here: 'today' }}>
      <Empty
        title="Nothing at this address"
        text="The link may be cut short, or lead into another shop. Every job is listed under today."
      />
    </Sheet>
  );
}
