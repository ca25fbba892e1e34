import type { KeptHere } from './station';

export const KEPT_LABELS: Readonly<Record<KeptHere['status'], string>> = {
  stored: 'in step',
  sending: 'on its way',
  here: 'not sent yet',
  refused: 'not taken',
};

/** What the title block says of what the server does not have yet. */
export function keptWords({ status, count }: KeptHere): string {
  if (status === 'stored') return 'all stored';
  return status === 'sending' ? `${count} being sent` : `${count} kept here`;
}
