import type { ReactNode } from 'react';
import { StyleSheet } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { useTokens } from './theme';
import { TOUCH } from './tokens';

interface ChoiceCardProps {
  /** For whoever hears it, where the card's own words are not enough. */
  readonly says?: string;
  /** Whether it is chosen; left out where picking it leads on. */
  readonly chosen?: boolean;
  /** Several may be chosen. */
  readonly many?: boolean;
  /** Beside others: how wide it likes to be and at most becomes, or its share of the row. Left out: as wide as it is laid. */
  readonly width?: { readonly likes: number; readonly most: number } | `${number}%`;
  readonly onPress: () => void;
  readonly children: ReactNode;
}

const widthOf = (width: ChoiceCardProps['width']) =>
  width === undefined ? null : typeof width === 'string' ? { width } : { flexGrow: 1, flexBasis: width.likes, maxWidth: width.most };

/** One of several to choose from, in a frame: a thick one where it is chosen. */
export function ChoiceCard({ says, chosen, many = false, width, onPress, children }: ChoiceCardProps) {
  const t = useTokens();
  return (
    <TouchableRipple
      role={chosen === undefined ? 'button' : many ? 'checkbox' : 'radio'}
      aria-checked={chosen}
      aria-label={says}
      onPress={onPress}
      style={[styles.card, { borderWidth: chosen ? 3 : 1, borderColor: chosen ? t.ink : t.rule }, widthOf(width)]}
    >
      {children}
    </TouchableRipple>
  );
}

const styles = StyleSheet.create({ card: { minHeight: TOUCH, borderRadius: 6, padding: 8, justifyContent: 'center' } });
