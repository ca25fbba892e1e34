// What `npm start -- ...` understands.
import { existsSync, statSync } from 'node:fs';
import { isIP } from 'node:net';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { HOST } from './freePort.mjs';
import { stop } from './report.mjs';

const HELP = 'npm start -- [--port N] [--host ADDRESS] [--tls-cert FILE --tls-key FILE] [--data DIR] [--no-demo] [--reset-demo]';

function parsed() {
  try {
    return parseArgs({
      options: {
        port: { type: 'string' },
        host: { type: 'string' },
        'tls-cert': { type: 'string' },
        'tls-key': { type: 'string' },
        data: { type: 'string' },
        'no-demo': { type: 'boolean', default: false },
        'reset-demo': { type: 'boolean', default: false },
      },
    }).values;
  } catch (error) {
    return stop(error.message, HELP);
  }
}

/** The folder's whole path; a file of that name is no folder. */
export function dataFolder(name) {
  if (statSync(name, { throwIfNoEntry: false })?.isDirectory() === false) {
    stop(`--data names "${name}", which is a file: it takes a folder`, HELP);
  }
  return path.resolve(name);
}

export function startOptions() {
  const values = parsed();
  const port = Number(values.port ?? process.env.PORT ?? 8080);
  if (!Number.isInteger(port) || port < 1 || port > 65535) stop(`--port takes a whole number from 1 to 65535, not "${values.port}"`, HELP);
  const options = {
    port,
    host: values.host ?? HOST,
    tlsCert: values['tls-cert'],
    tlsKey: values['tls-key'],
    dataDir: dataFolder(values.data ?? 'var'),
    demo: !values['no-demo'],
    resetDemo: values['reset-demo'],
  };
  if (isIP(options.host) === 0 && options.host !== 'localhost') {
    stop(`--host takes an address of this machine, such as 0.0.0.0 for all of them, not "${options.host}"`, HELP);
  }
  for (const name of ['tls-cert', 'tls-key']) {
    if (values[name] && !existsSync(values[name])) stop(`--${name} names "${values[name]}", and there is no such file`, HELP);
  }
  if (options.resetDemo && !options.demo) stop('--reset-demo and --no-demo contradict each other', HELP);
  if (options.resetDemo && process.env.DATABASE_URL) {
    stop(
      '--reset-demo drops its database, and DATABASE_URL names a server that is not its own',
      'unset DATABASE_URL, or empty that database by hand',
    );
  }
  return options;
}
