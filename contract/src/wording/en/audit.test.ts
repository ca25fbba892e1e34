import { AUDITED, type AuditedWhat, type AuditLine } from '../../api';
import { auditText } from './audit';

const LINE: AuditLine = {
  ...{ id: '1', at: '2026-11-25T10:00:00.000Z', what: 'signed-in', by: 'Maren', whom: 'Oskar', role: 'lead' },
  ...{ job: 32, joint: null, device: 'Android, phone', address: '203.0.113.7', times: 3 },
};

/** Each line by hand. */
const SENTENCES: Readonly<Record<AuditedWhat, string>> = {
  'signed-in': 'Maren signed in on Android, phone',
  'sign-in-refused': '3 wrong passwords for Oskar, from 203.0.113.7',
  'sign-in-ended': 'Maren signed one of their devices out',
  'password-changed': 'Maren changed their password',
  'code-made': 'Maren made a code for Oskar',
  'code-dropped': 'Maren took back the code of Oskar',
  'code-used': 'Maren used a code',
  role: 'Maren made Oskar lead',
  left: 'Maren said that Oskar left the shop',
  'came-back': 'Maren said that Oskar is back',
  approvals: 'Maren entered the approvals of Oskar',
  overruled: 'Maren overruled a gate of job 32',
  exported: 'Maren took out job 32 as a file',
  erased: 'Maren erased words from job 32',
  'server-now': 'Maren said that this restored copy is the server now',
  'key-changed': 'Maren gave the shop a new key: the former was Oskar',
  'device-key': 'Maren signs on a device of theirs from now on',
  'device-vouched': 'Maren vouched for a device',
  'device-ended': 'Maren ended a device’s key',
  imported: 'Maren took in Oskar of another shop',
  restored: 'The database was restored from a backup: what was done between the two is not here',
};

test.each(AUDITED)('%s is a sentence', (what) => {
  expect(auditText({ ...LINE, what })).toBe(SENTENCES[what]);
});

test('whoever is not known is somebody, one try is one, and a joint is told by its tag', () => {
  const bare: AuditLine = { ...LINE, by: null, whom: null, job: null, device: null, address: null, times: 1 };
  expect(auditText({ ...bare, what: 'sign-in-refused' })).toBe('A wrong password for somebody who is not here, from an unknown address');
  expect(auditText({ ...bare, what: 'exported', joint: 'CR2-03' })).toBe('somebody took out CR2-03 as a file');
  expect(auditText({ ...LINE, what: 'role', whom: 'Maren' })).toBe('Maren came in as lead');
});
