import { ROLES, type Role } from '@kesto/contract';
import { ROLE_WORDS } from '@kesto/contract/wording/people';
import { Choice } from '@/ui/Buttons';
import { Words } from '@/ui/Words';
import { WORDS } from './words';

/** Which role, and what it may do. Only an admin makes an admin. */
export function RoleChoice({ value, by, onChange }: { value: Role; by: Role; onChange: (role: Role) => void }) {
  return (
    <>
      <Choice
        label={WORDS.role}
        value={value}
        onChange={onChange}
        options={ROLES.map((role) => ({ value: role, label: role, disabled: role === 'admin' && by !== 'admin' }))}
      />
      <Words size={14} tone="ink2">
        {ROLE_WORDS[value]}
      </Words>
    </>
  );
}
