import { readFileSync } from 'node:fs';
import { run } from './main';

const outcome = run(process.argv[2], readFileSync(0, 'utf8'));
process.stdout.write(outcome.stdout);
process.stderr.write(outcome.stderr);
process.exitCode = outcome.exit;
