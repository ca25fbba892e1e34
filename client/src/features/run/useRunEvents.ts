import type { JointView, PutEntryRequest } from '@kesto/contract';
import { readChain, readEntry, type RunEvent } from '@kesto/core';
import { useMemo } from 'react';
import { bodyOf, goes, useUnrefused } from '@/outbox';
import { useMe } from '@/session/useMe';

/** What was kept of a joint, with what only this device has: a page that opens anew goes on from it. */
export function useRunEvents(joint: JointView): readonly RunEvent[] {
  const kept = useUnrefused();
  const me = useMe()?.person.name ?? '';
  return useMemo(() => {
    const known = new Set(joint.entries.map((link) => readEntry(link).id));
    const there = readChain(joint.entries).map(({ kind, deviceTime, person, values }) => ({
      kind,
      at: deviceTime,
      by: person.name,
      values,
    }));
    const here = kept
      .filter((command) => goes('putEntry')(command) && command.params['joint'] === joint.id && !known.has(command.params['entry'] ?? ''))
      .map((command) => {
        const { kind, deviceTime, values } = bodyOf<PutEntryRequest>(command);
        return { kind, at: deviceTime, by: me, values };
      });
    return [...there, ...here];
  }, [joint, kept, me]);
}
