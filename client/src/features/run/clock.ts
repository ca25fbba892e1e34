/** `0:44`, `13:05`: minutes and seconds as a clock at the torch shows them; what is past stands at nought. */
export function clockText(seconds: number): string {
  const whole = Math.max(0, Math.ceil(seconds - 1e-6));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}
