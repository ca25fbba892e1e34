import { TORCH_POINT_WORDS } from '@kesto/contract/wording';
import { TORCH_GOOD_MINUTES, type TorchFreshness } from '@kesto/core';
import { format } from 'date-fns/format';
import { FlagLine } from '@/ui/Flag';
import { Words } from '@/ui/Words';
import { WORDS } from './words';

/** Until when what was read before the flame is good, or what is to be read again. */
export function Freshness({ again, goodUntil }: TorchFreshness) {
  if (goodUntil) return <Words size={15}>{WORDS.goodUntil(format(goodUntil, 'HH:mm'))}</Words>;
  if (again.length === 0) return null;
  const names = again.map((point) => TORCH_POINT_WORDS[point].name).join(', ');
  return <FlagLine letter="a" text={WORDS.beforeTheNextFlame(names, TORCH_GOOD_MINUTES)} />;
}
