import { View } from 'react-native';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { useTokens } from '@/ui/theme';
import { Heading } from '@/ui/Words';
import { WORDS } from './words';

const WORD = { seen: { label: 'what you saw', kind: 'words', optional: true } } as const;

interface JudgeProps {
  readonly jointId: string;
  readonly onJudge: (kind: 'accepted' | 'sent-back', text: string) => Promise<boolean>;
  readonly busy: boolean;
}

/** A lead's word on a joint that another made. */
export function Judge({ jointId, onJudge, busy }: JudgeProps) {
  const t = useTokens();
  const figures = useFigures(`judge.${jointId}`, WORD);
  const give = (kind: 'accepted' | 'sent-back') => void figures.submit(({ seen = '' }) => onJudge(kind, seen));
  return (
    <View style={{ gap: 10, borderTopWidth: 2, borderColor: t.copper, paddingTop: 10 }}>
      <Heading size={17}>{WORDS.yourWord}</Heading>
      <FigureFields figures={figures} />
      <View style={arrange.row10}>
        <View style={arrange.fill}>
          <FrameKey label={WORDS.accept} disabled={busy} onPress={() => give('accepted')} />
        </View>
        <View style={arrange.fill}>
          <FrameKey label={WORDS.sendBack} disabled={busy || figures.textOf('seen').trim() === ''} onPress={() => give('sent-back')} />
        </View>
      </View>
    </View>
  );
}
