import type { Tag } from '@/api/api';
import type { Command, CommandState, Outcome } from './command';
import { merge, withLine } from './merge';
import type { Kept, KeptCommand } from './kept';
import { togetherFrom } from './order';

/** Back-off between tries: doubled each time, up to a minute. */
const FIRST_PAUSE_MS = 1000;
const LONGEST_PAUSE_MS = 60_000;

export interface OutboxDeps {
  readonly kept: Kept;
  readonly post: (command: KeptCommand) => Promise<Outcome>;
  /** Several at once: what becomes of each that was tried, in their order; null where they cannot go together. */
  readonly postTogether: (commands: readonly KeptCommand[]) => Promise<readonly Outcome[] | null>;
  /** The body signed, where this device can, or as it is; null while what signs is not here. */
  readonly sign: (command: Command) => Promise<{ readonly body: unknown } | null>;
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
      const { toSign: _onlyByItsWriter, ...theirs } = command;
      await this.deps.kept.change({ ...theirs, by: me.id, byName: me.name, onBehalfOf, state: { status: 'waiting' } });
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
      // Whatever broke it off, what is kept goes on waiting, and is tried again.
      .catch(() => this.tryLater())
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
      await this.signAll();
      const next = async () => togetherFrom(await this.deps.kept.all(), this.deps.person(), tried);
      for (let some = await next(); some.length > 0; some = await next()) if (!(await this.send(some, tried))) return;
    }
  }

  /** Sends what goes together, or the first of it by itself. False where there is no sense in sending the next one now. */
  private async send(together: readonly KeptCommand[], tried: Set<string>): Promise<boolean> {
    const outcomes = together.length > 1 ? await this.deps.postTogether(together) : null;
    if (outcomes) return this.settleAll(together, outcomes, tried);
    const alone = together.slice(0, 1);
    return this.settleAll(alone, await Promise.all(alone.map((command) => this.deps.post(command))), tried);
  }

  /** Signs what was kept since: once, so that a second try says the same to the letter. */
  private async signAll(): Promise<void> {
    const person = this.deps.person();
    for (const command of await this.deps.kept.all()) {
      if (!command.toSign || command.by !== person) continue;
      const signed = await this.deps.sign(command);
      if (!signed) return this.tryLater();
      const { toSign: _done, ...kept } = command;
      // Whoever kept it may have taken it back meanwhile.
      if (await this.find(command.id)) await this.deps.kept.change({ ...kept, ...signed });
    }
  }

  private async settleAll(commands: readonly KeptCommand[], outcomes: readonly Outcome[], tried: Set<string>): Promise<boolean> {
    const settled = outcomes.flatMap((outcome, i) => (commands[i] ? [{ command: commands[i], outcome }] : []));
    for (const { command } of settled) tried.add(command.id);
    await this.land(settled.filter(({ outcome }) => outcome.kind === 'taken').map(({ command }) => command));
    for (const { command, outcome } of settled) await this.settle(command, outcome, tried);
    await this.show();
    for (const { command, outcome } of settled) {
      this.watchers.get(command.id)?.(outcome);
      this.watchers.delete(command.id);
    }
    return !outcomes.some(endsRound);
  }

  /** What the device keeps of a command after a try that did not land it. */
  private async settle(command: KeptCommand, outcome: Outcome, tried: Set<string>): Promise<void> {
    const become = (state: CommandState) => this.deps.kept.change({ ...command, state });
    switch (outcome.kind) {
      case 'taken':
        return;
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

  /** Off the device, and shown as kept here until what they changed has been fetched anew. */
  private async land(commands: readonly KeptCommand[]): Promise<void> {
    if (commands.length === 0) return;
    this.pauseMs = FIRST_PAUSE_MS;
    this.landing = [...this.landing, ...commands.map(({ place: _place, file: _file, ...command }) => command)];
    for (const { place } of commands) await this.deps.kept.remove(place);
    const ids = new Set(commands.map(({ id }) => id));
    const changes = new Map(commands.flatMap((command) => command.changes).map((tag) => [JSON.stringify(tag), tag]));
    void this.deps.refresh([...changes.values()]).finally(() => {
      this.landing = this.landing.filter(({ id }) => !ids.has(id));
      void this.show();
    });
  }

  private tryLater(): void {
    this.deps.wait(this.pauseMs, () => this.kick());
    this.pauseMs = Math.min(2 * this.pauseMs, LONGEST_PAUSE_MS);
  }
}
