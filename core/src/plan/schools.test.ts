import { differingSchool } from './schools';

test.each([
  ['nothing asked', {}, { houseRod: '15 % Ag' }, null],
  ['the same as usual', { houseRod: '15 % Ag' }, { houseRod: '15 % Ag' }, null],
  ['another answer', { houseRod: 'silver-free' }, { houseRod: '15 % Ag' }, 'houseRod'],
  ['an answer where there is none usually', { cooling: 'still air' }, {}, 'cooling'],
  ['the second question', { houseRod: '15 % Ag', finish: 'built-up cap' }, { houseRod: '15 % Ag' }, 'finish'],
] as const)('%s', (_what, asked, usual, differs) => expect(differingSchool(asked, usual)).toBe(differs));
