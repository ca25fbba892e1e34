import type { AuditedWhat, AuditLine } from '../../api';

const NOBODY = 'somebody';
const by = (line: AuditLine) => line.by ?? NOBODY;
const whom = (line: AuditLine) => line.whom ?? 'somebody who is not here';
const of = ({ joint, job }: AuditLine) => joint ?? (job === null ? 'a record' : `job ${job}`);
const tries = (times: number) => (times === 1 ? 'A wrong password' : `${times} wrong passwords`);
const gaveRole = (line: AuditLine) =>
  line.by === line.whom ? `${by(line)} came in as ${line.role ?? ''}` : `${by(line)} made ${whom(line)} ${line.role ?? ''}`;

const SENTENCES: Readonly<Record<AuditedWhat, (line: AuditLine) => string>> = {
  'signed-in': (line) => `${by(line)} signed in on ${line.device ?? 'a device'}`,
  'sign-in-refused': (line) => `${tries(line.times)} for ${whom(line)}, from ${line.address ?? 'an unknown address'}`,
  'sign-in-ended': (line) => `${by(line)} signed one of their devices out`,
  'password-changed': (line) => `${by(line)} changed their password`,
  'code-made': (line) => `${by(line)} made a code for ${whom(line)}`,
  'code-dropped': (line) => `${by(line)} took back the code of ${whom(line)}`,
  'code-used': (line) => `${by(line)} used a code`,
  role: gaveRole,
  left: (line) => `${by(line)} said that ${whom(line)} left the shop`,
  'came-back': (line) => `${by(line)} said that ${whom(line)} is back`,
  approvals: (line) => `${by(line)} entered the approvals of ${whom(line)}`,
  overruled: (line) => `${by(line)} overruled a gate of ${of(line)}`,
  exported: (line) => `${by(line)} took out ${of(line)} as a file`,
  erased: (line) => `${by(line)} erased words from ${of(line)}`,
  'device-key': (line) => `${by(line)} signs on a device of theirs from now on`,
  'device-vouched': (line) => `${by(line)} vouched for a device`,
  'device-ended': (line) => `${by(line)} ended a device’s key`,
  'key-changed': (line) => `${by(line)} gave the shop a new key: the former was ${line.whom ?? 'changed'}`,
  'server-now': (line) => `${by(line)} said that this restored copy is the server now`,
  imported: (line) => `${by(line)} took in ${line.whom ?? 'a record'} of another shop`,
  restored: () => 'The database was restored from a backup: what was done between the two is not here',
};

/** One line of the audit trail, as a sentence. */
export const auditText = (line: AuditLine): string => SENTENCES[line.what](line);
