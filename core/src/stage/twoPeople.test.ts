import { twoPeopleWhys } from './twoPeople';

const at = { refrigerant: 'R-410A', safetyClass: 'A1', belowGround: false, outsideM: 0.0222 } as const;

test.each([
  ['an ordinary joint', {}, []],
  ['a room below ground', { belowGround: true }, ['below-ground']],
  ['carbon dioxide, however it is written', { refrigerant: 'R744' }, ['carbon-dioxide']],
  ['ammonia', { refrigerant: 'R-717', safetyClass: 'B2L' }, ['ammonia']],
  ['propane', { refrigerant: 'R-290', safetyClass: 'A3' }, ['burns-easily']],
  ['54 mm is still one pair of hands', { outsideM: 0.054 }, []],
  ['2-5/8 in', { outsideM: 0.066675 }, ['large']],
] as const)('%s', (_what, rest, whys) => {
  expect(twoPeopleWhys({ ...at, ...rest })).toEqual(whys);
});
