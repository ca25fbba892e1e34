import { ENTRY_ROUTE_NAMES, type Body, type EntryRouteName, type Params, type RouteName } from '@kesto/contract/api';
import type { KindId } from '@kesto/core';
import type { Tag } from '@/api/api';
import type { Line } from './merge';

/** A code is good only once the server knows it, and a password is kept on no device: those two wait for the answer. */
export type WriteRoute = Exclude<Extract<RouteName, `put${string}`>, 'putInvite' | 'putPassword'>;

export const isEntryRoute = (route: WriteRoute): route is EntryRouteName => (ENTRY_ROUTE_NAMES as readonly WriteRoute[]).includes(route);

/** What a change of something whole was made from: its hash goes along, so that an older one overwrites no newer one in silence. */
export interface MadeFrom {
  readonly hash: string;
  /** As it was shown, in the form of the body. */
  readonly body: unknown;
}

/** What a screen asks to be written. */
export interface Write<Name extends WriteRoute = WriteRoute> {
  readonly route: Name;
  readonly params: Params<Name>;
  readonly body: Body<Name>;
  /** Writes of one person that name the same thing are sent in their order. */
  readonly about: readonly string[];
  /** What has to be there before it, whoever makes it. */
  readonly needs: readonly string[];
  /** What is there once it is stored. */
  readonly makes: string | null;
  /** What was fetched and is old once this is stored. */
  readonly changes: readonly Tag[];
  readonly madeFrom?: MadeFrom;
  /** Of a correction: the kind of what it corrects. */
  readonly anewOf?: KindId;
  /** Bytes that go in place of the body. */
  readonly file?: Blob;
}

export interface Refusal {
  readonly message: string;
  readonly field: string | null;
}

/** How a command stands that the server does not have. */
export type CommandState =
  | { readonly status: 'waiting' }
  /** The last try came to nothing: nobody answered, or what the server said. It is tried again by itself. */
  | { readonly status: 'later'; readonly message: string | null }
  /** Somebody else is signed in on this device: it waits for its writer. */
  | { readonly status: 'other-person'; readonly message: string }
  | ({ readonly status: 'refused' } & Refusal)
  /** Somebody changed the same line since: whoever wrote it says which stands. */
  | { readonly status: 'changed'; readonly lines: readonly Line[] }
  /** This version cannot send it; kept as it is. */
  | { readonly status: 'set-aside' };

/** One write as the device keeps it until the server has it. */
export interface Command extends Omit<Write, 'params' | 'body' | 'file'> {
  readonly id: string;
  /** Whose it is: it waits for that person's session, whoever signs in between. */
  readonly by: string;
  /** That person's name, for whoever finds it here. */
  readonly byName: string;
  /** Whose it was, who has left the shop: a lead brings it. */
  readonly onBehalfOf?: { readonly id: string; readonly name: string };
  /** The device's clock when it was kept. */
  readonly at: string;
  readonly params: Readonly<Record<string, string>>;
  readonly body: unknown;
  /** Kept, and not yet signed: it is before it leaves the device. */
  readonly toSign?: true;
  readonly state: CommandState;
}

/** What becomes of one try. */
export type Outcome =
  | { readonly kind: 'taken' }
  | ({ readonly kind: 'refused' } & Refusal)
  | { readonly kind: 'later'; readonly message: string | null }
  | { readonly kind: 'changed'; readonly stands: unknown; readonly hash: string }
  | { readonly kind: 'other-person'; readonly message: string; readonly signedIn: { readonly id: string; readonly name: string } | null }
  | { readonly kind: 'set-aside' }
  | { readonly kind: 'signed-out' };

/** It goes no further by itself. */
export const isHeld = ({ state }: Command): boolean => ['refused', 'changed', 'set-aside'].includes(state.status);

/** Whether a write has to do with a thing. */
export const touches = (command: Command, thing: string): boolean => command.about.includes(thing) || command.needs.includes(thing);

/** Names of the things writes are about. */
export const thing = {
  unit: (id: string) => `unit.${id}`,
  site: (id: string) => `site.${id}`,
  circuit: (id: string) => `circuit.${id}`,
  job: (id: string) => `job.${id}`,
  joint: (id: string) => `joint.${id}`,
  /** Of a joint: what its record begins with. */
  plan: (jointId: string) => `plan.${jointId}`,
  photo: (sha256: string) => `photo.${sha256}`,
  van: 'van',
  schools: 'schools',
  person: (id: string) => `person.${id}`,
  me: 'me',
} as const;
