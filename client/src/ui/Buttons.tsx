import { StyleSheet, View, type TextStyle } from 'react-native';
import { Button, TouchableRipple } from 'react-native-paper';
import { useKeepSlot } from './keepSlot';
import { useTokens } from './theme';
import { TOUCH } from './tokens';
import { Words, wordStyle } from './Words';

interface KeyProps {
  readonly label: string;
  readonly onPress: () => void;
  readonly disabled?: boolean | undefined;
  readonly testID?: string | undefined;
}

/** The one action of a screen, in thumb reach. */
export function Pill({ label, onPress, disabled = false, testID }: KeyProps) {
  const t = useTokens();
  const look = disabled ? { backgroundColor: t.panel, borderWidth: 2, borderColor: t.rule } : null;
  return (
    <Button
      mode="contained"
      onPress={onPress}
      disabled={disabled}
      testID={testID ?? 'action'}
      style={[styles.pill, look]}
      contentStyle={styles.inPill}
      labelStyle={[styles.label, wordStyle(t, { size: 20, bold: true, tone: disabled ? 'ink2' : 'onCopper' })]}
    >
      {label}
    </Button>
  );
}

/** The round key beside the pill: why, photo, find. */
export function RoundKey({ label, onPress, pressed = false, testID }: KeyProps & { pressed?: boolean | undefined }) {
  const t = useTokens();
  const look = { borderColor: t.ink, backgroundColor: pressed ? t.ink : 'transparent' };
  return (
    <TouchableRipple borderless onPress={onPress} role="button" aria-pressed={pressed} testID={testID ?? ''} style={[styles.round, look]}>
      <Words size={14} bold tone={pressed ? 'paper' : 'ink'} style={styles.tight}>
        {label}
      </Words>
    </TouchableRipple>
  );
}

interface FrameKeyProps extends KeyProps {
  /** For whoever hears it, where the label is not enough. */
  readonly says?: string;
  /** One of many on a list. */
  readonly quiet?: boolean;
}

/** A quiet key with a frame, which is all of what takes the finger. */
export function FrameKey({ label, says, quiet = false, onPress, disabled = false, testID }: FrameKeyProps) {
  const t = useTokens();
  const look = quiet ? { borderWidth: 1, borderColor: t.rule } : { borderWidth: 1.5, borderColor: t.ink };
  return (
    <Button
      compact
      onPress={onPress}
      disabled={disabled}
      {...(says === undefined ? {} : { accessibilityLabel: says })}
      testID={testID ?? ''}
      style={styles.frame}
      contentStyle={[styles.inFrame, look]}
      labelStyle={[styles.label, wordStyle(t, { size: 15, bold: !quiet, tone: disabled || quiet ? 'ink2' : 'ink' })]}
    >
      {label}
    </Button>
  );
}

interface ChoiceProps<T extends string> {
  readonly options: readonly { readonly value: T; readonly label: string; readonly disabled?: boolean }[];
  readonly value: T | null;
  readonly onChange: (value: T) => void;
  readonly label: string;
}

/** One of a few: the chosen one wears a heavy frame. */
export function Choice<T extends string>({ options, value, onChange, label }: ChoiceProps<T>) {
  const t = useTokens();
  return (
    <View role="radiogroup" aria-label={label} style={styles.choice}>
      {options.map(({ value: one, label: says, disabled = false }) => {
        const chosen = one === value;
        const look = {
          borderWidth: chosen ? 3 : 1,
          borderStyle: disabled ? ('dashed' as const) : ('solid' as const),
          borderColor: chosen ? t.ink : t.rule,
        };
        return (
          <TouchableRipple
            key={one}
            borderless
            role="radio"
            aria-checked={chosen}
            aria-disabled={disabled}
            disabled={disabled}
            onPress={() => onChange(one)}
            style={[styles.option, look]}
          >
            <Words size={15} bold={chosen} tone={disabled ? 'ink2' : 'ink'}>
              {says}
            </Words>
          </TouchableRipple>
        );
      })}
    </View>
  );
}

/** A choice under what it is about. */
export function LabelledChoice<T extends string>(choice: ChoiceProps<T>) {
  return (
    <View style={styles.labelled}>
      <Words size={15} tone="ink2">
        {choice.label}
      </Words>
      <Choice {...choice} />
    </View>
  );
}

/** Keeps what a form holds: the pill in the bar where the form is all there is, a quiet key beside others. */
export function KeepKey({ main = true, label, busy, disabled = false, onPress }: KeyProps & { main?: boolean; busy: boolean }) {
  const said = { label: busy ? 'Keeping' : label, disabled: busy || disabled, onPress };
  const isInBar = useKeepSlot(said, main);
  if (isInBar) return null;
  return main ? (
    <View style={styles.alone}>
      <Pill {...said} testID="keep" />
    </View>
  ) : (
    <FrameKey {...said} />
  );
}

const middle = { alignItems: 'center', justifyContent: 'center' } as const;
/** A label goes on in the next line where it has no room, as with letters twice as large: Paper would cut it off. */
const WHOLE = { whiteSpace: 'normal', overflow: 'visible', overflowWrap: 'break-word' } as TextStyle; // cast: what the browser knows and the types do not
const styles = StyleSheet.create({
  pill: { flex: 1, minWidth: 150, borderRadius: 28 },
  inPill: { minHeight: 56, paddingHorizontal: 20 },
  label: { ...WHOLE, textAlign: 'center', letterSpacing: 0, marginHorizontal: 0, marginVertical: 0 },
  round: { ...middle, width: 58, height: 58, borderRadius: 29, borderWidth: 2, paddingHorizontal: 6 },
  tight: { textAlign: 'center', lineHeight: 16 },
  frame: { minWidth: TOUCH, borderRadius: 6 },
  inFrame: { minHeight: TOUCH, borderRadius: 6, paddingHorizontal: 14 },
  labelled: { gap: 6 },
  choice: { flexDirection: 'row', flexWrap: 'wrap', gap: 6 },
  option: { ...middle, minHeight: TOUCH, flexGrow: 1, paddingHorizontal: 12, borderRadius: 6 },
  alone: { flexDirection: 'row' },
});
