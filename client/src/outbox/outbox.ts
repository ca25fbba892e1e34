import type { Tag } from '@/api/api';
import type { Command, Outcome } from './command';
import type { Kept, KeptCommand } from './kept';

/** Back-off between tries: doubled each time, up to a minute. */
const FIRST_PAUSE_MS = 1000;
const LONGEST_PAUSE_MS = 60_000;

export interface OutboxDeps {
  readonly kept: Kept;
  readonly post: (command: KeptCommand) => Promise<Outcome>;
  /** Who is signed in; null while nobody is known to be. */
  readonly person: () => string | null;
  /** Tells the screens what is kept here. */
  readonly show: (commands: readonly Command[]) => void;
  /** Fetches anew what a write has made old; resolves when it is there. */
  readonly refresh: (changes: readonly Tag[]) => Promise<void>;
  /** The session has ended: ask for the sign-in. */
  readonly signedOut: () => void;
  /** One page at a time sends. */
  readonly alone: (work: () => Promise<void>) => Promise<void>;
  readonly wait: (ms: number, then: () => void) => void;
}

const shares = (a: Command, b: Command) => a.things.some((thing) => b.things.includes(thing));

/** The first that may go: its person's, neither refused nor tried in this round, and nothing given earlier about the same things still waits. */
export function nextToSend(commands: readonly KeptCommand[], person: string | null, tried: ReadonlySet<string>): KeptCommand | undefined {
  const mayGo = (command: KeptCommand, i: number) =>
    command.by === person &&
    !command.refused &&
    !tried.has(command.id) &&
    !commands.slice(0, i).some((earlier) => shares(earlier, command));
  return commands.find(mayGo);
}

/** Every write of the application: kept on the device first, sent in order, tried again until the server has it. */
export class Outbox {
  private sending: Promise<void> | null = null;
  private askedAgain = false;
  private pauseMs = FIRST_PAUSE_MS;
  /** Stored by the server; shown as kept here until what they changed has been fetched anew. */
  private landing: readonly Command[] = [];
  private readonly watchers = new Map<string, (outcome: Outcome) => void>();

  constructor(private readonly deps: OutboxDeps) {}

  /** Resolves once the command is safe on the device. */
  async issue(command: Command, file?: Blob): Promise<void> {
    await this.deps.kept.add(command, file);
    await this.show();
    this.kick();
  }

  /** What becomes of the next try of a command. */
  outcomeOf(id: string): Promise<Outcome> {
    return new Promise((resolve) => this.watchers.set(id, resolve));
  }

  /** Takes a command back that the server refused. */
  async letGo(id: string): Promise<void> {
    const command = (await this.deps.kept.all()).find((c) => c.id === id);
    if (command) await this.deps.kept.remove(command.place);
    await this.show();
    this.kick();
  }

  /** Sends a refused command once more, as it is. */
  async tryAgain(id: string): Promise<void> {
    const command = (await this.deps.kept.all()).find((c) => c.id === id);
    if (command) await this.deps.kept.change({ ...command, refused: null });
    await this.show();
    this.kick();
  }

  /** Sends what waits, now. */
  kick(): void {
    this.askedAgain = true;
    this.sending ??= this.deps
      .alone(() => this.sendAll())
      .finally(() => {
        this.sending = null;
        if (this.askedAgain) this.kick();
      });
  }

  async show(): Promise<void> {
    const waiting = (await this.deps.kept.all()).map(({ file: _file, place: _place, ...command }) => command);
    this.deps.show([...this.landing, ...waiting]);
  }

  private async sendAll(): Promise<void> {
    const tried = new Set<string>();
    while (this.askedAgain) {
      this.askedAgain = false;
      const next = async () => nextToSend(await this.deps.kept.all(), this.deps.person(), tried);
      for (let command = await next(); command; command = await next()) if (!(await this.sendOne(command, tried))) return;
    }
  }

  /** Whether there is sense in sending the next one now: not where nobody answers, or asks who we are. */
  private async sendOne(command: KeptCommand, tried: Set<string>): Promise<boolean> {
    tried.add(command.id);
    const outcome = await this.deps.post(command);
    if (outcome.kind === 'taken') await this.land(command);
    if (outcome.kind === 'refused') await this.deps.kept.change({ ...command, refused: outcome, stalled: null });
    if (outcome.kind === 'later') await this.postpone(command, outcome.message);
    if (outcome.kind === 'signed-out') this.deps.signedOut();
    await this.show();
    this.watchers.get(command.id)?.(outcome);
    this.watchers.delete(command.id);
    return outcome.kind !== 'signed-out' && !(outcome.kind === 'later' && outcome.message === null);
  }

  private async land({ place, file: _file, ...command }: KeptCommand): Promise<void> {
    this.pauseMs = FIRST_PAUSE_MS;
    this.landing = [...this.landing, command];
    await this.deps.kept.remove(place);
    void this.deps.refresh(command.changes).finally(() => {
      this.landing = this.landing.filter((c) => c.id !== command.id);
      void this.show();
    });
  }

  private async postpone(command: KeptCommand, message: string | null): Promise<void> {
    await this.deps.kept.change({ ...command, stalled: { message } });
    this.deps.wait(this.pauseMs, () => this.kick());
    this.pauseMs = Math.min(2 * this.pauseMs, LONGEST_PAUSE_MS);
  }
}
