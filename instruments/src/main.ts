import { Probe } from './probe';
import { seedOf } from './random';
import { heldMachine } from './heldMachine';
import type { Model } from './model';
import { SCENARIOS, VACUUM_SCENARIOS, vacuumWorldOf, worldOf, type Scenario, type VacuumScenario } from './scenarios';
import { vacuumMachine } from './vacuumMachine';

const HELP = `npm run instruments -- --code CODE [--url ws://127.0.0.1:8471/live] [--scenario ${[...SCENARIOS, ...VACUUM_SCENARIOS.map((name) => `vacuum-${name}`)].join('|')}] [--speed 1..1000] [--volume L] [--ambient C] [--seed N] [--drop-out]
A stand-in for a pressure and temperature probe, or a vacuum gauge, at a machine that is only worked out. The code is made on the screen of
the hold or the pull; a speed
above 1 is taken in the demo alone.`;

function optionsOf(given: readonly string[]): Readonly<Record<string, string>> {
  const found: Record<string, string> = {};
  given.forEach((word, i) => {
    if (word.startsWith('--')) found[word.slice(2)] = given[i + 1]?.startsWith('--') === false ? (given[i + 1] ?? '') : '';
  });
  return found;
}

const given = optionsOf(process.argv.slice(2));
const scenario = given['scenario'] ?? 'leaking';
const vacuums = VACUUM_SCENARIOS.map((name) => `vacuum-${name}`);
const known: readonly string[] = [...SCENARIOS, ...vacuums];
const code = given['code'];
if (!code || 'help' in given || !known.includes(scenario)) {
  process.stderr.write(`${HELP}\n`);
  process.exit(code ? 2 : 1);
}
const seed = given['seed'] ? Number(given['seed']) : seedOf(code);
const [volumeL, ambientC] = [Number(given['volume'] ?? 3), Number(given['ambient'] ?? 18)];

/** The machine that the scenario names. */
function modelOf(): Model {
  // casts: the name was looked for above
  if (!vacuums.includes(scenario)) return heldMachine(worldOf(scenario as Scenario, { seed, volumeL, ambientC, places: ['somewhere'] }));
  const pulled = { seed, volumeL, coldestC: ambientC, pumpLPerS: 0.5, ultimatePa: 3 };
  return vacuumMachine(vacuumWorldOf(scenario.replace('vacuum-', '') as VacuumScenario, pulled));
}
const probe = new Probe(
  {
    ...{ url: given['url'] || 'ws://127.0.0.1:8471/live', code, name: `stand-in ${scenario}`, factor: Number(given['speed'] || 1) },
    ...{ beganMs: Date.now(), dropsOut: 'drop-out' in given, model: modelOf() },
  },
  (line) => process.stdout.write(`${line}\n`),
);
probe.start();
process.on('SIGINT', () => probe.stop());
