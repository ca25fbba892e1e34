// Has the server's own reader look through a whole database: rows by table, and every chain held against its hashes.
import { execFile } from 'node:child_process';
import { promisify } from 'node:util';

export async function inspectDatabase(url) {
  const { stdout } = await promisify(execFile)(process.execPath, ['server/dist/inspectDatabase.mjs'], {
    env: { ...process.env, DATABASE_URL: url },
    maxBuffer: 64 * 1024 * 1024,
  });
  return JSON.parse(stdout);
}
