import { canonicalText } from '../record/chain';
import { isSignedBy } from './signature';

/** How a shop's tree stood. */
export interface TreeHead {
  /** The shop, by its id and by its name then. */
  readonly origin: string;
  readonly name: string;
  /** From 1; each restored backup begins another. */
  readonly epoch: number;
  readonly size: number;
  readonly root: string;
  readonly time: string;
}

export interface SignedTreeHead extends TreeHead {
  /** The shop's key (Ed25519), in hex. */
  readonly key: string;
  readonly signature: string;
}

/** To the letter what a shop signs. */
export const treeHeadText = ({ origin, name, epoch, size, root, time }: TreeHead): string =>
  canonicalText({ origin, name, epoch, size, root, time });

export const isSignedHead = (head: SignedTreeHead): boolean =>
  isSignedBy({ alg: 'Ed25519', key: head.key }, treeHeadText(head), head.signature);
