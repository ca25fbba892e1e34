import { StyleSheet, View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { arrange } from './arrange';
import { FrameKey } from './Buttons';
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
  /** It is read in these: a keypad of digits, and a key beside it that changes the unit. */
  readonly units?: readonly string[] | undefined;
  readonly testID?: string;
}

/** A figure as people type it: the unit a bare number gets is shown, the complaint stands under the field. */
export function UnitField({ label, value, onChange, unit, units = [], error, hint, testID }: UnitFieldProps) {
  const t = useTokens();
  return (
    <View style={styles.field}>
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
        {...(units.length > 0 ? { inputMode: 'decimal' as const } : {})}
        contentStyle={styles.typed}
        style={{ backgroundColor: t.panel }}
        {...(unit && !NAMES_ITS_UNIT.test(value) ? { right: <TextInput.Affix text={unit} textStyle={{ color: t.ink2 }} /> } : {})}
      />
      <FieldError text={error} hint={hint} />
    </View>
  );
}

/** A bare figure, or one with one unit behind it: `5 lb 2 oz` is neither and is left as it was typed. */
const ONE_FIGURE = /^([+−-]?[\d.,/\s]*?)\s*(?:[a-z°µ³/"′″]+\d?)?$/i;

interface FigureFieldProps extends UnitFieldProps {
  readonly units: readonly string[];
  /** It may lie under zero: not every keypad of digits has a minus. */
  readonly signed?: boolean;
  /** Letters are typed in it, as in `15 h 20`. */
  readonly letters?: boolean;
}

/** A figure with its unit, which a key beside it changes; what stands there in letters is read as it stands. */
export function FigureField({ units, unit, signed = false, letters = false, ...field }: FigureFieldProps) {
  const [first = ''] = units;
  const text = field.value.trim();
  const said = units.find((one) => text.endsWith(one)) ?? unit ?? first;
  const next = units[(units.indexOf(said) + 1) % units.length] ?? first;
  const figure = ONE_FIGURE.exec(text)?.[1]?.trim();
  return (
    <View style={styles.withKey}>
      <UnitField {...field} {...(letters ? { unit: said } : { units })} />
      {signed ? (
        <FrameKey
          quiet
          label="±"
          says={`${field.label}: under or above zero`}
          onPress={() => field.onChange(/^[−-]/.test(text) ? text.slice(1) : `-${text}`)}
        />
      ) : null}
      <FrameKey
        quiet
        label={said}
        says={`${field.label} in ${next} instead of ${said}`}
        onPress={() => (figure === undefined ? undefined : field.onChange(`${figure} ${next}`.trim()))}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  field: { flex: 1, minWidth: 130, gap: 2 },
  typed: { fontFamily: READINGS, fontWeight: '700', fontSize: 20 },
  withKey: { flex: 1, minWidth: 200, flexDirection: 'row', alignItems: 'flex-start', gap: 6 },
});

export function TextField({
  label,
  value,
  onChange,
  error,
  hint,
  multiline = false,
  secure = false,
  figures = false,
  autoFocus = false,
  complete,
  onEnter,
  testID,
}: Omit<UnitFieldProps, 'unit'> & {
  multiline?: boolean;
  secure?: boolean;
  figures?: boolean;
  autoFocus?: boolean;
  complete?: 'username' | 'current-password';
  onEnter?: () => void;
}) {
  const t = useTokens();
  return (
    <View style={arrange.stack2}>
      <TextInput
        mode="flat"
        label={label}
        value={value}
        onChangeText={onChange}
        multiline={multiline}
        secureTextEntry={secure}
        autoFocus={autoFocus}
        {...(complete ? { autoComplete: complete, autoCapitalize: 'none' as const, autoCorrect: false } : {})}
        {...(figures ? { inputMode: 'numeric' as const } : {})}
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
