import { approvalFor } from './approvalFor';

const AT = '2026-11-24T10:00:00.000Z';
const approvals = [
  { scope: 'phosphorus', number: 'P-1', validUntil: '2027-03-31' },
  { scope: 'silver', number: '', validUntil: '2026-11-24' },
  { scope: 'aluminium', number: '', validUntil: '2026-11-23' },
] as const;

test.each([
  ['BCuP-5', { scope: 'phosphorus', validUntil: '2027-03-31' }],
  ['BAg-36', { scope: 'silver', validUntil: '2026-11-24' }],
  ['no filler of any table', null],
])('%s', (filler, approval) => expect(approvalFor(approvals, filler, AT)).toEqual(approval));

test('one that ended the day before counts no more; the longest of two counts', () => {
  expect(approvalFor(approvals, 'BAg-36', '2026-11-25T00:00:00.000Z')).toBeNull();
  expect(approvalFor([...approvals, { scope: 'silver', validUntil: '2028-01-01' }], 'BAg-36', AT)?.validUntil).toBe('2028-01-01');
});
