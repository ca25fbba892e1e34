import { canonicalText } from '../record/chain';
import type { Label } from './label';
import { isSignedBy } from './signature';

/** To the letter what a shop signs of a label. */
export const labelText = ({ tag, sequence, head, key }: Omit<Label, 'signature'>): string => canonicalText({ tag, sequence, head, key });

/** Whether a label was signed by a shop's key: false where it carries no signature, or names another key. */
export const isLabelSignedBy = (label: Label, key: string): boolean =>
  label.signature !== null && key.startsWith(label.key) && isSignedBy({ alg: 'Ed25519', key }, labelText(label), label.signature);
