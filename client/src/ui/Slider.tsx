import { useTokens } from './theme';

/** A range the browser draws: reachable by finger, mouse and arrow keys. */
export function Slider({
  label,
  value,
  min,
  max,
  step,
  text,
  onChange,
}: {
  label: string;
  value: number;
  min: number;
  max: number;
  step: number;
  /** What the value means, read aloud. */
  text: string;
  onChange: (value: number) => void;
}) {
  const t = useTokens();
  return (
    <input
      type="range"
      aria-label={label}
      aria-valuetext={text}
      min={min}
      max={max}
      step={step}
      value={value}
      onChange={(event) => onChange(Number(event.currentTarget.value))}
      style={{ width: '100%', height: 48, margin: 0, accentColor: t.copper, background: 'transparent' }}
    />
  );
}
