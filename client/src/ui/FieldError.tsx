import { StyleSheet } from 'react-native';
import { HelperText } from 'react-native-paper';
import { useTokens } from './theme';
import { wordStyle } from './Words';

interface FieldErrorProps {
  readonly text: string | null | undefined;
  readonly hint?: string | undefined;
}

/** What is wrong with a field, under it; else what helps to fill it in, where anything does. */
export function FieldError({ text, hint }: FieldErrorProps) {
  const t = useTokens();
  const says = text || hint;
  return says ? (
    <HelperText
      type={text ? 'error' : 'info'}
      padding="none"
      style={[styles.close, wordStyle(t, { size: 14, bold: false, tone: text ? 'red' : 'ink2' })]}
      {...(text ? { role: 'alert' } : {})}
    >
      {says}
    </HelperText>
  ) : null;
}

const styles = StyleSheet.create({ close: { paddingVertical: 0 } });
