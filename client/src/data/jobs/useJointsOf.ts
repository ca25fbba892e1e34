import type { JointView } from '@kesto/contract';
import { useEffect, useMemo } from 'react';
import { useDispatch, useSelector } from 'react-redux';
import type { AppDispatch, RootState } from '@/store/store';
import { useMe } from '@/session/useMe';
import { useUnrefused } from '@/outbox';
import { jointEndpoint } from '@/data/joints/api';
import { jointWith } from '@/data/joints/pendingJoint';

/** Several joints as they stand with what is kept here, in the order asked for; those that are not fetched yet are left out. */
export function useJointsOf(ids: readonly string[]): readonly JointView[] {
  const dispatch = useDispatch<AppDispatch>();
  const kept = useUnrefused();
  const by = useMe()?.person.name ?? '';
  const all = ids.join();
  useEffect(() => {
    const asked = all
      .split(',')
      .filter(Boolean)
      .map((id) => dispatch(jointEndpoint.initiate(id)));
    return () => asked.forEach((one) => one.unsubscribe());
  }, [dispatch, all]);
  const queries = useSelector((state: RootState) => state.api.queries);
  return useMemo(() => {
    const joints = all.split(',').flatMap((id) => (queries[`joint("${id}")`]?.data as JointView | undefined) ?? []); // cast: the query of that name
    return joints.map((joint) => jointWith(joint, kept, by));
  }, [queries, all, kept, by]);
}
