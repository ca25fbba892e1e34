import type { JointView } from '@kesto/contract';
import { APPROVAL_WORDS } from '@kesto/contract/wording/people';
import { inTurn, isColdKind, readChain, type HeldAtFlame, type JointEntry } from '@kesto/core';
import { format } from 'date-fns/format';
import { STATE_WORDS, WORDS } from './words';

const isMade = ({ kind }: JointEntry) => kind === 'brazed' || kind === 'reworked' || isColdKind(kind);
const day = (iso: string) => format(new Date(iso), 'd MMMM');

/** The same in few words. */
export function asMadeByText(joint: JointView): string {
  const made = inTurn(readChain(joint.entries)).findLast(isMade);
  return made ? WORDS.asMadeBy(made.person.name) : STATE_WORDS[joint.state];
}

/** Who made it last, when, and by which approval on that day; before it is made, how it stands. */
export function madeByText(joint: JointView): string {
  const made = inTurn(readChain(joint.entries)).findLast(isMade);
  if (!made) return STATE_WORDS[joint.state];
  const by = WORDS.madeBy(day(made.deviceTime), made.person.name);
  if (isColdKind(made.kind) || !('approval' in made.values)) return by;
  const { approval } = made.values as unknown as HeldAtFlame; // cast: worked out when it was taken
  return `${by}, ${approval ? WORDS.approved(APPROVAL_WORDS[approval.scope], day(approval.validUntil)) : WORDS.notApproved}`;
}
