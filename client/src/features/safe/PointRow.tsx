import { stageFactText, TORCH_POINT_WORDS } from '@kesto/contract/wording';
import type { TorchPointState } from '@kesto/core';
import { format } from 'date-fns/format';
import { View } from 'react-native';
import { Opens } from '@/ui/Opens';
import { Ring } from '@/ui/Ring';
import { useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';

interface PointRowProps {
  readonly state: TorchPointState;
  readonly isOverruled: boolean;
  readonly wide: boolean;
  /** Answered, and to be answered again before the next flame. */
  readonly again: boolean;
  readonly onOpen: (() => void) | null;
}

/** One point before the torch: what it is, and what answered it or what it asks. */
export function PointRow({ state, isOverruled, wide, again, onOpen }: PointRowProps) {
  const t = useTokens();
  const { name, asks } = TORCH_POINT_WORDS[state.point];
  const { by, isOpen, locksTorch } = state;
  const below = by ? stageFactText(by).replace(`${name}: `, '') : isOverruled ? 'overruled by name' : asks;
  const row = (
    <View style={{ flexDirection: 'row', gap: 12, alignItems: 'center', minHeight: 60, paddingVertical: 8 }}>
      <Ring state={again ? 'locks' : !isOpen ? 'done' : locksTorch && !isOverruled ? 'locks' : 'open'} />
      <View style={{ flex: 1 }}>
        <Words size={15} bold>
          {name}
        </Words>
        <Words size={15} tone={isOpen && !isOverruled ? (locksTorch ? 'red' : 'ink') : 'ink2'}>
          {below}
        </Words>
      </View>
      <Words size={14} tone="ink2">
        {again ? 'again' : by ? format(new Date(by.at), 'HH:mm') : 'open'}
      </Words>
    </View>
  );
  const style = { borderBottomWidth: 1, borderColor: t.rule, ...(wide ? { width: '48%' as const } : {}) };
  return (
    <Opens says={`${name}: ${below}`} onPress={onOpen ?? null} style={style}>
      {row}
    </Opens>
  );
}
