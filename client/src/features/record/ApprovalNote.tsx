import { noApprovalText } from '@kesto/contract/wording/people';
import { approvalFor, scopeOf } from '@kesto/core';
import { useMe } from '@/session/useMe';
import { Words } from '@/ui/Words';

/** Said before the flame where no approval of whoever holds the torch covers the filler today. */
export function ApprovalNote({ filler }: { filler: string }) {
  const me = useMe();
  const scope = scopeOf(filler);
  if (!me || !scope || approvalFor(me.approvals, filler, new Date().toISOString())) return null;
  return (
    <Words size={15} tone="amber" role="note">
      {noApprovalText(filler, scope)}
    </Words>
  );
}
