import type { Approval, PersonView } from '@kesto/contract';
import { useState } from 'react';
import { errorText } from '@/api/api';
import { useWrite } from '@/outbox';
import { useSetLeftMutation, useSetRoleMutation } from '@/data/people/api';
import { personWrite } from '@/data/people/writes';

type Scope = Approval['scope'];

function approvalsWith(approvals: readonly Approval[], scope: Scope, part: Partial<Approval> | null): readonly Approval[] {
  if (part === null) return approvals.filter((a) => a.scope !== scope);
  if (approvals.some((a) => a.scope === scope)) return approvals.map((a) => (a.scope === scope ? { ...a, ...part } : a));
  return [...approvals, { scope, number: '', validUntil: '', ...part }];
}

/** Name and approvals are kept here and may wait; role and leaving are asked of the server while somebody waits. */
export function usePersonEditor(shown: PersonView, onDone: () => void) {
  const write = useWrite();
  // As it was opened: what others change meanwhile is held against that.
  const [before] = useState(shown);
  const [name, setName] = useState(before.name);
  const [role, setRole] = useState(before.role);
  const [approvals, setApprovals] = useState(before.approvals);
  const [leaving, setLeaving] = useState(false);
  const [putRole, roleAsked] = useSetRoleMutation();
  const [putLeft, leftAsked] = useSetLeftMutation();
  const put = async (part: { confirmed?: boolean } = {}) => {
    if (await write.keep(personWrite(before, { name: name.trim(), approvals, ...part }))) onDone();
  };
  const asked = async (answer: Promise<{ error?: unknown }>) => {
    if (!(await answer).error) onDone();
  };
  const refused = write.problem && (write.problem.field ? `${write.problem.field}: ${write.problem.message}` : write.problem.message);
  const failed = roleAsked.error ?? leftAsked.error;
  return {
    ...{ name, setName, role, setRole, approvals, leaving },
    busy: write.busy || roleAsked.isLoading || leftAsked.isLoading,
    problem: refused ?? (failed ? errorText(failed) : null),
    change: (scope: Scope, part: Partial<Approval> | null) => setApprovals(approvalsWith(approvals, scope, part)),
    keep: () => void put(),
    confirm: () => void put({ confirmed: true }),
    giveRole: () => void asked(putRole({ id: before.id, body: { role } })),
    /** Leaving is asked twice. */
    say: (left: boolean) => (left && !leaving ? setLeaving(true) : void asked(putLeft({ id: before.id, body: { left } }))),
  };
}
