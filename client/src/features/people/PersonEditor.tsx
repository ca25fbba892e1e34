import { APPROVAL_SCOPES, LEADS, type Approval, type PersonView, type Role } from '@kesto/contract';
import { APPROVAL_WORDS } from '@kesto/contract/wording/people';
import { useState } from 'react';
import { View } from 'react-native';
import { useWrite } from '@/outbox';
import { FrameKey } from '@/ui/Buttons';
import { Failed } from '@/ui/states';
import { TextField, UnitField } from '@/ui/UnitField';
import { Heading, Words } from '@/ui/Words';
import { personWrite } from './api';
import { RoleChoice } from './RoleChoice';

interface PersonEditorProps {
  readonly person: PersonView;
  /** Role of whoever changes it. */
  readonly by: Role;
  readonly onDone: () => void;
  readonly onReset: () => void;
}

/** What the shop says of a person: name, role, approvals; and that they left. */
export function PersonEditor({ person, by, onDone, onReset }: PersonEditorProps) {
  const { keep, busy, problem } = useWrite();
  const [name, setName] = useState(person.name);
  const [role, setRole] = useState(person.role);
  const [approvals, setApprovals] = useState(person.approvals);
  const [leaving, setLeaving] = useState(false);
  const put = async (part: { left?: boolean; confirmed?: boolean } = {}) => {
    const said = { name: name.trim(), role, approvals, left: person.left, ...part };
    if (await keep(personWrite(person.id, said))) onDone();
  };
  const change = (scope: Approval['scope'], part: Partial<Approval> | null) =>
    setApprovals(
      part === null
        ? approvals.filter((a) => a.scope !== scope)
        : approvals.some((a) => a.scope === scope)
          ? approvals.map((a) => (a.scope === scope ? { ...a, ...part } : a))
          : [...approvals, { scope, number: '', validUntil: '', ...part }],
    );
  return (
    <View style={{ gap: 12, paddingVertical: 8 }}>
      {problem ? <Failed message={problem.field ? `${problem.field}: ${problem.message}` : problem.message} /> : null}
      <TextField label="name" value={name} onChange={setName} />
      <RoleChoice value={role} by={by} onChange={setRole} />
      <Heading size={17}>Approvals</Heading>
      {APPROVAL_SCOPES.map((scope) => (
        <ApprovalFields
          key={scope}
          scope={scope}
          approval={approvals.find((a) => a.scope === scope)}
          onChange={(part) => change(scope, part)}
        />
      ))}
      <FrameKey label={busy ? 'Keeping' : 'Keep it so'} disabled={busy || name.trim() === ''} onPress={() => void put()} />
      {approvals.length > 0 && LEADS.includes(by) ? (
        <FrameKey label="Confirm: still does this work" disabled={busy} onPress={() => void put({ confirmed: true })} />
      ) : null}
      <FrameKey label="Lost the password: a code for a new one" onPress={onReset} />
      {person.left ? (
        <FrameKey label="Is back in the shop" disabled={busy} onPress={() => void put({ left: false })} />
      ) : (
        <FrameKey
          label={leaving ? 'Yes: sign out everywhere' : 'Has left the shop'}
          disabled={busy}
          onPress={() => (leaving ? void put({ left: true }) : setLeaving(true))}
        />
      )}
      <Words size={14} tone="ink2">
        Whoever left is signed out everywhere at once. What they recorded stays, under their name.
      </Words>
    </View>
  );
}

const DAY = /^\d{4}-\d\d-\d\d$/;

function ApprovalFields({
  scope,
  approval,
  onChange,
}: {
  scope: Approval['scope'];
  approval: Approval | undefined;
  onChange: (part: Partial<Approval> | null) => void;
}) {
  if (!approval)
    return (
      <View style={{ alignItems: 'flex-start' }}>
        <FrameKey label={`+ ${APPROVAL_WORDS[scope]}`} onPress={() => onChange({})} />
      </View>
    );
  const unread = approval.validUntil !== '' && !DAY.test(approval.validUntil);
  return (
    <View style={{ gap: 6 }}>
      <View style={{ flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center' }}>
        <Words bold size={15}>
          {APPROVAL_WORDS[scope]}
        </Words>
        <FrameKey label="take off" says={`take off ${APPROVAL_WORDS[scope]}`} onPress={() => onChange(null)} />
      </View>
      <View style={{ flexDirection: 'row', gap: 10 }}>
        <UnitField label="number" value={approval.number} onChange={(number) => onChange({ number })} testID={`number-${scope}`} />
        <UnitField
          label="last day"
          value={approval.validUntil}
          onChange={(validUntil) => onChange({ validUntil: validUntil.trim() })}
          error={unread ? 'write it like 2027-03-31' : null}
          hint="like 2027-03-31"
          testID={`until-${scope}`}
        />
      </View>
    </View>
  );
}
