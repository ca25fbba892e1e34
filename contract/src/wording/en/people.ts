import type { ApprovalScope, Role } from '../../api';

export const APPROVAL_WORDS: Readonly<Record<ApprovalScope, string>> = {
  phosphorus: 'copper-phosphorus filler',
  silver: 'silver filler with flux',
  aluminium: 'aluminium',
  press: 'press joints',
  flare: 'flares',
};

/** What a role may do, for whoever gives it. */
export const ROLE_WORDS: Readonly<Record<Role, string>> = {
  technician: 'plans, makes and records joints',
  lead: 'also accepts joints and chooses shop practice',
  inspector: 'reads everything, changes nothing',
  admin: 'also asks people in and keeps their approvals',
};

/** Before the flame: nobody is kept from it here, and the record says it. */
export const noApprovalText = (filler: string, scope: ApprovalScope): string =>
  `No approval of yours covers ${filler} (${APPROVAL_WORDS[scope]}) today. The record will say so; the shop’s rules and local codes decide whether you may.`;
