import type { Command } from '@/outbox/command';

/** A van counted and kept, as an example for tests. */
export const VAN_COMMAND: Command = {
  id: 'c',
  by: 'ilta',
  byName: 'Ilta Varro',
  at: '2026-11-26T09:00:00.000Z',
  route: 'putVan',
  params: {},
  body: { fillers: [] },
  about: ['van'],
  needs: [],
  makes: null,
  changes: ['Van'],
  state: { status: 'waiting' },
};
