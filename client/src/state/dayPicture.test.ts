/** @jest-environment jsdom */
import { DAY_KEY, endDayPicture, forgetDayPicture, shownPicture } from './dayPicture';
import { keepDay, keptDay, viewNow } from './keptDay';

const HOUR_MS = 3_600_000;
const pressed: string[] = [];

beforeEach(() => {
  jest.useFakeTimers();
  localStorage.clear();
  pressed.length = 0;
  window.matchMedia = ((query: string) => ({ matches: false, media: query })) as typeof window.matchMedia; // cast: nobody listens here
  document.body.innerHTML = '<div id="root"></div><div id="day"></div>';
});

const kept = (rest: object = {}) => keepDay({ view: viewNow(), at: Date.now() - HOUR_MS, markup: '<p>CR2</p>', styles: '', ...rest });

function aKey(says: string, names: string): void {
  const key = document.createElement('button');
  key.textContent = says;
  key.addEventListener('click', () => pressed.push(names));
  document.getElementById('root')!.append(key);
}

/** The page opened with a picture in which this was pressed; now its own screen stands. */
function endsWith(said: string): void {
  shownPicture()!.dataset['pressed'] = said;
  endDayPicture();
}

test('a day of an hour ago is what the next page opens with', () => {
  kept();
  expect(keptDay()?.markup).toBe('<p>CR2</p>');
});

test.each([
  ['drawn longer ago than a sign-in lasts without a signal', { at: Date.now() - 25 * HOUR_MS }],
  ['drawn later than it is now by this clock', { at: Date.now() + HOUR_MS }],
  ['drawn in another light or on another width', { view: 'night dark 390' }],
])('a day %s is not shown', (_, rest) => {
  kept(rest);
  expect(keptDay()).toBeNull();
});

test('what is no day is none, and one that is forgotten is gone', () => {
  localStorage.setItem(DAY_KEY, '{half');
  expect(keptDay()).toBeNull();
  kept();
  forgetDayPicture();
  expect(keptDay()).toBeNull();
});

test('a key pressed in the picture is pressed where the day stands, also where it comes a little later', () => {
  endsWith('A site');
  expect(shownPicture()).toBeNull();
  jest.advanceTimersByTime(1_000);
  aKey('The van', 'van');
  aKey('A site', 'site');
  jest.advanceTimersByTime(1_000);
  expect(pressed).toEqual(['site']);
});

test('of several keys that say the same none is pressed', () => {
  aKey('I have seen it', 'one');
  aKey('I have seen it', 'another');
  endsWith('I have seen it');
  jest.advanceTimersByTime(10_000);
  expect(pressed).toEqual([]);
});

test('once something else is pressed, or after five seconds, the key is waited for no longer', () => {
  endsWith('A site');
  document.dispatchEvent(new Event('pointerdown'));
  aKey('A site', 'after another');
  jest.advanceTimersByTime(10_000);
  document.body.innerHTML = '<div id="root"></div><div id="day"></div>';
  endsWith('The van');
  jest.advanceTimersByTime(6_000);
  aKey('The van', 'too late');
  jest.advanceTimersByTime(10_000);
  expect(pressed).toEqual([]);
});
