import { accountOf, loginsOf } from './loginsOf';

test('a name as people write it is tried as it stands, with dots, and by its first word', () => {
  expect(loginsOf(' Maren  Ito-Dahl ')).toEqual(['maren ito-dahl', 'maren.ito-dahl', 'maren']);
  expect(loginsOf('ILTA')).toEqual(['ilta']);
});

test('more words behind a name give no more tries', () => {
  expect(accountOf('Maren Ito-Dahl')).toBe('maren');
  expect(accountOf('maren x')).toBe('maren');
});
