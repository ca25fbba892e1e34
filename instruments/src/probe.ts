import { WebSocket } from 'ws';
import type { Model, Noted } from './model';
import { Timeline, type Sample } from './timeline';

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

interface Told {
  readonly paired?: { readonly token: string; readonly series: string };
  readonly ack?: number;
  readonly noted?: Noted & { readonly at: string };
  readonly refused?: { readonly code: string; readonly message: string };
}

const EVERY_MS = 1000;
/** So long its samples are held back: what is done at a rig is told a moment later, and a clock that runs fast makes minutes of that. */
const BEHIND_MS = 1500;
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
  private token: string | null = null;
  private socket: WebSocket | null = null;
  private timer: NodeJS.Timeout | null = null;
  private over = false;
  private readonly machine: Timeline;

  constructor(
    private readonly options: ProbeOptions,
    private readonly say: (line: string) => void = () => undefined,
  ) {
    const everyS = Math.max(1, Math.round(options.factor / 6));
    this.machine = new Timeline(options.model, everyS, this.clockMs(Date.now()));
  }

  /** A time by the series' clock [ms]. */
  private clockMs(trueMs: number): number {
    const { beganMs, factor } = this.options;
    return Math.round(beganMs + (trueMs - beganMs) * factor);
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
    if (noted) this.machine.note(noted, this.clockMs(Math.min(Date.parse(noted.at), Date.now())));
    if (refused) {
      this.say(`refused: ${refused.message}`);
      if (['FORBIDDEN', 'OUT_OF_ORDER', 'NOT_FOUND'].includes(refused.code)) this.stop();
    }
    if (paired || ack !== undefined) this.send();
  }

  private tick(): void {
    this.kept.push(...this.machine.passTo(this.clockMs(Date.now() - BEHIND_MS)));
    if (this.machine.isOver) {
      this.send();
      return this.stop();
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
