import { Probe } from './probe';
import { seedOf } from './random';
import { SCENARIOS, worldOf, type Scenario } from './scenarios';

const HELP = `npm run instruments -- --code CODE [--url ws://127.0.0.1:8471/live] [--scenario ${SCENARIOS.join('|')}] [--speed 1..1000] [--volume L] [--ambient C] [--seed N] [--drop-out]
A stand-in for a pressure and temperature probe, at a machine that is only worked out. The code is made on the hold’s screen; a speed
above 1 is taken in the demo alone.`;

function optionsOf(given: readonly string[]): Readonly<Record<string, string>> {
  const found: Record<string, string> = {};
  given.forEach((word, i) => {
    if (word.startsWith('--')) found[word.slice(2)] = given[i + 1]?.startsWith('--') === false ? (given[i + 1] ?? '') : '';
  });
  return found;
}

const given = optionsOf(process.argv.slice(2));
const scenario = (given['scenario'] ?? 'leaking') as Scenario; // cast: looked for below
const code = given['code'];
if (!code || 'help' in given || !SCENARIOS.includes(scenario)) {
  process.stderr.write(`${HELP}\n`);
  process.exit(code ? 2 : 1);
}
const seed = given['seed'] ? Number(given['seed']) : seedOf(code);
const piece = { seed, volumeL: Number(given['volume'] ?? 3), ambientC: Number(given['ambient'] ?? 18), places: ['somewhere'] };
const probe = new Probe(
  {
    ...{ url: given['url'] || 'ws://127.0.0.1:8471/live', code, name: `stand-in ${scenario}`, factor: Number(given['speed'] || 1) },
    ...{ beganMs: Date.now(), dropsOut: 'drop-out' in given, world: worldOf(scenario, piece) },
  },
  (line) => process.stdout.write(`${line}\n`),
);
probe.start();
process.on('SIGINT', () => probe.stop());
