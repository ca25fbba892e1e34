import { sectionLines } from '../golden/sections';
import kept from '../golden/sections.json';

// The drawing of a joint is to scale and stays as it is; what is meant to change is looked at and taken up by `npm run golden`.
test('every joint is drawn in section as it was', () => {
  expect(sectionLines()).toEqual(kept);
});
