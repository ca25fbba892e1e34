import type { EntryAnswer, EntryRouteName, Params, SentEntry } from '@kesto/contract';
import type { Request } from 'express';
import { HTTP_STATUS } from '../../platform/errors';
import type { Platform, SignedIn } from '../../platform/http/context';
import { asAppError, toldOf } from '../../platform/http/errors';
import { checkedBody, checkRole } from '../../platform/http/register';
import type { ShopWork } from '../shopWork';
import { tellWatchers, WRITERS, type Given } from './writers';

interface Sender extends SignedIn {
  readonly platform: Platform;
  readonly request: Request;
  readonly now: Date;
  readonly offsetS: number | null;
}

const KEPT: EntryAnswer = { status: 200 };

/** With this answer it is the server that fails, not the entry: whoever sent it tries again. */
const isPassing = ({ status }: EntryAnswer) => status >= 500;

const chainOf = ({ params }: SentEntry) => params['joint'] ?? params['job'];

/** Entries of one record that follow each other. */
function runsOf(entries: readonly SentEntry[]): readonly (readonly SentEntry[])[] {
  const runs: SentEntry[][] = [];
  for (const entry of entries) {
    const last = runs.at(-1);
    if (last?.[0] && chainOf(last[0]) === chainOf(entry)) last.push(entry);
    else runs.push([entry]);
  }
  return runs;
}

async function writeOne<Name extends EntryRouteName>(shop: ShopWork, { me, now, offsetS }: Sender, entry: SentEntry & { route: Name }) {
  checkRole(entry.route, me);
  const params = entry.params as Params<Name>; // cast: each writer refuses what is no id, or is not there
  const given: Given<Name> = { params, body: checkedBody(entry.route, entry.body), me, now, offsetS };
  await WRITERS[entry.route](shop, given);
}

function refusal(thrown: unknown, { request }: Sender): EntryAnswer {
  const error = asAppError(thrown);
  const status = HTTP_STATUS[error.code];
  if (status >= 500) request.log.error({ err: error.cause ?? error }, 'one of several entries failed');
  return { status, error: toldOf(error, request) };
}

/**
 * The entries of one record in one transaction. Where one is refused, those before it are kept without it, and those after it are tried for
 * themselves: none is refused for another's sake.
 */
async function writeRun(sender: Sender, run: readonly SentEntry[]): Promise<readonly EntryAnswer[]> {
  let reached = 0;
  const write = (entries: readonly SentEntry[]) =>
    sender.inShop(async (shop) => {
      reached = 0;
      for (const entry of entries) {
        await writeOne(shop, sender, entry);
        reached++;
      }
    });
  try {
    await write(run);
    return run.map(() => KEPT);
  } catch (thrown) {
    if (reached === run.length) throw thrown;
    const before = run.slice(0, reached);
    const after = run.slice(reached + 1);
    const refused = refusal(thrown, sender);
    if (before.length > 0) await write(before);
    const answers = [...before.map(() => KEPT), refused];
    return isPassing(refused) || after.length === 0 ? answers : [...answers, ...(await writeRun(sender, after))];
  }
}

/** What becomes of each entry, in their order; ends with the first on which the server fails. */
export async function sendTogether(sender: Sender, entries: readonly SentEntry[]): Promise<readonly EntryAnswer[]> {
  const answers: EntryAnswer[] = [];
  for (const run of runsOf(entries)) {
    const ofRun = await writeRun(sender, run);
    ofRun.forEach((answer, i) => tellOf(sender, run[i], answer));
    answers.push(...ofRun);
    if (ofRun.some(isPassing)) break;
  }
  return answers;
}

function tellOf({ platform }: Sender, entry: SentEntry | undefined, { status }: EntryAnswer): void {
  if (entry?.route === 'putStageEntry' && status === KEPT.status) tellWatchers(platform, checkedBody(entry.route, entry.body));
}
