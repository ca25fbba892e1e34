// What `npm start -- ...` understands.
import { parseArgs } from 'node:util';
import { stop } from './report.mjs';

const HELP = 'npm start -- [--port N] [--data DIR] [--no-demo] [--reset-demo]';

function parsed() {
  try {
    return parseArgs({
      options: {
        port: { type: 'string' },
        data: { type: 'string' },
        'no-demo': { type: 'boolean', default: false },
        'reset-demo': { type: 'boolean', default: false },
      },
    }).values;
  } catch (error) {
    return stop(error.message, HELP);
  }
}

export function startOptions() {
  const values = parsed();
  const port = Number(values.port ?? process.env.PORT ?? 8080);
  if (!Number.isInteger(port) || port < 1 || port > 65535) stop(`--port takes a whole number from 1 to 65535, not "${values.port}"`, HELP);
  const options = { port, dataDir: values.data ?? 'var', demo: !values['no-demo'], resetDemo: values['reset-demo'] };
  if (options.resetDemo && !options.demo) stop('--reset-demo and --no-demo contradict each other', HELP);
  if (options.resetDemo && process.env.DATABASE_URL) {
    stop(
      '--reset-demo drops its database, and DATABASE_URL names a server that is not its own',
      'unset DATABASE_URL, or empty that database by hand',
    );
  }
  return options;
}
