import { APPROVAL_SCOPES, ROLES } from '../../vocabulary/people';
import { DEVICE_ENDS, SIGNATURE_ALGS } from '../../vocabulary/signing';
import { designation, id, list, note, object, optional, word } from '../fields';
import { shop } from '../row';

/** People, roles, approvals, keys of their devices. */
export const SHOP_KINDS = {
  /** `invitedBy`: of somebody who came in by a code, whoever made it. */
  role: shop({ person: id, role: word(ROLES), invitedBy: optional(id) }),
  left: shop({ person: id }),
  'came-back': shop({ person: id }),
  approvals: shop({
    person: id,
    approvals: list(object({ scope: word(APPROVAL_SCOPES), number: note(40), validUntil: designation(10) }), 0, 20),
  }),
  /** A key that a person's device made and keeps: what it signs from now on is that device's. `key`: its public half in hex. */
  'device-key': { ...shop({ device: id, alg: word(SIGNATURE_ALGS), key: designation(130) }), by: 'anybody' },
  /** Whoever knows says that a device is that person's: from another device of theirs, or as a lead. */
  'device-vouched': { ...shop({ device: id }), by: 'anybody' },
  /** What is signed by it from here on does not count. */
  'device-ended': { ...shop({ device: id, why: word(DEVICE_ENDS) }), by: 'anybody' },
} as const;
