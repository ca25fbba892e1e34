import type { Tag } from '@/api/api';
import { isHeld, type Command, type CommandState, type Outcome } from './command';
import { merge, withLine } from './merge';
import type { Kept, KeptCommand } from './kept';

/** Back-off between tries: doubled each time, up to a minute. */
const FIRST_PAUSE_MS = 1000;
const LONGEST_PAUSE_MS = 60_000;

export interface OutboxDeps {
  readonly kept: Kept;
  readonly post: (command: KeptCommand) => Promise<Outcome>;
  /** Whose page this is; null while nobody is known to be, or another has signed in on this device. */
  readonly person: () => string | null;
  /** Tells the screens what is kept here. */
  readonly show: (commands: readonly Command[]) => void;
  /** Fetches anew what a write has made old; resolves when it is there. */
  readonly refresh: (changes: readonly Tag[]) => Promise<void>;
  /** The session has ended: ask for the sign-in. */
  readonly signedOut: () => void;
  /** Somebody else is signed in on this device. */
  readonly taken: (by: { readonly id: string; readonly name: string } | null) => void;
  /** One page at a time sends. */
  readonly alone: (work: () => Promise<void>) => Promise<void>;
  readonly wait: (ms: number, then: () => void) => void;
  /** Asks the browser not to clear what is kept. */
  readonly persist: () => void;
}

const shares = (a: Command, b: Command) => a.by === b.by && a.about.some((thing) => b.about.includes(thing));
const makesFor = (a: Command, b: Command) => a.makes !== null && b.needs.includes(a.makes);

/** Those that go no further for now: held themselves, another person's, or in need of one that is. */
function stuckAmong(commands: readonly KeptCommand[], person: string | null): ReadonlySet<KeptCommand> {
  const stuck = new Set<KeptCommand>();
  for (const command of commands) {
    const needsStuck = [...stuck].some((earlier) => makesFor(earlier, command));
    if (command.by !== person || isHeld(command) || needsStuck) stuck.add(command);
  }
  return stuck;
}

/** The first that may go: not stuck nor tried in this round, what it needs is there, and nothing given earlier about the same things still goes. */
export function nextToSend(commands: readonly KeptCommand[], person: string | null, tried: ReadonlySet<string>): KeptCommand | undefined {
  const stuck = stuckAmong(commands, person);
  const going = commands.filter((command) => !stuck.has(command));
  const mayGo = (command: KeptCommand, i: number) =>
    !tried.has(command.id) && !going.slice(0, i).some((earlier) => makesFor(earlier, command) || shares(earlier, command));
  return going.find(mayGo);
}

/** After these there is no sense in sending the next one now. */
const endsRound = (outcome: Outcome) =>
  outcome.kind === 'signed-out' || outcome.kind === 'other-person' || (outcome.kind === 'later' && outcome.message === null);

/** Every write of the application: kept on the device first, sent in order, tried again until the server has it. */
export class Outbox {
  private sending: Promise<void> | null = null;
  private askedAgain = false;
  private pauseMs = FIRST_PAUSE_MS;
  private persisted = false;
  /** Stored by the server; shown as kept here until what they changed has been fetched anew. */
  private landing: readonly Command[] = [];
  private readonly watchers = new Map<string, (outcome: Outcome) => void>();

  constructor(private readonly deps: OutboxDeps) {}

  /** Resolves once the command is safe on the device. */
  async issue(command: Command, file?: Blob): Promise<void> {
    await this.deps.kept.add(command, file);
    if (!this.persisted) this.deps.persist();
    this.persisted = true;
    await this.show();
    this.kick();
  }

  /** What becomes of the next try of a command. */
  outcomeOf(id: string): Promise<Outcome> {
    return new Promise((resolve) => this.watchers.set(id, resolve));
  }

  /** Takes a command off the device for good. */
  async letGo(id: string): Promise<void> {
    const command = await this.find(id);
    if (command) await this.deps.kept.remove(command.place);
    await this.show();
    this.kick();
  }

  /** Sends a held command once more, as it is. */
  async tryAgain(id: string): Promise<void> {
    await this.become(id, (command) => ({ ...command, state: { status: 'waiting' } }));
  }

  /** All that one person had kept becomes another's to send, who says whose it was. */
  async takeOnBehalf(whose: string, me: { readonly id: string; readonly name: string }): Promise<void> {
    for (const command of await this.deps.kept.all()) {
      if (command.by !== whose || command.route === 'putUnits') continue;
      const onBehalfOf = { id: command.by, name: command.byName };
      await this.deps.kept.change({ ...command, by: me.id, byName: me.name, onBehalfOf, state: { status: 'waiting' } });
    }
    await this.show();
    this.kick();
  }

  /** Says which stands of the lines that two people changed, by the index of each: true for what stands already. */
  async decide(id: string, takesTheirs: readonly boolean[]): Promise<void> {
    await this.become(id, (command) => {
      if (command.state.status !== 'changed') return command;
      const lines = command.state.lines.filter((_line, i) => takesTheirs[i]);
      const body = lines.reduce((whole, { path, theirs }) => withLine(whole, path, theirs), command.body);
      return { ...command, body, state: { status: 'waiting' } };
    });
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

  private async find(id: string): Promise<KeptCommand | undefined> {
    return (await this.deps.kept.all()).find((c) => c.id === id);
  }

  private async become(id: string, change: (command: KeptCommand) => KeptCommand): Promise<void> {
    const command = await this.find(id);
    if (command) await this.deps.kept.change(change(command));
    await this.show();
    this.kick();
  }

  private async sendAll(): Promise<void> {
    const tried = new Set<string>();
    while (this.askedAgain) {
      this.askedAgain = false;
      const next = async () => nextToSend(await this.deps.kept.all(), this.deps.person(), tried);
      for (let command = await next(); command; command = await next()) if (!(await this.sendOne(command, tried))) return;
    }
  }

  private async sendOne(command: KeptCommand, tried: Set<string>): Promise<boolean> {
    tried.add(command.id);
    const outcome = await this.deps.post(command);
    await this.settle(command, outcome, tried);
    await this.show();
    this.watchers.get(command.id)?.(outcome);
    this.watchers.delete(command.id);
    return !endsRound(outcome);
  }

  /** What the device keeps of a command after one try. */
  private async settle(command: KeptCommand, outcome: Outcome, tried: Set<string>): Promise<void> {
    const become = (state: CommandState) => this.deps.kept.change({ ...command, state });
    switch (outcome.kind) {
      case 'taken':
        return this.land(command);
      case 'refused':
        return become({ status: 'refused', message: outcome.message, field: outcome.field });
      case 'set-aside':
        return become({ status: 'set-aside' });
      case 'later':
        await become({ status: 'later', message: outcome.message });
        return this.tryLater();
      case 'changed':
        return this.takeOver(command, outcome, tried);
      case 'other-person':
        await become({ status: 'other-person', message: outcome.message });
        return this.deps.taken(outcome.signedIn);
      case 'signed-out':
        return this.deps.signedOut();
    }
  }

  /** Made anew from what stands now: lines that only one side changed go by themselves, the others wait for their writer. */
  private async takeOver(command: KeptCommand, { stands, hash }: { stands: unknown; hash: string }, tried: Set<string>): Promise<void> {
    const { value, lines } = merge(command.madeFrom?.body, command.body, stands);
    const anew = { ...command, body: value, madeFrom: { hash, body: stands } };
    await this.deps.kept.change({ ...anew, state: lines.length > 0 ? { status: 'changed', lines } : { status: 'waiting' } });
    // What stands may have changed once more meanwhile: never twice in one round for the same.
    if (lines.length === 0 && command.madeFrom?.hash !== hash) tried.delete(command.id);
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

  private tryLater(): void {
    this.deps.wait(this.pauseMs, () => this.kick());
    this.pauseMs = Math.min(2 * this.pauseMs, LONGEST_PAUSE_MS);
  }
}
