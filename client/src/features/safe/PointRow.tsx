import { stageFactText, TORCH_POINT_WORDS } from '@kesto/contract/wording';
import type { TorchPointState } from '@kesto/core';
import { format } from 'date-fns/format';
import { StyleSheet, View } from 'react-native';
import { FrameKey } from '@/ui/Buttons';
import { Opens } from '@/ui/Opens';
import { Ring } from '@/ui/Ring';
import { useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { useMe } from '@/session/useMe';
import { quickAnswers, type QuickAnswer } from './quickAnswers';

interface PointRowProps {
  readonly state: TorchPointState;
  readonly isOverruled: boolean;
  readonly wide: boolean;
  /** Answered, and to be answered again before the next flame. */
  readonly again: boolean;
  readonly onOpen: (() => void) | null;
  /** Answers it by one tap, while it is open; null where nobody may. */
  readonly onAnswer: ((answer: QuickAnswer) => void) | null;
}

/** One point before the torch: what it is, and what answered it or what it asks. */
export function PointRow({ state, isOverruled, wide, again, onOpen, onAnswer }: PointRowProps) {
  const t = useTokens();
  const me = useMe();
  const { name, asks } = TORCH_POINT_WORDS[state.point];
  const { by, isOpen, locksTorch } = state;
  const below = by ? stageFactText(by).replace(`${name}: `, '') : isOverruled ? 'overruled by name' : asks;
  const row = (
    <View style={styles.row}>
      <Ring state={again ? 'locks' : !isOpen ? 'done' : locksTorch && !isOverruled ? 'locks' : 'open'} />
      <View style={styles.text}>
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
  const answers = (isOpen || again) && onAnswer ? quickAnswers(state.point, me?.person.name ?? null) : [];
  return (
    <View style={[styles.point, { borderColor: t.rule }, wide ? styles.half : null]}>
      <Opens says={`${name}: ${below}`} onPress={onOpen ?? null}>
        {row}
      </Opens>
      {answers.length > 0 ? (
        <View style={styles.answers}>
          {answers.map((answer) => (
            <FrameKey key={answer.label} quiet label={answer.label} says={`${answer.label}: ${name}`} onPress={() => onAnswer?.(answer)} />
          ))}
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  point: { borderBottomWidth: 1 },
  half: { width: '48%' },
  row: { flexDirection: 'row', gap: 12, alignItems: 'center', minHeight: 60, paddingVertical: 8 },
  text: { flex: 1 },
  answers: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, paddingLeft: 36, paddingBottom: 8 },
});
