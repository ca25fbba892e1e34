import { APPROVAL_SCOPES, ROLES } from '../../vocabulary/people';
import { designation, id, list, note, object, optional, word } from '../fields';
import { shop } from '../row';

/** People, roles, approvals. */
export const SHOP_KINDS = {
  /** `invitedBy`: of somebody who came in by a code, whoever made it. */
  role: shop({ person: id, role: word(ROLES), invitedBy: optional(id) }),
  left: shop({ person: id }),
  'came-back': shop({ person: id }),
  approvals: shop({
    person: id,
    approvals: list(object({ scope: word(APPROVAL_SCOPES), number: note(40), validUntil: designation(10) }), 0, 20),
  }),
} as const;
