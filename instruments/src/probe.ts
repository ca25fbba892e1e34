import { WebSocket } from 'ws';
import type { Model, Noted } from './model';

/** How a stand-in speaks: where, by which code, how fast its clock runs, whether it falls silent now and then. */
export interface ProbeOptions {
  readonly url: string;
  readonly code: string;
  readonly name: string;
  /** Of the series' clock; 1 of one that keeps true time. */
  readonly factor: number;
  /** When the hold was begun, by the true clock [ms]: the series' clock starts there. */
  readonly beganMs: number;
  readonly dropsOut: boolean;
  readonly model: Model;
}

type Sample = readonly [n: number, ms: number, ...steps: number[]];
interface Told {
  readonly paired?: { readonly token: string; readonly series: string };
  readonly ack?: number;
  readonly noted?: Noted;
  readonly refused?: { readonly code: string; readonly message: string };
}

const EVERY_MS = 1000;
const AGAIN_MS = 1500;
const MOST_IN_MESSAGE = 300;
/** Now and then it is silent: about once a minute, for some seconds. */
const DROP = { chance: 0.02, forMs: 6000 } as const;

/**
 * An instrument at a machine that is only worked out. It numbers its samples, keeps what is not acknowledged, and
 * goes on from there after any break.
 */
export class Probe {
  private kept: Sample[] = [];
  private n = 0;
  private token: string | null = null;
  private socket: WebSocket | null = null;
  private timer: NodeJS.Timeout | null = null;
  private over = false;
  private lastMs: number;
  /** Of the series' clock: how often one is read [s]. */
  private readonly everyS: number;

  constructor(
    private readonly options: ProbeOptions,
    private readonly say: (line: string) => void = () => undefined,
  ) {
    this.everyS = Math.max(1, Math.round(options.factor / 6));
    this.lastMs = this.clockMs();
  }

  /** The series' clock [ms]. */
  private clockMs(): number {
    const { beganMs, factor } = this.options;
    return Math.round(beganMs + (Date.now() - beganMs) * factor);
  }

  start(): void {
    this.connect();
    this.timer = setInterval(() => this.tick(), EVERY_MS);
  }

  stop(): void {
    this.over = true;
    if (this.timer) clearInterval(this.timer);
    this.socket?.close();
  }

  bubblesAt(place: string): boolean {
    return this.options.model.bubblesAt(place);
  }

  private connect(): void {
    if (this.over) return;
    const socket = new WebSocket(this.options.url, { perMessageDeflate: false });
    this.socket = socket;
    socket.on('open', () => socket.send(JSON.stringify(this.token === null ? this.pairing() : { token: this.token })));
    socket.on('message', (data) => this.hear(JSON.parse(String(data)) as Told)); // cast: the server's own words
    socket.on('close', () => {
      if (this.socket === socket) this.socket = null;
      if (!this.over) setTimeout(() => this.connect(), AGAIN_MS);
    });
    socket.on('error', () => socket.terminate());
  }

  private pairing() {
    const { code, name, factor, model } = this.options;
    const { kind, columns, range } = model;
    return { pair: code, instrument: { kind, name, columns, range }, factor };
  }

  private hear({ paired, ack, noted, refused }: Told): void {
    if (paired) this.token = paired.token;
    if (ack !== undefined) this.kept = this.kept.filter(([n]) => n > ack);
    if (noted) this.act(noted);
    if (refused) {
      this.say(`refused: ${refused.message}`);
      if (['FORBIDDEN', 'OUT_OF_ORDER', 'NOT_FOUND'].includes(refused.code)) this.stop();
    }
    if (paired || ack !== undefined) this.send();
  }

  /** What was done at the rig is done to the machine. */
  private act(noted: Noted): void {
    this.moveOn();
    if (!this.options.model.act(noted)) this.stop();
  }

  private moveOn(): void {
    const now = this.clockMs();
    this.options.model.pass((now - this.lastMs) / 1000);
    this.lastMs = now;
  }

  private tick(): void {
    const now = this.clockMs();
    while (this.lastMs + this.everyS * 1000 <= now) {
      this.options.model.pass(this.everyS);
      this.lastMs += this.everyS * 1000;
      const steps = this.options.model.read();
      if (steps) this.kept.push([++this.n, this.lastMs, ...steps]);
    }
    if (this.options.dropsOut && Math.random() < DROP.chance) return this.fallSilent();
    this.send();
  }

  private fallSilent(): void {
    this.say('silent for some seconds');
    const socket = this.socket;
    this.socket = null;
    socket?.removeAllListeners('close');
    socket?.terminate();
    setTimeout(() => this.connect(), DROP.forMs);
  }

  private send(): void {
    if (this.socket?.readyState !== WebSocket.OPEN || this.token === null || this.kept.length === 0) return;
    this.socket.send(JSON.stringify({ samples: this.kept.slice(0, MOST_IN_MESSAGE) }));
  }
}
