import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** One answer of the server, as it was when it came. */
export interface CachedAnswer {
  readonly at: string;
  readonly data: unknown;
}

interface Row extends CachedAnswer {
  readonly key: string;
  readonly person: string;
  readonly version: string;
}

interface Schema extends DBSchema {
  answers: { key: string; value: Row; indexes: { byPerson: [string, string] } };
  /** Whoever the server last named on this device, under one key. */
  who: { key: string; value: CachedAnswer };
}

/** What was fetched, for when nothing can be: each person's own. */
export interface AnswerCache {
  remember(person: string, url: string, answer: CachedAnswer): Promise<void>;
  recall(person: string, url: string): Promise<CachedAnswer | null>;
  rememberWho(answer: CachedAnswer): Promise<void>;
  recallWho(): Promise<CachedAnswer | null>;
  /** Whoever signs out leaves nothing here. */
  forget(person: string): Promise<void>;
}

/** A database of its own: it gives way first where room is short, what is not sent yet never does. */
const DATABASE = 'kesto-cache';
const DATABASE_VERSION = 1;
/** Goes up when answers mean something else: older ones are as good as none. */
const ANSWERS = '1';
/** Of one person; the oldest go first. */
const MOST = 600;
const WHO = 'who';

const range = (person: string) => IDBKeyRange.bound([person, ''], [person, '\uffff']);

async function opened(): Promise<IDBPDatabase<Schema>> {
  const db = await openDB<Schema>(DATABASE, DATABASE_VERSION, {
    upgrade: (fresh) => {
      fresh.createObjectStore('answers', { keyPath: 'key' }).createIndex('byPerson', ['person', 'at']);
      fresh.createObjectStore('who');
    },
    blocking: () => db.close(),
  });
  return db;
}

async function makeRoom(db: IDBPDatabase<Schema>, person: string): Promise<void> {
  const { store } = db.transaction('answers', 'readwrite');
  const over = (await store.index('byPerson').count(range(person))) - MOST;
  const oldest = over > 0 ? await store.index('byPerson').getAllKeys(range(person), over) : [];
  await Promise.all(oldest.map((key) => store.delete(key)));
}

/** In the browser's own database. */
export function cacheOnDevice(): AnswerCache {
  let database: Promise<IDBPDatabase<Schema>> | null = null;
  const db = () => (database ??= opened());
  const keyOf = (person: string, url: string) => `${person} ${url}`;
  return {
    async remember(person, url, { at, data }) {
      const to = await db();
      await to.put('answers', { key: keyOf(person, url), person, version: ANSWERS, at, data });
      await makeRoom(to, person);
    },
    async recall(person, url) {
      const row = await (await db()).get('answers', keyOf(person, url));
      return row?.version === ANSWERS ? { at: row.at, data: row.data } : null;
    },
    rememberWho: async (answer) => void (await (await db()).put('who', answer, WHO)),
    recallWho: async () => (await (await db()).get('who', WHO)) ?? null,
    async forget(person) {
      const from = await db();
      const { store } = from.transaction('answers', 'readwrite');
      const keys = await store.index('byPerson').getAllKeys(range(person));
      await Promise.all(keys.map((key) => store.delete(key)));
      await from.delete('who', WHO);
    },
  };
}

/** Where a browser keeps nothing. */
export const noCache: AnswerCache = {
  remember: () => Promise.resolve(),
  recall: () => Promise.resolve(null),
  rememberWho: () => Promise.resolve(),
  recallWho: () => Promise.resolve(null),
  forget: () => Promise.resolve(),
};
