// Has the server's own reader look through a whole database: rows by table, and every chain held against its hashes.
import { spawn } from 'node:child_process';
import { createInterface } from 'node:readline';
import { text } from 'node:stream/consumers';

/** What it finds, of the moment that a snapshot names where one is given. */
export async function inspectDatabase(url, { snapshot = '', onProgress = () => undefined } = {}) {
  const child = spawn(process.execPath, ['server/dist/inspectDatabase.mjs'], {
    env: { ...process.env, DATABASE_URL: url, KESTO_SNAPSHOT: snapshot },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  const said = [];
  createInterface({ input: child.stderr }).on('line', (line) => {
    const [, checked, all] = /^checked (\d+) of (\d+)$/.exec(line) ?? [];
    if (checked) onProgress(Number(checked), Number(all));
    else said.push(line);
  });
  const [answer, code] = await Promise.all([text(child.stdout), new Promise((resolve) => child.once('close', resolve))]);
  if (code !== 0) throw new Error(`the database could not be looked through: ${said.join('\n')}`);
  return JSON.parse(answer);
}
