/** What somebody may do in a shop: work, answer for others' work, read, or see to the shop. */
export const ROLES = ['technician', 'lead', 'inspector', 'admin'] as const;
export type Role = (typeof ROLES)[number];

/** What an approval covers. */
export const APPROVAL_SCOPES = ['phosphorus', 'silver', 'aluminium', 'press', 'flare'] as const;
export type ApprovalScope = (typeof APPROVAL_SCOPES)[number];
