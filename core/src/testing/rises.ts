import { judgeRise, type RiseReading } from '../pull';

/* Rises of known circuits, drawn by seed, in micron and minutes. The water here goes by a table of its own, not by the formula. */

const MICRON_PA = 0.133322;

function drawsOf(seed: number) {
  let state = (seed * 2_654_435_761 + 12_345) >>> 0;
  const flat = () => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return state / 4_294_967_296;
  };
  return {
    between: (low: number, high: number) => low + (high - low) * flat(),
    noise: () => Math.sqrt(-2 * Math.log(flat() + 1e-12)) * Math.cos(2 * Math.PI * flat()),
  };
}
type Draws = ReturnType<typeof drawsOf>;

/** Vapour over ice and water [micron]. Source: tables of saturation pressure, -30 to 30 °C each 5 K. */
const VAPOUR = [286, 475, 775, 1241, 1950, 3013, 4584, 6545, 9212, 12_790, 17_540, 23_770, 31_830];
const vapourMicron = (celsius: number) => {
  const at = (celsius + 30) / 5;
  const [low, high] = [VAPOUR[Math.floor(at)] ?? 0, VAPOUR[Math.ceil(at)] ?? 0];
  return low * (high / low) ** (at - Math.floor(at));
};

/** One circuit as it rises after it was shut off. */
interface Circuit {
  readonly minutes: number;
  readonly celsius: number;
  readonly micronAt: (minutes: number) => number;
  readonly isStuck?: boolean;
}

/** Water, ice or refrigerant in oil that goes to a pressure of its own: each step some of what is missing, the place warming meanwhile. */
function toItsOwn(from: number, ownAt: (minutes: number) => number, tau: number) {
  const table = [from];
  for (let s = 1; s <= 3600; s += 1) {
    const before = table[s - 1] ?? from;
    table.push(before + ((ownAt(s / 60) - before) / tau) * (1 / 60));
  }
  return (minutes: number) => table[Math.round(minutes * 60)] ?? Number.NaN;
}

/** Circuits whose state is known, by what is wrong with them. */
export const CIRCUITS: Readonly<Record<string, (draw: Draws) => Circuit>> = {
  dry({ between }) {
    const [p0, a, tau, creep] = [between(60, 200), between(10, 120), between(1, 3.5), between(0, 0.8)];
    return { minutes: between(12, 20), celsius: between(5, 30), micronAt: (m) => p0 + a * (1 - Math.exp(-m / tau)) + creep * m };
  },
  wet({ between }) {
    const celsius = between(5, 24);
    return { minutes: between(12, 25), celsius, micronAt: toItsOwn(between(100, 800), () => vapourMicron(celsius), between(2, 9)) };
  },
  leaking({ between }) {
    const [p0, slope] = [between(60, 300), between(20, 500)];
    return { minutes: between(12, 30), celsius: between(5, 30), micronAt: (m) => p0 + slope * m };
  },
  'leaking a little, watched long'({ between }) {
    const [p0, slope, a] = [between(60, 300), between(9, 20), between(0, 60)];
    return { minutes: 30, celsius: between(5, 30), micronAt: (m) => p0 + slope * m + a * (1 - Math.exp(-m / 2)) };
  },
  outgassing({ between }) {
    const [p0, b, t0] = [between(80, 250), between(40, 160), between(0.3, 2)];
    return { minutes: between(12, 30), celsius: between(5, 30), micronAt: (m) => p0 + b * Math.log(1 + m / t0) };
  },
  mixed({ between }) {
    const [slope, celsius] = [between(30, 300), between(5, 20)];
    const water = toItsOwn(between(100, 500), () => 0.3 * vapourMicron(celsius), between(2, 6));
    return { minutes: between(12, 25), celsius, micronAt: (m) => water(m) + slope * m };
  },
  'ice that warms'({ between }) {
    const [from, rate] = [between(-20, -3), between(0.05, 0.5)];
    const ownAt = (m: number) => vapourMicron(Math.min(from + rate * m, 0));
    return { minutes: between(12, 30), celsius: from, micronAt: toItsOwn(between(100, 250), ownAt, between(0.5, 6)) };
  },
  'ice that melts'({ between }) {
    return { minutes: between(12, 30), celsius: 0, micronAt: toItsOwn(between(100, 400), () => 4584, between(1, 6)) };
  },
  'dry, and cold'({ between }) {
    const [p0, a, tau] = [between(50, 120), between(5, 40), between(1, 3)];
    return { minutes: between(12, 20), celsius: between(-25, -5), micronAt: (m) => p0 + a * (1 - Math.exp(-m / tau)) };
  },
  'ice, and cold'({ between }) {
    const celsius = between(-25, -5);
    return { minutes: between(12, 25), celsius, micronAt: toItsOwn(between(50, 200), () => vapourMicron(celsius), between(1, 12)) };
  },
  'refrigerant out of ester oil'({ between }) {
    const own = between(7_500, 450_000);
    return { minutes: between(12, 30), celsius: between(10, 30), micronAt: toItsOwn(between(100, 800), () => own, between(8, 90)) };
  },
  'a gauge behind a shut valve'({ between }) {
    const p0 = Math.round(between(100, 400));
    return { minutes: 15, celsius: 20, micronAt: () => p0, isStuck: true };
  },
  'sun on the coil'({ between }) {
    const [p0, gain] = [between(150, 350), between(10, 30)];
    return { minutes: between(15, 25), celsius: between(5, 20), micronAt: (m) => p0 + gain * m + 0.04 * gain * m ** 2 };
  },
};

const EVERY_S = 10;

/** What the rise of a drawn circuit is called, read each ten seconds with a gauge that scatters. */
export function judgedRise(name: string, seed: number) {
  const draw = drawsOf(seed + name.length * 7919);
  const circuit = CIRCUITS[name]?.(draw);
  if (!circuit) throw new Error(`no circuit ${name}`);
  const { minutes, celsius, micronAt, isStuck = false } = circuit;
  const scatter = isStuck ? 0 : draw.between(0.003, 0.015);
  const readings: RiseReading[] = [];
  for (let s = 0; s <= minutes * 60; s += EVERY_S) {
    const micron = Math.round(micronAt(s / 60) * (1 + scatter * draw.noise()));
    if (micron > 25_000) break;
    readings.push({ seconds: s, pa: micron * MICRON_PA });
  }
  return judgeRise({
    ...{ readings, limitPa: 500 * MICRON_PA, waterPa: vapourMicron(celsius) * MICRON_PA, coldestC: celsius },
    ...{ mayFlatten: false, seesCircuit: true, isStuck },
  });
}
