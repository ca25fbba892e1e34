// One start for each data folder: a file that names the process holding it, taken over only from a process that is gone.
import { linkSync, mkdirSync, readFileSync, rmdirSync, statSync, unlinkSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { stop } from './report.mjs';

const TAKEOVER_MS = 10_000;

/** When a process began, as the kernel counts it: a number that is used again does not fit. Null: no such process. */
function beganAt(pid) {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
    return stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19];
  } catch {
    return null;
  }
}

function holderOf(file) {
  try {
    return JSON.parse(readFileSync(file, 'utf8'));
  } catch {
    return null;
  }
}

const isAlive = (holder) => holder !== null && beganAt(holder.pid) === holder.began;

/** Whether somebody uses a folder now. */
export const isHeld = (folder) => isAlive(holderOf(path.join(folder, 'kesto.lock')));

/** Puts the whole file in place at once, or answers false where one is there. */
function take(file) {
  const mine = `${file}.${process.pid}`;
  writeFileSync(mine, JSON.stringify({ pid: process.pid, began: beganAt(process.pid), at: new Date().toISOString() }), { mode: 0o600 });
  try {
    linkSync(mine, file);
    return true;
  } catch (error) {
    if (error.code === 'EEXIST') return false;
    throw error;
  } finally {
    unlinkSync(mine);
  }
}

/** Two who find the same dead holder must not both remove it: one at a time, by a folder that only one can make. */
function takeOver(file) {
  const turn = `${file}.turn`;
  try {
    mkdirSync(turn);
  } catch {
    if (Date.now() - statSync(turn, { throwIfNoEntry: false })?.mtimeMs > TAKEOVER_MS) rmdirSync(turn);
    return false;
  }
  try {
    if (isAlive(holderOf(file))) return false;
    unlinkSync(file);
    return take(file);
  } finally {
    rmdirSync(turn);
  }
}

/** Holds the folder, for one purpose, until released; `inherited` tells that a start before this one ended without letting go. */
export function lockFolder(folder, purpose = 'use') {
  const file = path.join(folder, purpose === 'use' ? 'kesto.lock' : `kesto.${purpose}.lock`);
  const inherited = !take(file);
  if (inherited && (isAlive(holderOf(file)) || !takeOver(file))) {
    const holder = holderOf(file);
    const who = holder ? `process ${holder.pid}, since ${holder.at}` : 'another start';
    stop(
      purpose === 'use' ? `${folder} is in use by ${who}` : `this program is just being built by ${who}`,
      purpose === 'use' ? 'stop that one first, or choose another folder: npm start -- --data DIR' : 'start again when that is done',
    );
  }
  const release = () => {
    if (holderOf(file)?.pid === process.pid) unlinkSync(file);
  };
  return { inherited, release };
}
