import { readySound, sound } from './alarm';

interface Tone {
  readonly hertz: number;
  from: number;
  to: number;
}

const tones: Tone[] = [];
const shaken: number[][] = [];

/** A speaker that notes what it is asked to sound. */
class Speaker {
  currentTime = 10;
  destination = {};
  resume = () => Promise.resolve();
  createOscillator() {
    const frequency = { value: 0 };
    let from = 0;
    return {
      frequency,
      connect: () => undefined,
      start: (at: number) => (from = at),
      stop: (at: number) => tones.push({ hertz: frequency.value, from, to: at }),
    };
  }
}

beforeEach(() => {
  tones.length = 0;
  shaken.length = 0;
  Object.defineProperty(globalThis, 'navigator', { value: { vibrate: (pattern: number[]) => shaken.push(pattern) }, configurable: true });
});

test('before a tap the browser lets nothing sound: the phone shakes, and nothing breaks', () => {
  expect(() => sound('urgent')).not.toThrow();
  expect(tones).toEqual([]);
  expect(shaken[0]?.filter((ms) => ms === 200)).toHaveLength(4);
});

test('after a tap what is urgent sounds four times, longer and higher than the count, never over itself', () => {
  Object.assign(globalThis, { AudioContext: Speaker });
  readySound();
  sound('count');
  sound('urgent');
  const [count, ...urgent] = tones;
  expect(urgent).toHaveLength(4);
  for (const [i, tone] of urgent.entries()) {
    expect(tone.hertz).toBeGreaterThan(count?.hertz ?? Infinity);
    expect(tone.to - tone.from).toBeGreaterThan((count?.to ?? 0) - (count?.from ?? 0));
    if (i > 0) expect(tone.from).toBeGreaterThan(urgent[i - 1]!.to);
  }
});
