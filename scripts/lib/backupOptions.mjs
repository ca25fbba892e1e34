// What `npm run backup` and `npm run restore` understand.
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { dataFolder } from './options.mjs';
import { stop } from './report.mjs';

function parsed(help) {
  try {
    return parseArgs({ allowPositionals: true, options: { data: { type: 'string' }, 'passphrase-file': { type: 'string' } } });
  } catch (error) {
    return stop(error.message, help);
  }
}

function passphraseOf(file, help) {
  if (!file) return process.env.KESTO_PASSPHRASE ?? null;
  try {
    return readFileSync(file, 'utf8').replace(/\r?\n$/, '');
  } catch (error) {
    return stop(`--passphrase-file cannot be read: ${error.message}`, help);
  }
}

export function backupOptions(command, defaultData) {
  const help = `npm run ${command} -- FILE [--data DIR] [--passphrase-file FILE]`;
  const { values, positionals } = parsed(help);
  if (positionals.length !== 1) stop('one file is needed', help);
  const data = values.data ?? defaultData ?? stop('--data DIR is needed: an empty folder to restore into', help);
  return { file: path.resolve(positionals[0]), dataDir: dataFolder(data), passphrase: passphraseOf(values['passphrase-file'], help) };
}
