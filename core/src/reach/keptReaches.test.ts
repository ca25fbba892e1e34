import { reachLines } from '../golden/reaches';
import kept from '../golden/reaches.json';

// How far heat goes does not change unasked; what is meant to change is taken up by `npm run golden`.
test('heat goes as far as it did', () => {
  expect(reachLines()).toEqual(kept);
});
