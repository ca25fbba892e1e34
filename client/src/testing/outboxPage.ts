import { keptOnDevice, type Kept } from '@/outbox/kept';
import type { Command, Outcome } from '@/outbox/command';
import { Outbox } from '@/outbox/outbox';

let made = 0;
export const entry = (joint: string, rest: Partial<Command> = {}): Command => ({
  id: `c${++made}`,
  by: 'ilta',
  at: '2026-11-26T09:00:00.000Z',
  route: 'putEntry',
  params: { joint, entry: `e${made}` },
  byName: 'Ilta',
  body: { kind: 'brazed' },
  about: [`joint.${joint}`],
  needs: [],
  makes: null,
  changes: ['Joint'],
  state: { status: 'waiting' },
  ...rest,
});

/** What is asked of the device's database and not answered yet. */
let asking = 0;

const counted =
  <Args extends unknown[], Result>(ask: (...args: Args) => Promise<Result>) =>
  async (...args: Args): Promise<Result> => {
    asking++;
    try {
      return await ask(...args);
    } finally {
      asking--;
    }
  };

function keptAndCounted(): Kept {
  const { add, all, change, remove } = keptOnDevice();
  return { add: counted(add), all: counted(all), change: counted(change), remove: counted(remove) };
}

/** A page over the device's database: a second one is the page after a reload. */
export function page(
  answer: (command: Command) => Outcome | Promise<Outcome>,
  person = 'ilta',
  refresh = () => Promise.resolve(),
  goTogether = true,
) {
  const sent: string[] = [];
  const together: (readonly string[])[] = [];
  const signing = { isHere: true, times: 0 };
  const pauses: { readonly ms: number; readonly then: () => void }[] = [];
  const seen = { kept: [] as readonly Command[], signedOut: 0, taken: null as string | null, persisted: 0 };
  const outbox = new Outbox({
    kept: keptAndCounted(),
    post: async (command) => {
      sent.push(command.id);
      return answer(command);
    },
    postTogether: async (commands) => {
      if (!goTogether) return null;
      together.push(commands.map(({ id }) => id));
      const outcomes: Outcome[] = [];
      for (const command of commands) {
        sent.push(command.id);
        outcomes.push(await answer(command));
      }
      return outcomes;
    },
    sign: ({ body }) =>
      Promise.resolve(signing.isHere ? { body: { ...(body as object), signed: `by ${person}, ${++signing.times}` } } : null),
    person: () => person,
    show: (commands) => void (seen.kept = commands),
    refresh,
    signedOut: () => void seen.signedOut++,
    taken: (by) => void (seen.taken = by?.name ?? ''),
    persist: () => void seen.persisted++,
    alone: (work) => work(),
    wait: (ms, then) => void pauses.push({ ms, then }),
  });
  return { outbox, sent, seen, pauses, signing, together };
}

export const TAKEN = (): Outcome => ({ kind: 'taken' });
export const NO_ANSWER = (): Outcome => ({ kind: 'later', message: null });

/** Between two questions to the database no more than this many turns pass. */
const QUIET_TURNS = 3;

/** Until the database has answered, and nobody asks it any more: whatever was begun has ended, or waits for an answer that a test holds back. */
export async function settle(): Promise<void> {
  for (let quiet = 0; quiet < QUIET_TURNS; quiet = asking === 0 ? quiet + 1 : 0) await new Promise((resolve) => setTimeout(resolve, 0));
}

export const messages = (kept: readonly Command[]) => kept.map(({ id, state }) => [id, 'message' in state ? state.message : state.status]);
