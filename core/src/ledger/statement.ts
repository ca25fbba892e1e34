import type { KeptStage } from '../vocabulary/stage';
import { closeWords } from './closeWords';
import type { ChainId, Head, Statement } from './entry';
import type { Fields } from './fields';
import { KINDS, shapeOf, type KindId } from './kinds';
import { commit, type Beside, type Salt } from './openWords';

/** What somebody says, before their words give way to commitments. */
export interface ToSay {
  readonly shop: string;
  readonly chain: ChainId;
  readonly id: string;
  readonly kind: KindId;
  readonly stage?: KeptStage | undefined;
  /** That fit the kind's fields. */
  readonly told: Readonly<Record<string, unknown>>;
  /** Of a correction: the fields of what it corrects. */
  readonly anew?: Fields | undefined;
  readonly corrects?: { readonly entry: string; readonly why: string } | undefined;
  /** By the hashes of what the device sent. */
  readonly photos: readonly string[];
  readonly person: string | null;
  readonly onBehalfOf: string | null;
  readonly deviceTime: string | null;
  readonly seen?: readonly Head[] | undefined;
}

/** What was told, closed: of a correction, by the fields of what it corrects. */
function closedOf({ kind, told, anew }: ToSay, salt: Salt) {
  if (!anew) return closeWords(KINDS[kind].told, told, salt);
  const closed = closeWords(anew, told, salt);
  return { told: { values: closed.told }, beside: closed.beside };
}

/**
 * A statement to the letter that is hashed and signed, and the words it commits to. A device and the server make the same one of the same
 * words and the same salts: salts are taken in the order of what was told, then of the reason.
 *
 * @param salt  where fresh salts come from
 */
export function makeStatement(what: ToSay, salt: Salt): { readonly said: Statement; readonly beside: Beside } {
  const { shop, chain, id, kind, stage, corrects, photos, person, onBehalfOf, deviceTime, seen } = what;
  const words = closedOf(what, salt);
  const why = corrects ? commit(corrects.why, salt) : null;
  return {
    said: {
      ...{ shop, chain, id, kind, shape: shapeOf(kind), stage: stage ?? null, told: words.told, photos },
      corrects: corrects && why ? { entry: corrects.entry, why: why.commitment } : null,
      ...{ person, onBehalfOf, deviceTime, seen: seen ?? null, drawing: null, simulated: false },
    },
    beside: { ...words.beside, ...why?.beside },
  };
}
