import { lookReducer, sessionBegan, sessionEnded, themeChosen, writeBegan, writeEnded } from './look';

const start = lookReducer(undefined, { type: 'start' });

test('follows the device until somebody chooses', () => {
  expect(start.theme).toBe('device');
  expect(lookReducer(start, themeChosen('night')).theme).toBe('night');
});

test('counts what is still on its way, never below nothing', () => {
  const two = [writeBegan(), writeBegan(), writeEnded()].reduce(lookReducer, start);
  expect(two.waiting).toBe(1);
  expect([writeEnded(), writeEnded()].reduce(lookReducer, two).waiting).toBe(0);
});

test('a session that ends asks for a sign-in and forgets nothing else', () => {
  const chosen = lookReducer(start, themeChosen('day'));
  const ended = lookReducer(chosen, sessionEnded());
  expect(ended).toEqual({ ...chosen, signedOut: true });
  expect(lookReducer(ended, sessionBegan())).toEqual(chosen);
});
