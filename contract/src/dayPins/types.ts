import type { KeptStage, Told } from '@kesto/core';
import type { PersonName, SignInRequest } from '../session/types';

/** As many as a gloved hand types, as few as a lead remembers for a day. */
export const PIN_FIGURES = 6;
/** No PIN is good for longer, whatever midnight the phone names. */
export const DAY_PIN_HOURS = 24;

/** A lead sets a PIN on somebody's phone: its key stays on the phone, wrapped by the PIN; the server knows the half that checks. */
export interface PutDayPinRequest {
  readonly signIn: SignInRequest;
  /** The public half, as SPKI in base64: P-256. */
  readonly key: string;
  /** Midnight where the phone is. */
  readonly until: string;
}

/** Who set a PIN. */
export type PinLead = Pick<PersonName, 'id' | 'name'>;

export interface DayPin {
  readonly id: string;
  readonly lead: PinLead;
  readonly until: string;
}

/** What the key signs, beside which job and entry it is for. */
export interface PinOverruled {
  readonly stage: KeptStage;
  readonly deviceTime: string;
  readonly values: Omit<Told<'overruled'>, 'phoneOf' | 'byPin'>;
}

export interface PutPinOverrulingRequest extends PinOverruled {
  readonly pin: string;
  /** Whose PIN it is, as this phone shows it until the server says so. */
  readonly lead: PinLead;
  /** ECDSA over SHA-256 of `pinStatement`, r and s one behind the other, in base64. */
  readonly signature: string;
}

export interface PutPinSeenRequest {
  readonly seen: true;
}

/** An overruling by PIN that its lead has not seen yet. */
export interface PinOverruling {
  readonly entry: string;
  readonly job: { readonly id: string; readonly number: number; readonly title: string };
  readonly at: string;
  readonly phoneOf: string;
  readonly values: Told<'overruled'>;
}
