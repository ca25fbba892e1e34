import type { ReactNode } from 'react';
import { StyleSheet } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { useTokens } from './theme';
import { TOUCH } from './tokens';

interface ChoiceCardProps {
  /** For whoever hears it, where the card's own words are not enough. */
  readonly says?: string;
  /** Whether it is the chosen one; left out where picking it leads on. */
  readonly chosen?: boolean;
  /** Beside others: how wide it likes to be and at most becomes. Left out: a row of its own. */
  readonly width?: { readonly likes: number; readonly most: number };
  readonly onPress: () => void;
  readonly children: ReactNode;
}

/** One of several to choose from, in a frame: a thick one where it is chosen. */
export function ChoiceCard({ says, chosen, width, onPress, children }: ChoiceCardProps) {
  const t = useTokens();
  return (
    <TouchableRipple
      role={chosen === undefined ? 'button' : 'radio'}
      aria-checked={chosen}
      aria-label={says}
      onPress={onPress}
      style={[
        styles.card,
        { borderWidth: chosen ? 3 : 1, borderColor: chosen ? t.ink : t.rule },
        width && { flexGrow: 1, flexBasis: width.likes, maxWidth: width.most },
      ]}
    >
      {children}
    </TouchableRipple>
  );
}

const styles = StyleSheet.create({ card: { minHeight: TOUCH, borderRadius: 6, padding: 8, justifyContent: 'center' } });
