import { keptOnDevice } from '@/outbox/kept';
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
    kept: keptOnDevice(),
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
export const settle = async () => {
  for (let i = 0; i < 60; i++) await new Promise((resolve) => setTimeout(resolve, 0));
};

export const messages = (kept: readonly Command[]) => kept.map(({ id, state }) => [id, 'message' in state ? state.message : state.status]);
