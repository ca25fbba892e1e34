import { MAKERS } from '@kesto/contract';
import { useMe } from './useMe';

/** Whether who is signed in may plan, braze and count here, and not only read; not before it is known who that is. */
export function useMayMake(): boolean {
  const me = useMe();
  return me !== undefined && MAKERS.includes(me.person.role);
}
