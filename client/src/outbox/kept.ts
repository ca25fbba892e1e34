import { openDB, type IDBPDatabase, type IDBPTransaction } from 'idb';
import type { Command } from './command';
import { ofFormerVersion, type FormerCommand } from './former';

/** A command with its place in the order it was given, and the bytes that go with it. */
export interface KeptCommand extends Command {
  readonly place: number;
  readonly file?: Blob;
}

/** Where commands are kept until the server has them. */
export interface Kept {
  /** Resolves once the command would outlive the page. */
  add(command: Command, file?: Blob): Promise<void>;
  all(): Promise<readonly KeptCommand[]>;
  change(command: KeptCommand): Promise<void>;
  remove(place: number): Promise<void>;
}

const DATABASE = 'kesto';
/** Goes up when commands are kept otherwise; what an older page kept is then carried over in `upgrade`. */
const VERSION = 2;
const STORE = 'commands';

async function carryOver(transaction: IDBPTransaction<unknown, string[], 'versionchange'>): Promise<void> {
  const store = transaction.objectStore(STORE);
  for (const former of (await store.getAll()) as FormerCommand[]) await store.put(ofFormerVersion(former)); // cast: version 1 wrote nothing else
}

const opened = (closed: () => void) =>
  openDB(DATABASE, VERSION, {
    upgrade: (db, before, _now, transaction) => {
      if (before < 1) db.createObjectStore(STORE, { keyPath: 'place', autoIncrement: true });
      else void carryOver(transaction);
    },
    // Another tab has a newer page, which must not wait for this one.
    blocking: (_before, _now, event) => {
      (event.target as IDBDatabase).close(); // cast: the event of a database
      closed();
    },
  });

/** In the browser's own database. */
export function keptOnDevice(): Kept {
  let database: Promise<IDBPDatabase> | null = null;
  const db = () => (database ??= opened(() => (database = null)));
  return {
    add: async (command, file) => void (await (await db()).add(STORE, file ? { ...command, file } : command)),
    all: async () => (await (await db()).getAll(STORE)) as KeptCommand[], // cast: written by `add` and `change` alone
    change: async (command) => void (await (await db()).put(STORE, command)),
    remove: async (place) => (await db()).delete(STORE, place),
  };
}

/** As long as the page lives: where a browser gives no database. */
export function keptInPage(): Kept {
  let commands: readonly KeptCommand[] = [];
  let last = 0;
  return {
    add: (command, file) => {
      commands = [...commands, { ...command, place: ++last, ...(file ? { file } : {}) }];
      return Promise.resolve();
    },
    all: () => Promise.resolve(commands),
    change: (command) => {
      commands = commands.map((c) => (c.place === command.place ? command : c));
      return Promise.resolve();
    },
    remove: (place) => {
      commands = commands.filter((c) => c.place !== place);
      return Promise.resolve();
    },
  };
}
