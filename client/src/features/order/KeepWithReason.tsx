import { View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { KeepKey } from '@/ui/Buttons';
import type { Read } from '@/forms/fields';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from './words';

const REASON = { reason: { label: 'why in this order', kind: 'words' } } as const;

interface KeepWithReasonProps {
  readonly keptAs: string;
  readonly busy: boolean;
  readonly onKeep: (reason: string) => Promise<boolean>;
  readonly onKept: () => void;
}

/** An order that breaks a rule is kept with its reason. */
export function KeepWithReason({ keptAs, busy, onKeep, onKept }: KeepWithReasonProps) {
  const figures = useFigures(keptAs, REASON);
  async function keep({ reason }: Read<typeof REASON>): Promise<boolean> {
    const isKept = await onKeep(reason);
    if (isKept) onKept();
    return isKept;
  }
  return (
    <View style={arrange.stack10}>
      <Heading size={20}>{WORDS.itBreaksARule}</Heading>
      <Words size={15}>{WORDS.keptWithWhoChanged}</Words>
      <FigureFields figures={figures} />
      <KeepKey label={WORDS.keep} busy={busy} onPress={() => void figures.submit(keep)} />
    </View>
  );
}
