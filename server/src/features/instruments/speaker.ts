import type { FromInstrument, ToInstrument } from '@kesto/contract';
import { validate } from 'uuid';
import { AppError } from '../../platform/errors';
import type { Platform } from '../../platform/http/context';
import type { Pairings } from './pairings';
import { joinHold, newToken, seriesBy } from './series.service';

/** Who speaks on a line. */
export interface Speaker {
  readonly shopId: string;
  readonly seriesId: string;
  readonly holdId: string;
}

interface LetIn {
  readonly speaker: Speaker;
  readonly said: ToInstrument;
}

export type LiveGround = Pick<Platform, 'store' | 'clock' | 'demo'>;

/** By a code, once: its series begins, and it is given a token for this hold alone. */
export async function pairBy(ground: LiveGround, codes: Pairings, message: Extract<FromInstrument, { pair: string }>): Promise<LetIn> {
  const { pair, instrument, factor = null } = message;
  const whom = codes.use(pair);
  if (!whom) throw new AppError('NOT_FOUND', 'This code is not known, was used, or is older than five minutes. Make another.', 'pair');
  if (factor !== null && factor !== 1 && !ground.demo) throw new AppError('FORBIDDEN', 'Stand-ins are taken in the demo alone.', 'factor');
  const { shopId, jobId, holdId, by } = whom;
  const token = newToken(shopId);
  const asked = { jobId, holdId, pairedBy: by, instrument, factor, token, now: ground.clock() };
  const series = await ground.store.inShop(shopId, (shop) => joinHold(shop, asked));
  return { speaker: { shopId, seriesId: series.id, holdId }, said: { paired: { token, series: series.id } } };
}

/** By the token it was given: it goes on where it was. */
export async function resumeBy(ground: LiveGround, token: string): Promise<LetIn> {
  const [shopId = ''] = token.split('.');
  const series = validate(shopId) ? await ground.store.inShop(shopId, (shop) => seriesBy(shop, token)) : null;
  if (!series) throw new AppError('FORBIDDEN', 'This hold is over, or this instrument was let go, or never paired with it.', 'token');
  return { speaker: { shopId, seriesId: series.id, holdId: series.holdId }, said: { ack: series.acked } };
}
