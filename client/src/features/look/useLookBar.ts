import type { JointView } from '@kesto/contract/api';
import { brazersOf, lookBar, readChain, safetyClassOf, type LookBar, type LookResult } from '@kesto/core';
import { useIsLead } from '@/session/useIsLead';
import { useMe } from '@/session/useMe';

/** What bars whoever looks from saying a result, whatever was found. */
export function useLookBar({ entries, circuit }: JointView, backSeen: boolean): (result: LookResult) => LookBar | null {
  const me = useMe();
  const isLead = useIsLead();
  const contents = readChain(entries);
  const isMaker = me !== undefined && brazersOf(contents).includes(me.person.id);
  const reworked = contents.filter(({ kind }) => kind === 'reworked').length;
  const by = { isMaker, isLead, reworked, refrigerant: circuit.refrigerant, safetyClass: safetyClassOf(circuit) };
  return (result) => lookBar({ result, backSeen }, by);
}
