import type { Body, Params, RouteName } from '@kesto/contract/api';
import type { Tag } from '@/api/api';

/** A code is good only once the server knows it, and a password is kept on no device: those two wait for the answer. */
export type WriteRoute = Exclude<Extract<RouteName, `put${string}`>, 'putInvite' | 'putPassword'>;

/** What a screen asks to be written. */
export interface Write<Name extends WriteRoute = WriteRoute> {
  readonly route: Name;
  readonly params: Params<Name>;
  readonly body: Body<Name>;
  /** What it writes to, then what has to be there before it: writes that name the same thing are sent in their order. */
  readonly things: readonly string[];
  /** What was fetched and is old once this is stored. */
  readonly changes: readonly Tag[];
  /** Bytes that go in place of the body. */
  readonly file?: Blob;
}

export interface Refusal {
  readonly message: string;
  readonly field: string | null;
}

/** One write as the device keeps it until the server has it. */
export interface Command extends Omit<Write, 'params' | 'body' | 'file'> {
  readonly id: string;
  /** Whose it is: it waits for that person's session, whoever signs in between. */
  readonly by: string;
  /** The device's clock when it was kept. */
  readonly at: string;
  readonly params: Readonly<Record<string, string>>;
  readonly body: unknown;
  readonly refused: Refusal | null;
  /** The last try came to nothing: nobody answered, or what the server said. Null until a try has failed. */
  readonly stalled: { readonly message: string | null } | null;
}

/** What became of one try. */
export type Outcome =
  | { readonly kind: 'taken' }
  | ({ readonly kind: 'refused' } & Refusal)
  | { readonly kind: 'later'; readonly message: string | null }
  | { readonly kind: 'signed-out' };

/** Names of the things writes are about. */
export const thing = {
  unit: (id: string) => `unit.${id}`,
  site: (id: string) => `site.${id}`,
  circuit: (id: string) => `circuit.${id}`,
  job: (id: string) => `job.${id}`,
  joint: (id: string) => `joint.${id}`,
  photo: (sha256: string) => `photo.${sha256}`,
  van: 'van',
  schools: 'schools',
  person: (id: string) => `person.${id}`,
  me: 'me',
} as const;
