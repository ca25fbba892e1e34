import { torchFreshness, type TorchFreshness } from '@kesto/core';
import { useMe } from '@/session/useMe';
import type { StageWork } from '@/data/stages/useStage';
import { useNow } from '@/ui/useNow';

/** What has to be answered again before whoever holds this phone lights the torch. */
export function useFreshness({ facts, about, lastFlame }: Pick<StageWork, 'facts' | 'about' | 'lastFlame'>): TorchFreshness {
  const me = useMe();
  const now = useNow(true);
  return torchFreshness(facts, about, { who: me?.person.name ?? '', now: new Date(now), lastFlame });
}
