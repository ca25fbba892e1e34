import { differingSchool } from './schools';

test.each([
  ['nothing asked', {}, { houseRod: 'silver-15' }, null],
  ['the same as usual', { houseRod: 'silver-15' }, { houseRod: 'silver-15' }, null],
  ['another answer', { houseRod: 'silver-free' }, { houseRod: 'silver-15' }, 'houseRod'],
  ['an answer where there is none usually', { cooling: 'still-air' }, {}, 'cooling'],
  ['the second question', { houseRod: 'silver-15', finish: 'cap' }, { houseRod: 'silver-15' }, 'finish'],
] as const)('%s', (_what, asked, usual, differs) => expect(differingSchool(asked, usual)).toBe(differs));
