import { v7 as uuid } from 'uuid';
import { signedIn, signedInPerson } from '@/api/sessionApi';
import type { KeepingThunk } from './thunks';
import { isEntryRoute, type Command, type Refusal, type Write, type WriteRoute } from './command';

/** So long a screen waits to be told of a refusal while what was typed is still before the person; then it goes on. */
const PATIENCE_MS = 1500;

const NOBODY: Refusal = { message: 'Sign in first: what is kept here needs a name.', field: null };

/** Keeps a write on the device and sends it. Null once it is safe here; what is wrong where the server refused it at once. */
export const write =
  <Name extends WriteRoute>({ file, ...asked }: Write<Name>): KeepingThunk<Promise<Refusal | null>> =>
  async (_dispatch, getState, { outbox }) => {
    const me = signedIn(getState());
    if (!me) return NOBODY;
    const command: Command = {
      ...asked,
      ...{ by: me.person.id, byName: me.person.name },
      ...(isEntryRoute(asked.route) ? { toSign: true } : {}),
      id: uuid(),
      at: new Date().toISOString(),
      state: { status: 'waiting' },
    };
    const outcome = outbox.outcomeOf(command.id);
    await outbox.issue(command, file);
    const told = await Promise.race([outcome, new Promise<null>((resolve) => setTimeout(resolve, PATIENCE_MS, null))]);
    if (told?.kind !== 'refused') return null;
    await outbox.letGo(command.id);
    return { message: told.message, field: told.field };
  };

/** Begins to send what is kept here: when the page opens, somebody signs in, or there is a signal again. */
export const sendKept =
  (): KeepingThunk<Promise<void>> =>
  async (_dispatch, _getState, { outbox }) => {
    await outbox.show();
    outbox.kick();
  };

export const sendAgain =
  (id: string): KeepingThunk<Promise<void>> =>
  (_dispatch, _getState, { outbox }) =>
    outbox.tryAgain(id);

/** Says of each line that two people changed whether what stands is kept. */
export const decide =
  (id: string, takesTheirs: readonly boolean[]): KeepingThunk<Promise<void>> =>
  (_dispatch, _getState, { outbox }) =>
    outbox.decide(id, takesTheirs);

/** What somebody who has left the shop had kept goes into the record by whoever is signed in, a lead. */
export const takeOnBehalf =
  (whose: string): KeepingThunk<Promise<void>> =>
  async (_dispatch, getState, { outbox }) => {
    const me = signedInPerson(getState());
    if (me) await outbox.takeOnBehalf(whose, me);
  };

export const takeBack =
  (id: string): KeepingThunk<Promise<void>> =>
  (_dispatch, _getState, { outbox }) =>
    outbox.letGo(id);
