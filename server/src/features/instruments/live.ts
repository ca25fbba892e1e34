import { type FromInstrument, type ToInstrument, type WireSample } from '@kesto/contract';
import { fromInstrument } from '@kesto/contract/schemas';
import { AppError } from '../../platform/errors';
import type { Line } from '../../platform/live/listenLive';
import { pairings, type Pairings } from './pairings';
import { readMessage } from './readMessage';
import { keepSamples } from './series.service';
import type { Series } from './series.repository';
import { pairBy, resumeBy, type LiveGround, type Speaker } from './speaker';

/** Samples are kept once a second, however often they come. */
const KEEP_MS = 1000;

/** Something that was noted of a hold, told to whoever speaks of it. */
export interface HoldNote {
  readonly kind: string;
  readonly values: Readonly<Record<string, unknown>>;
  readonly at: string;
}

/** Samples were sent, or something was noted. */
export type News = 'sent' | 'noted';

/** Where instruments speak: codes that let them in, and what is told to them. */
export interface LiveDesk {
  readonly codes: Pairings;
  readonly answer: (line: Line) => void;
  readonly tell: (holdId: string, note: HoldNote) => void;
  /** Something of a hold or a pull is new: sent by an instrument, or noted. */
  readonly onNews: (then: (holdId: string, what: News) => void) => void;
}

const refusalOf = (error: unknown): ToInstrument =>
  error instanceof AppError
    ? { refused: { code: error.code, message: error.message } }
    : { refused: { code: 'INTERNAL', message: 'This could not be kept; it is asked for again.' } };

/** One line that is heard: who speaks on it, and what waits to be kept. */
class Hearing {
  private speaker: Speaker | null = null;
  /** As it stood when it was kept last. */
  private series: Series | null = null;
  private waiting: WireSample[] = [];
  private keptAt = 0;
  private due: NodeJS.Timeout | null = null;

  constructor(
    private readonly ground: LiveGround,
    private readonly line: Line,
    private readonly codes: Pairings,
    private readonly on: { readonly speaker: (speaker: Speaker) => void; readonly kept: (holdId: string) => void },
  ) {}

  async hear(text: string): Promise<void> {
    try {
      await this.answer(readMessage<FromInstrument>(fromInstrument, text));
    } catch (error) {
      this.refuse(error);
    }
  }

  /** The line is gone: what came on it is kept all the same. */
  async end(): Promise<void> {
    if (this.due) clearTimeout(this.due);
    await this.keep().catch(() => undefined);
  }

  private async answer(message: FromInstrument): Promise<void> {
    if ('samples' in message) {
      if (!this.speaker) throw new AppError('FORBIDDEN', 'First a code, or the token that was given for one.', 'pair');
      this.waiting.push(...message.samples);
      const after = Math.max(0, this.keptAt + KEEP_MS - Date.now());
      this.due ??= setTimeout(() => void this.keep().catch((error: unknown) => this.refuse(error)), after);
      return;
    }
    const { speaker, said } =
      'pair' in message ? await pairBy(this.ground, this.codes, message) : await resumeBy(this.ground, message.token);
    this.speaker = speaker;
    this.on.speaker(speaker);
    this.line.say(said);
  }

  private async keep(): Promise<void> {
    this.due = null;
    const samples = this.waiting;
    this.waiting = [];
    if (!this.speaker || samples.length === 0) return;
    this.keptAt = Date.now();
    const { shopId, seriesId, holdId } = this.speaker;
    const series = await this.ground.store.inShop(shopId, (shop) =>
      keepSamples(shop, this.series ?? seriesId, samples, this.ground.clock()),
    );
    this.series = series;
    if (!series) throw new AppError('OUT_OF_ORDER', 'This hold is over, or this instrument was let go.');
    this.line.say({ ack: series.acked } satisfies ToInstrument);
    this.on.kept(holdId);
  }

  private refuse(error: unknown): void {
    this.line.say(refusalOf(error));
    this.line.close();
  }
}

export function liveDesk(ground: LiveGround): LiveDesk {
  const codes = pairings();
  const lines = new Map<Line, Speaker>();
  const listeners: ((holdId: string, what: News) => void)[] = [];
  const isNew = (holdId: string, what: News) => listeners.forEach((then) => then(holdId, what));
  return {
    codes,
    onNews: (then) => void listeners.push(then),
    tell(holdId, note) {
      lines.forEach((speaker, line) => speaker.holdId === holdId && line.say({ noted: note } satisfies ToInstrument));
      isNew(holdId, 'noted');
    },
    answer(line) {
      const hearing = new Hearing(ground, line, codes, {
        speaker(speaker) {
          lines.set(line, speaker);
          // The job's chain says that it joined.
          isNew(speaker.holdId, 'noted');
        },
        kept: (holdId) => isNew(holdId, 'sent'),
      });
      line.onMessage((text) => hearing.hear(text));
      line.onClose(() => {
        lines.delete(line);
        void hearing.end();
      });
    },
  };
}
