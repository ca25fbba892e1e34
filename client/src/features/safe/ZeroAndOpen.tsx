import { ZERO_SIDE_WORDS } from '@kesto/contract/wording';
import { sidesToOpen, type ZeroSide } from '@kesto/core';
import { useState } from 'react';
import { View } from 'react-native';
import { closing } from '@/data/stages/closing';
import { NoteForm } from '@/features/stage';
import { CheckRow } from '@/ui/CheckRow';
import type { PointFormProps } from './pointFormProps';
import { titleOf } from './titleOf';
import { USUAL } from './words';
import { WORDS } from './words';

/** Side by side, as the circuit was isolated: each that the flame touches is at zero and open. */
export function ZeroAndOpen({ point, work, onKept }: PointFormProps) {
  const asked = sidesToOpen(work.facts);
  const [sides, setSides] = useState<readonly ZeroSide[]>([]);
  const toggle = (side: ZeroSide, checked: boolean) => setSides(checked ? [...sides, side] : sides.filter((other) => other !== side));
  const isAll = asked.every((side) => sides.includes(side));
  return (
    <NoteForm
      keptAs={work.keptAs(point)}
      {...titleOf(point)}
      busy={work.busy}
      ready={isAll}
      main
      fields={{ note: 'through what it is open' }}
      usual={USUAL.open}
      label={isAll ? WORDS.zeroAndOpen : WORDS.tickEachSideFirst}
      onKeep={({ note = '' }) => closing(onKept)(work.note('zero-and-open', { sides, note }))}
    >
      <View>
        {asked.map((side) => (
          <CheckRow
            key={side}
            label={WORDS.gaugeAtZeroOpen(ZERO_SIDE_WORDS[side])}
            checked={sides.includes(side)}
            onChange={(checked) => toggle(side, checked)}
          />
        ))}
      </View>
    </NoteForm>
  );
}
