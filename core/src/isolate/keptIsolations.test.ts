import { isolationLines } from '../golden/isolations';
import kept from '../golden/isolations.json';

// How a part is got at does not change unasked; what is meant to change is read line by line and taken up by `npm run golden`.
test('every part of every circuit is got at as it was', () => {
  expect(isolationLines()).toEqual(kept);
});
