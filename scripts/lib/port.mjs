// Says whether a port is free, and by what it is held where this machine tells.
import { readdirSync, readFileSync, readlinkSync } from 'node:fs';
import { createServer } from 'node:net';
import { stop } from './report.mjs';

const LISTENING = '0A';

function canListen(port, host) {
  return new Promise((resolve) => {
    const server = createServer();
    server.once('error', () => resolve(false));
    server.listen(port, host, () => server.close(() => resolve(true)));
  });
}

function listeningInodes(port) {
  const wanted = port.toString(16).toUpperCase().padStart(4, '0');
  const rows = ['/proc/net/tcp', '/proc/net/tcp6'].flatMap((file) => readFileSync(file, 'utf8').trim().split('\n').slice(1));
  return rows
    .map((row) => row.trim().split(/\s+/))
    .filter(([, local, , state]) => state === LISTENING && local.endsWith(`:${wanted}`))
    .map((columns) => `socket:[${columns[9]}]`);
}

function holds(pid, sockets) {
  try {
    return readdirSync(`/proc/${pid}/fd`).some((fd) => sockets.includes(readlinkSync(`/proc/${pid}/fd/${fd}`)));
  } catch {
    return false; // gone meanwhile, or another user's
  }
}

function holder(port) {
  try {
    const sockets = listeningInodes(port);
    const pid = readdirSync('/proc').find((name) => /^\d+$/.test(name) && holds(name, sockets));
    if (!pid) return 'a program that this user may not look at';
    const command = readFileSync(`/proc/${pid}/cmdline`, 'utf8').replaceAll('\0', ' ').trim();
    return `process ${pid}: ${command.slice(0, 120)}`;
  } catch {
    return 'another program';
  }
}

export async function stopIfTaken(port, host) {
  if (await canListen(port, host)) return;
  stop(`port ${port} on ${host} is taken by ${holder(port)}`, `end that program, or choose another port: npm start -- --port ${port + 1}`);
}
