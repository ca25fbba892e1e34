import type { PersonName } from '../session/types';

/** For whoever watches the server: whether it and its database answer, whether the disk has room, what waits, when it was last backed up. */
export interface Health {
  readonly ok: boolean;
  readonly engineVersion: string;
  readonly database: 'ok' | 'away';
  readonly disk: 'ok' | 'low';
  /** Photos that wait to be decoded. */
  readonly photosWaiting: number;
  readonly lastBackup: string | null;
}

/** What a refusal says beside its sentence, by its code. */
export interface ErrorDetails {
  /** OTHER_PERSON: who is signed in on this device. */
  readonly signedIn?: PersonName;
  /** CHANGED: what stands now, in the form of the route's body, and the hash that the next change is made from. */
  readonly stands?: unknown;
  readonly hash?: string;
}

/** Every refusal of the API has this body. */
export interface ApiErrorBody {
  readonly error: {
    readonly code: string;
    readonly field?: string;
    readonly message: string;
    readonly requestId: string;
    readonly details?: ErrorDetails;
  };
}

/** Whose request it is, by the person's id: never another's who signed in meanwhile. */
export const PERSON_HEADER = 'kesto-person';
/** Of what a lead sends that somebody who has left the shop had kept: that person's id. */
export const BEHALF_HEADER = 'kesto-on-behalf-of';
/** The device's clock when a request was sent. */
export const CLOCK_HEADER = 'kesto-clock';
/** Hash of what a change was made from: an older one never overwrites a newer one in silence. */
export const MADE_FROM_HEADER = 'kesto-made-from';
