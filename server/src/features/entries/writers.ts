import type { Body, EntryRouteName, Me, Params } from '@kesto/contract';
import type { AnyLink } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import type { Platform } from '../../platform/http/context';
import { idParam } from '../../platform/http/params';
import { addComment } from '../comments';
import { appendEntry } from '../joints';
import type { ShopWork } from '../shopWork';
import { appendStageEntry } from '../stages';

/** One entry as somebody sent it, its body checked. */
export interface Given<Name extends EntryRouteName> {
  readonly params: Params<Name>;
  readonly body: Body<Name>;
  readonly me: Me;
  readonly now: Date;
  /** How far the server's clock was ahead of the device's [s]; null where nobody said. */
  readonly offsetS: number | null;
}

/** Adds an entry to its record, inside one shop's walls. */
type Writer<Name extends EntryRouteName> = (shop: ShopWork, given: Given<Name>) => Promise<AnyLink>;

export const WRITERS: { readonly [Name in EntryRouteName]: Writer<Name> } = {
  putEntry: (shop, { params, me, ...given }) =>
    appendEntry(shop, {
      ...{ jointId: idParam(params, 'joint'), entryId: idParam(params, 'entry'), person: me.person, ...given },
      freezeId: uuid(),
    }),
  putStageEntry: (shop, { params, me, ...given }) =>
    appendStageEntry(shop, { jobId: idParam(params, 'job'), entryId: idParam(params, 'entry'), person: me.person, ...given }),
  putJointComment: (shop, { params, me, ...given }) =>
    addComment(shop, {
      ...{ chain: { of: 'joint', id: idParam(params, 'joint') }, entryId: idParam(params, 'entry'), person: me.person, ...given },
    }),
  putJobComment: (shop, { params, me, ...given }) =>
    addComment(shop, {
      ...{ chain: { of: 'job', id: idParam(params, 'job') }, entryId: idParam(params, 'entry'), person: me.person, ...given },
    }),
};

/** Tells who watches a hold or a pull, once what was noted of it is kept. */
export function tellWatchers(platform: Platform, { kind, stage, values, deviceTime: at }: Body<'putStageEntry'>): void {
  const of = stage === 'hold' ? values['hold'] : stage === 'pull' ? values['pull'] : undefined;
  if (typeof of === 'string') platform.live.tell(of, { kind, values, at });
}
