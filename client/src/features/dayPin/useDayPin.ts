import { pinStatement, type PinOverruled } from '@kesto/contract';
import { isAway, errorField, errorText } from '@/api/api';
import { useMe } from '@/session/useMe';
import { thing, useWrite, type Write } from '@/outbox';
import { endOfDay } from 'date-fns/endOfDay';
import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { useSetDayPinMutation } from '@/data/dayPins/api';
import { dropPin, keepPin, PIN_TRIES, pinOfToday, type KeptPin } from './keptPin';
import { makePinKey, signByPin } from './pinKey';
import { WORDS } from './words';

/** What a lead typed to set a PIN. */
interface NewPin {
  readonly login: string;
  readonly password: string;
  readonly pin: string;
}

export interface Refused {
  readonly field: 'login' | 'password' | 'pin';
  readonly says: string;
}

const FIELDS: readonly Refused['field'][] = ['login', 'password'];

/** The PIN of the day on this phone: which there is, and how one is set and taken away. */
export function useDayPin() {
  const me = useMe()?.person.id;
  const [pin, setPin] = useState<KeptPin | null>(() => pinOfToday(me, new Date()));
  const [send, { isLoading }] = useSetDayPinMutation();

  async function set({ login, password, pin: figures }: NewPin): Promise<Refused | null> {
    const { checks, wrapped } = await makePinKey(figures);
    const until = endOfDay(new Date()).toISOString();
    const answer = await send({ pin: uuid(), body: { signIn: { login, password }, key: checks, until } });
    if (answer.error) {
      const field = FIELDS.find((one) => one === errorField(answer.error)) ?? 'password';
      return { field, says: isAway(answer.error) ? WORDS.needsSignal : errorText(answer.error) };
    }
    const made: KeptPin = { ...answer.data, person: me ?? '', wrapped, tries: PIN_TRIES };
    keepPin(made);
    setPin(made);
    return null;
  }
  function drop() {
    dropPin();
    setPin(null);
  }
  /** Whether something is wrong with the figures: one try less, and none after the last. */
  function wasWrong(of: KeptPin): string {
    const left = of.tries - 1;
    if (left > 0) keepPin({ ...of, tries: left });
    else dropPin();
    setPin(left > 0 ? { ...of, tries: left } : null);
    return left > 0 ? WORDS.wrong(left) : WORDS.gone;
  }
  return { pin, set, drop, wasWrong, isSetting: isLoading };
}
export type DayPinWork = ReturnType<typeof useDayPin>;

const overrulingWrite = (
  { jobId, circuitId, entry }: { readonly jobId: string; readonly circuitId: string; readonly entry: string },
  body: Write<'putPinOverruling'>['body'],
): Write<'putPinOverruling'> => ({
  route: 'putPinOverruling',
  params: { job: jobId, entry },
  body,
  about: [thing.job(jobId)],
  needs: [thing.job(jobId), thing.circuit(circuitId)],
  makes: null,
  changes: [{ type: 'Job', id: jobId }, 'Today'],
});

/** Overrules a gate of one job by the PIN: kept on the device like any entry. True once it is safe there and was not refused at once. */
export function useOverruleByPin(job: { readonly id: string; readonly circuitId: string }, { pin, wasWrong }: DayPinWork) {
  const { keep, busy, problem } = useWrite();
  const [wrong, setWrong] = useState<string | null>(null);
  const [isSigning, setSigning] = useState(false);
  async function overrule(figures: string, said: Omit<PinOverruled, 'deviceTime'>): Promise<boolean> {
    if (!pin) return false;
    const entry = uuid();
    const overruled = { ...said, deviceTime: new Date().toISOString() };
    setSigning(true);
    const signature = await signByPin(pin.wrapped, figures, pinStatement({ pin: pin.id, job: job.id, entry }, overruled));
    setSigning(false);
    setWrong(signature ? null : wasWrong(pin));
    if (!signature) return false;
    const { lead } = pin;
    return keep(overrulingWrite({ jobId: job.id, circuitId: job.circuitId, entry }, { ...overruled, pin: pin.id, lead, signature }));
  }
  return { overrule, isBusy: busy || isSigning, wrong, problem: problem?.message ?? null };
}
