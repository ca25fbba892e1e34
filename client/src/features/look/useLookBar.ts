import type { JointView } from '@kesto/contract/api';
import { brazersOf, lookBar, readChain, safetyClassOf, type LookBar, type LookResult } from '@kesto/core';
import { useSchools } from '@/data/shop/useSchools';
import { useIsLead } from '@/session/useIsLead';
import { useMe } from '@/session/useMe';

/** What bars whoever looks from saying a result, whatever was found. */
export function useLookBar({ entries, circuit, job }: JointView, backSeen: boolean): (result: LookResult) => LookBar | null {
  const me = useMe();
  const isLead = useIsLead();
  const schools = useSchools(job.schools);
  const contents = readChain(entries);
  const isMaker = me !== undefined && brazersOf(contents).includes(me.person.id);
  const reworked = contents.filter(({ kind }) => kind === 'reworked').length;
  const by = {
    isMaker,
    isLead,
    reworked,
    refrigerant: circuit.refrigerant,
    safetyClass: safetyClassOf(circuit),
    secondLook: schools?.here.secondLook,
  };
  return (result) => lookBar({ result, backSeen }, by);
}
