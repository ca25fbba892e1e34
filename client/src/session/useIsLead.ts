import { LEADS } from '@kesto/contract/api';
import { useMe } from './useMe';

/** Whether whoever is signed in may overrule what protects people. */
export function useIsLead(): boolean {
  const me = useMe();
  return me !== undefined && LEADS.includes(me.person.role);
}
