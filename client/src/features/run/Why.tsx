import { RUN_PHASE_WHYS } from '@kesto/contract/wording';
import type { RunPhase } from '@kesto/core';
import { useSelector } from 'react-redux';
import type { RootState } from '@/store/store';
import { Words } from '@/ui/Words';
import { WORDS } from './words';

/** The reason of a step, for whoever asked to be told. */
export function Why({ of }: { of: RunPhase }) {
  const telling = useSelector((state: RootState) => state.atTheTorch.telling);
  if (telling !== 'why') return null;
  return (
    <Words size={15} tone="ink2">
      <Words size={15} bold tone="ink2">
        {WORDS.why}
      </Words>{' '}
      {RUN_PHASE_WHYS[of]}
    </Words>
  );
}
