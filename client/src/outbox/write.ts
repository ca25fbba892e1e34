import type { Me } from '@kesto/contract/api';
import { v7 as uuid } from 'uuid';
import { signedIn, signedInPerson } from '@/api/sessionApi';
import { openSigning } from './openSigning';
import type { KeepingThunk } from './thunks';
import type { Command, Refusal, Write, WriteRoute } from './command';

/** So long a screen waits to be told of a refusal while what was typed is still before the person; then it goes on. */
const PATIENCE_MS = 1500;

const NOBODY: Refusal = { message: 'Sign in first: what is kept here needs a name.', field: null };

/** Signed where this device can; what cannot be signed is written all the same. */
const signedOf = <Name extends WriteRoute>(asked: Write<Name>, me: Pick<Me, 'shop' | 'person'>): Promise<Write<Name>> =>
  openSigning()
    .then(({ signWrite }) => signWrite(asked, me))
    .catch(() => asked);

/** Keeps a write on the device and sends it. Null once it is safe here; what is wrong where the server refused it at once. */
export const write =
  <Name extends WriteRoute>({ file, ...asked }: Write<Name>): KeepingThunk<Promise<Refusal | null>> =>
  async (_dispatch, getState, { outbox }) => {
    const me = signedIn(getState());
    if (!me) return NOBODY;
    const who = { by: me.person.id, byName: me.person.name };
    const command: Command = {
      ...(await signedOf(asked, me)),
      ...who,
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
