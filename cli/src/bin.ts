import { readFileSync } from 'node:fs';
import { run } from './main';

const [name, ...options] = process.argv.slice(2);
const outcome = run(name, readFileSync(0), options, readFileSync);
process.stdout.write(outcome.stdout);
process.stderr.write(outcome.stderr);
process.exitCode = outcome.exit;
