import { test } from '../fixtures/test';
import { Kesto } from '../pages/kesto';

const id = (n: string) => `0193a000-0000-7000-8000-00000000${n}`;
const job = (n: string, sheet = '') => `/jobs/${id(n)}${sheet}`;
const joint = (n: string, sheet = '') => `/joints/${id(n)}${sheet}`;

/** Every address there is, where the demo has something to show at it. */
const ADDRESSES = [
  ...['/', '/me', '/kept', '/people', '/sites', '/schools', '/van', '/bench', '/verify', '/found', '/signed', '/imports'],
  ...[
    '/jobs/new',
    job('0041'),
    job('0041', '/order'),
    job('0041', '/kit'),
    job('0041', '/bends'),
    job('0041', '/set-up'),
    job('0041', '/schools'),
  ],
  ...[job('0041', '/hold'), job('0043', '/hold'), job('0043', '/pull'), job('0043', '/charge'), job('0043', '/hand-over')],
  ...[job('0046', '/find'), job('0046', '/decide'), job('0047', '/safe')],
  ...[joint('5107'), joint('5109'), joint('5121'), joint('5103'), joint('5109', '/run'), joint('5109', '/braze'), joint('5121', '/look')],
  ...['/units/new', `/units/${id('0021')}`, `/units/${id('0021')}/plate`, `/units/${id('0024')}/circuits/${id('0034')}`],
  '/nowhere',
];

test('every screen is legible by day and by night: 7:1, named, nothing wider than the window', async ({ page, looks, long }, info) => {
  test.setTimeout(480_000);
  const kesto = new Kesto(page);
  await kesto.signIn('Maren Ito-Dahl');
  // Each light once: by day as a phone shows it, by night as a wide screen does; the long run looks at both on both.
  const lights = long ? (['light', 'dark'] as const) : info.project.name === 'phone' ? (['light'] as const) : (['dark'] as const);
  await page.emulateMedia({ colorScheme: lights[0] });
  for (const address of ADDRESSES) {
    await kesto.opens(address);
    for (const colorScheme of lights) {
      await page.emulateMedia({ colorScheme });
      await test.step(`${address}, ${colorScheme}`, () => looks(colorScheme === lights[0] ? 'everything' : 'colours'));
    }
  }
});
