import type { ReactNode } from 'react';
import { View, type StyleProp, type ViewStyle } from 'react-native';
import { TouchableRipple } from 'react-native-paper';

export interface OpensProps {
  /** For whoever hears it, where its own words are not enough. */
  readonly says?: string;
  /** Left out: it opens something beside itself. */
  readonly role?: 'link' | 'button' | 'checkbox';
  /** Of a checkbox. */
  readonly checked?: boolean;
  readonly disabled?: boolean;
  /** Null: nothing opens. */
  readonly onPress: (() => void) | null;
  readonly style?: StyleProp<ViewStyle>;
  readonly children: ReactNode;
}

/** What opens something when it is touched, whole; where nothing opens it only stands there. */
export function Opens({ says, role = 'button', checked, disabled = false, onPress, style, children }: OpensProps) {
  if (!onPress) return <View style={style}>{children}</View>;
  return (
    <TouchableRipple
      role={role}
      {...(checked === undefined ? {} : { 'aria-checked': checked })}
      aria-label={says}
      disabled={disabled}
      onPress={onPress}
      style={style}
    >
      <View>{children}</View>
    </TouchableRipple>
  );
}
