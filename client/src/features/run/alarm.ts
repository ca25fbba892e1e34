/** Sounds for what cannot be seen while the torch burns; where a browser has none, the screen says it alone. */
export type Sound = 'count' | 'done' | 'urgent';

const TONES: Readonly<Record<Sound, { readonly hertz: number; readonly seconds: number; readonly times: number }>> = {
  count: { hertz: 660, seconds: 0.12, times: 1 },
  done: { hertz: 880, seconds: 0.3, times: 2 },
  urgent: { hertz: 990, seconds: 0.35, times: 4 },
};

let audio: AudioContext | null = null;

/** Browsers let a page sound only after a tap: called at one. */
export function readySound(): void {
  if (typeof AudioContext === 'undefined') return;
  audio ??= new AudioContext();
  void audio.resume();
}

export function sound(which: Sound): void {
  const { hertz, seconds, times } = TONES[which];
  if (typeof navigator !== 'undefined' && 'vibrate' in navigator) navigator.vibrate(Array.from({ length: times }, () => [200, 100]).flat());
  if (!audio) return;
  for (let i = 0; i < times; i++) {
    const tone = audio.createOscillator();
    const from = audio.currentTime + i * seconds * 1.5;
    tone.frequency.value = hertz;
    tone.connect(audio.destination);
    tone.start(from);
    tone.stop(from + seconds);
  }
}
