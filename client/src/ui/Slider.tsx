import { StyleSheet } from 'react-native';
import CommunitySlider from '@react-native-community/slider';
import { stepKeys } from './stepKeys';
import { useTokens } from './theme';
import { TOUCH } from './tokens';

interface SliderProps {
  readonly label: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly step: number;
  /** What the value means, read aloud. */
  readonly text: string;
  readonly onChange: (value: number) => void;
}

/** Slid by finger or mouse, stepped by the arrow keys. */
export function Slider({ label, value, min, max, step, text, onChange }: SliderProps) {
  const t = useTokens();
  const keys = stepKeys((by) => onChange(Math.min(max, Math.max(min, value + by * step))));
  return (
    <CommunitySlider
      value={value}
      minimumValue={min}
      maximumValue={max}
      step={step}
      onValueChange={onChange}
      minimumTrackTintColor={t.copper}
      maximumTrackTintColor={t.rule}
      thumbTintColor={t.copper}
      aria-label={label}
      aria-valuenow={value}
      aria-valuemin={min}
      aria-valuemax={Math.round(max)}
      aria-valuetext={text}
      tabIndex={0}
      {...{ onKeyDown: keys }}
      style={styles.track}
    />
  );
}

const styles = StyleSheet.create({
  track: { width: '100%', height: TOUCH },
});
