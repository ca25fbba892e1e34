import {
  DAY_PIN_HOURS,
  LEADS,
  pinStatement,
  type DayPin,
  type PersonName,
  type PinLead,
  type PinOverruling,
  type PutPinOverrulingRequest,
} from '@kesto/contract';
import { readJobLink, type JobLink, type StageValues } from '@kesto/core';
import { AppError, notFound } from '../../platform/errors';
import type { Author } from '../ledger';
import type { ShopWork } from '../shopWork';
import { appendStageEntry } from '../stages';
import type { DayPinRow } from './dayPins.repository';
import { checkingKey, isSignedBy } from './signature';

const HOUR_MS = 3_600_000;
/** Phones of one shop may lie in two zones, and their clocks a little off. */
const SLACK_MS = 5 * 60_000;

interface NewPin {
  readonly id: string;
  readonly lead: PinLead;
  readonly phoneOf: string;
  readonly key: string;
  readonly until: string;
  readonly now: Date;
}

/** Sets a PIN on somebody's phone. Repeating it changes nothing; another key under the same id is refused. */
export async function setDayPin(shop: ShopWork, { id, lead, phoneOf, key, until, now }: NewPin): Promise<DayPin> {
  const ends = new Date(until);
  if (ends <= now || ends.getTime() > now.getTime() + DAY_PIN_HOURS * HOUR_MS + SLACK_MS)
    throw new AppError('INVALID_INPUT', `A PIN ends within ${DAY_PIN_HOURS} hours: at midnight where the phone is.`, 'until');
  if (!checkingKey(key)) throw new AppError('INVALID_INPUT', 'This is no key of P-256.', 'key');
  const before = await shop.dayPins.byId(id);
  if (before && (before.key !== key || before.leadId !== lead.id || before.phoneOf !== phoneOf))
    throw new AppError('CONFLICT', 'There is another PIN under this id.', 'pin');
  if (!before) await shop.dayPins.add({ id, leadId: lead.id, phoneOf, key, madeAt: now, until: ends });
  return { id, lead: { id: lead.id, name: lead.name }, until };
}

interface Asked {
  readonly jobId: string;
  readonly entryId: string;
  readonly me: PersonName & Author;
  readonly body: PutPinOverrulingRequest;
  readonly now: Date;
  readonly offsetS: number | null;
}

const worthNothing = (why: string, field: string) => new AppError('FORBIDDEN', `${why} The gate stays as it was.`, field);

/** The PIN that signed this; refused where it is not of this phone's person, out of its day, or signed by another key. */
async function pinThatSigned(shop: ShopWork, { jobId, entryId, me, body, offsetS }: Asked): Promise<DayPinRow> {
  const pin = await shop.dayPins.byId(body.pin);
  if (!pin || pin.phoneOf !== me.id || pin.leadId !== body.lead.id) throw worthNothing('This PIN was not set on this phone.', 'pin');
  const at = new Date(body.deviceTime).getTime() + (offsetS ?? 0) * 1000;
  if (at >= pin.until.getTime() || at < pin.madeAt.getTime() - SLACK_MS)
    throw worthNothing('The PIN was good for its day alone, until midnight.', 'deviceTime');
  if (!isSignedBy(pin.key, pinStatement({ pin: pin.id, job: jobId, entry: entryId }, body), body.signature))
    throw worthNothing('It was not signed by this phone’s PIN.', 'signature');
  return pin;
}

/** An overruling by a lead's PIN: the lead's entry, which says on whose phone and that it was the PIN; kept for the lead to see. */
export async function overruleByPin(shop: ShopWork, asked: Asked): Promise<JobLink> {
  const { jobId, entryId, me, body, now, offsetS } = asked;
  const pin = await pinThatSigned(shop, asked);
  const lead = await shop.people.byId(pin.leadId);
  const isThere = (await shop.ledger.taken('job', entryId)) !== null;
  if (!lead || (!isThere && (lead.leftAt || !LEADS.includes(lead.role))))
    throw worthNothing('Whoever set this PIN is no lead any more.', 'pin');
  const { stage, deviceTime, values } = body;
  const link = await appendStageEntry(shop, {
    ...{ jobId, entryId, now, offsetS, person: { id: lead.id, name: lead.name, role: lead.role } },
    body: { kind: 'overruled', stage, deviceTime, photos: [], values: { ...values, phoneOf: me.name, byPin: true } },
  });
  await shop.dayPins.used({ id: entryId, leadId: lead.id, jobId, at: new Date(deviceTime), seenAt: null });
  return link;
}

/** What was overruled by a lead's PIN and not seen yet, as it stands in the job's chain. */
export async function unseenOverrulings(shop: ShopWork, leadId: string): Promise<readonly PinOverruling[]> {
  const uses = await shop.dayPins.unseenOf(leadId);
  return Promise.all(
    uses.map(async ({ id, jobId, at }) => {
      const job = await shop.jobs.byId(jobId);
      const taken = await shop.ledger.taken('job', id);
      if (!job || !taken) throw notFound('This overruling');
      const values = readJobLink(taken.link as JobLink).values as unknown as StageValues['overruled']; // cast: written by `overruleByPin` alone
      return {
        ...{ entry: id, at: at.toISOString(), phoneOf: values.phoneOf ?? '', values },
        job: { id: job.id, number: job.number, title: job.title },
      };
    }),
  );
}
