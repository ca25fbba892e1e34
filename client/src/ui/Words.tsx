import type { ReactNode } from 'react';
import { Text, type TextProps, type TextStyle } from 'react-native';
import { useTokens } from './theme';
import { READINGS, WORDS, type Tokens } from './tokens';

export type Tone = 'ink' | 'ink2' | 'copper' | 'teal' | 'amber' | 'red' | 'onCopper' | 'paper';
export type Size = 14 | 15 | 17 | 20 | 24 | 28 | 34 | 48 | 72;

interface WordsProps extends Omit<TextProps, 'style'> {
  readonly size?: Size;
  readonly bold?: boolean;
  readonly tone?: Tone;
  readonly style?: TextStyle | undefined;
  readonly children: ReactNode;
}

const lineHeight = (size: Size) => Math.round(size * (size > 20 ? 1.2 : 1.4));

interface Hand {
  readonly size: Size;
  readonly bold: boolean;
  readonly tone: Tone;
}

function textStyle(tokens: Tokens, { size, bold, tone }: Hand, family: string): TextStyle {
  return { fontFamily: family, fontSize: size, lineHeight: lineHeight(size), fontWeight: bold ? '700' : '400', color: tokens[tone] };
}

/** How a sentence or a label is set, for Paper's parts that set it themselves. */
export const wordStyle = (tokens: Tokens, hand: Hand) => textStyle(tokens, hand, WORDS);

/** Sentences and labels. */
export function Words({ size = 17, bold = false, tone = 'ink', style, children, ...rest }: WordsProps) {
  return (
    <Text style={[textStyle(useTokens(), { size, bold, tone }, WORDS), style]} {...rest}>
      {children}
    </Text>
  );
}

/** Numbers, tags and designations: every figure as wide as the next. */
export function Mono({ size = 20, bold = true, tone = 'ink', style, children, ...rest }: WordsProps) {
  return (
    <Text style={[textStyle(useTokens(), { size, bold, tone }, READINGS), style]} {...rest}>
      {children}
    </Text>
  );
}

export function Heading({ size = 20, level = 2, children, ...rest }: WordsProps & { level?: 1 | 2 | 3 }) {
  return (
    <Words size={size} bold role="heading" aria-level={level} {...rest}>
      {children}
    </Words>
  );
}
