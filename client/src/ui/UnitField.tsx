import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { FieldError } from './FieldError';
import { useTokens } from './theme';
import { READINGS } from './tokens';

/** Whether the text names its own unit: letters, a degree sign or an inch mark stand in it. */
const NAMES_ITS_UNIT = /[a-zµ°"′″]/i;

interface UnitFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  /** Unit a bare number is read in. */
  readonly unit?: string;
  readonly error?: string | null | undefined;
  readonly hint?: string | undefined;
  readonly testID?: string;
}

/** A figure as people type it: the unit a bare number gets is shown, the complaint stands under the field. */
export function UnitField({ label, value, onChange, unit, error, hint, testID }: UnitFieldProps) {
  const t = useTokens();
  return (
    <View style={{ flex: 1, minWidth: 130, gap: 2 }}>
      <TextInput
        mode="flat"
        dense
        label={label}
        value={value}
        onChangeText={onChange}
        error={Boolean(error)}
        accessibilityLabel={label}
        testID={testID ?? ''}
        autoCapitalize="none"
        autoCorrect={false}
        contentStyle={{ fontFamily: READINGS, fontWeight: '700', fontSize: 20 }}
        style={{ backgroundColor: t.panel }}
        {...(unit && !NAMES_ITS_UNIT.test(value) ? { right: <TextInput.Affix text={unit} textStyle={{ color: t.ink2 }} /> } : {})}
      />
      <FieldError text={error} hint={hint} />
    </View>
  );
}

export function TextField({
  label,
  value,
  onChange,
  error,
  hint,
  multiline = false,
  secure = false,
  onEnter,
  testID,
}: Omit<UnitFieldProps, 'unit'> & { multiline?: boolean; secure?: boolean; onEnter?: () => void }) {
  const t = useTokens();
  return (
    <View style={{ gap: 2 }}>
      <TextInput
        mode="flat"
        label={label}
        value={value}
        onChangeText={onChange}
        multiline={multiline}
        secureTextEntry={secure}
        {...(onEnter ? { onSubmitEditing: onEnter } : {})}
        error={Boolean(error)}
        accessibilityLabel={label}
        testID={testID ?? ''}
        style={{ backgroundColor: t.panel, minHeight: multiline ? 84 : 56 }}
      />
      <FieldError text={error} hint={hint} />
    </View>
  );
}
