import { planned, q, requestFor } from '../testing/plans';
import { coolingTimes } from './cooling';

test('a 7/8 in joint in still air: minutes until the nitrogen may stop, and longer by far until it is touched', () => {
  const cool = coolingTimes(planned(requestFor({})));
  // By hand, from a workshop: 2 to 6 min to 200 °C, 8 to 25 min to 50 °C.
  expect(cool?.under200S).toBeGreaterThan(120);
  expect(cool?.under200S).toBeLessThan(360);
  expect(cool?.under50S).toBeGreaterThan(480);
  expect(cool?.under50S).toBeLessThan(1500);
});

test('warm air takes longer; where the air is nearly as warm as may be touched nobody can say', () => {
  const in20 = coolingTimes(planned(requestFor({}, { ambient: q(20, 'C') })))?.under50S ?? 0;
  expect(coolingTimes(planned(requestFor({}, { ambient: q(35, 'C') })))?.under50S).toBeGreaterThan(1.2 * in20);
  expect(coolingTimes(planned(requestFor({}, { ambient: q(46, 'C') })))).toBeNull();
});
