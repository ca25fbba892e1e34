import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { useKeepSlot } from './keepSlot';
import { useTokens } from './theme';
import { TOUCH } from './tokens';
import { Words } from './Words';

interface KeyProps {
  readonly label: string;
  readonly onPress: () => void;
  readonly disabled?: boolean | undefined;
  readonly testID?: string | undefined;
}

/** The one action of a screen, in thumb reach. */
export function Pill({ label, onPress, disabled = false, testID }: KeyProps) {
  const t = useTokens();
  return (
    <Pressable
      onPress={onPress}
      disabled={disabled}
      role="button"
      testID={testID ?? 'action'}
      aria-disabled={disabled}
      style={{
        flex: 1,
        minHeight: 56,
        borderRadius: 28,
        alignItems: 'center',
        justifyContent: 'center',
        paddingHorizontal: 20,
        backgroundColor: disabled ? t.panel : t.copper,
        borderWidth: disabled ? 2 : 0,
        borderColor: t.rule,
      }}
    >
      <Words size={20} bold tone={disabled ? 'ink2' : 'onCopper'} style={{ textAlign: 'center' }}>
        {label}
      </Words>
    </Pressable>
  );
}

/** The round key beside the pill: why, photo, find. */
export function RoundKey({ label, onPress, pressed = false, testID }: KeyProps & { pressed?: boolean | undefined }) {
  const t = useTokens();
  return (
    <Pressable
      onPress={onPress}
      role="button"
      aria-pressed={pressed}
      testID={testID}
      style={{
        width: 58,
        height: 58,
        borderRadius: 29,
        borderWidth: 2,
        borderColor: t.ink,
        alignItems: 'center',
        justifyContent: 'center',
        paddingHorizontal: 6,
        backgroundColor: pressed ? t.ink : 'transparent',
      }}
    >
      <Words size={14} bold tone={pressed ? 'paper' : 'ink'} style={{ textAlign: 'center', lineHeight: 16 }}>
        {label}
      </Words>
    </Pressable>
  );
}

interface FrameKeyProps extends KeyProps {
  /** What a mark on the key means, in words. */
  readonly says?: string;
  /** One of many on a list. */
  readonly quiet?: boolean;
  readonly children?: ReactNode;
}

/** A quiet key with a frame. */
export function FrameKey({ label, says, quiet = false, onPress, disabled = false, children, testID }: FrameKeyProps) {
  const t = useTokens();
  return (
    <Pressable
      onPress={onPress}
      disabled={disabled}
      role="button"
      aria-label={says}
      testID={testID}
      style={{
        minHeight: TOUCH,
        minWidth: TOUCH,
        borderWidth: quiet ? 1 : 1.5,
        borderColor: quiet ? t.rule : t.ink,
        borderRadius: 6,
        paddingHorizontal: 14,
        flexDirection: 'row',
        gap: 8,
        alignItems: 'center',
        justifyContent: 'center',
      }}
    >
      {children}
      <Words size={15} bold={!quiet} tone={disabled || quiet ? 'ink2' : 'ink'}>
        {label}
      </Words>
    </Pressable>
  );
}

/** One of a few: the chosen one wears a heavy frame. */
export function Choice<T extends string>({
  options,
  value,
  onChange,
  label,
}: {
  options: readonly { readonly value: T; readonly label: string; readonly disabled?: boolean }[];
  value: T | null;
  onChange: (value: T) => void;
  label: string;
}) {
  const t = useTokens();
  return (
    <View role="radiogroup" aria-label={label} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 6 }}>
      {options.map((option) => {
        const chosen = option.value === value;
        return (
          <Pressable
            key={option.value}
            role="radio"
            aria-checked={chosen}
            aria-disabled={option.disabled ?? false}
            disabled={option.disabled ?? false}
            onPress={() => onChange(option.value)}
            style={{
              minHeight: TOUCH,
              flexGrow: 1,
              paddingHorizontal: 12,
              borderRadius: 6,
              alignItems: 'center',
              justifyContent: 'center',
              borderWidth: chosen ? 3 : 1,
              borderStyle: option.disabled ? 'dashed' : 'solid',
              borderColor: chosen ? t.ink : t.rule,
            }}
          >
            <Words size={15} bold={chosen} tone={option.disabled ? 'ink2' : 'ink'}>
              {option.label}
            </Words>
          </Pressable>
        );
      })}
    </View>
  );
}

/** Keeps what a form holds: the pill in the bar where the form is all there is, a quiet key beside others. */
export function KeepKey({ main = true, label, busy, disabled = false, onPress }: KeyProps & { main?: boolean; busy: boolean }) {
  const said = { label: busy ? 'Keeping' : label, disabled: busy || disabled, onPress };
  const isInBar = useKeepSlot(said, main);
  if (isInBar) return null;
  return main ? (
    <View style={{ flexDirection: 'row' }}>
      <Pill {...said} testID="keep" />
    </View>
  ) : (
    <FrameKey {...said} />
  );
}
