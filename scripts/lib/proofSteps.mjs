// The second half of the walk: a repair is looked at, held, pulled, charged and handed over by hand, without an instrument that speaks for itself.

const KPA = '1830';
/** A rise that flattens [micron], a reading a minute and a half. */
const RISE = Array.from({ length: 9 }, (_, i) => `${180 + Math.round(40 * (1 - Math.exp(-i / 2)))} micron`);

/** A rise of a circuit with water in it: it goes to the water's own pressure, the slower the less is left [micron]. */
const wetRise = (from, tau) =>
  Array.from({ length: 9 }, (_, i) => `${Math.round(from + (9000 - from) * (1 - Math.exp((-1.5 * i) / tau)))} micron`);

/** @param hand  what taps, types and counts, and `wait`, which lets minutes of the walk's own clock go by */
export function proofSteps({ page, shown, tap, act, keep, type, field, ticks, wait }) {
  const action = () => page.getByTestId('action').filter({ visible: true }).first();
  const buttons = (name) => page.getByRole('button', { name }).filter({ visible: true });
  /** Taps one after the other until none is left. */
  async function tapsAll(name) {
    for (let left = await buttons(name).count(); left > 0; left = await buttons(name).count()) {
      await ticks(buttons(name).first());
      // One that is kept is gone: a click on it would wait for nothing.
      for (let i = 0; i < 40 && (await buttons(name).count()) >= left; i++) await page.waitForTimeout(100);
      await page.waitForTimeout(300);
    }
  }

  /** Once it is seen: all round, and what it is. */
  const LOOKED = async () => {
    await act('All seen, back too: it passes');
    await page.getByText('looked at, passes').filter({ visible: true }).first().waitFor();
  };

  const readsHold = async () => {
    await act(/^Note/);
    await type(field('gauge'), KPA);
    await type(field('pipe'), '18');
    await keep();
  };

  /** Waits until the time that the screen names; a while where it names none. */
  async function until(names, otherwise) {
    const says = page.getByText(names).filter({ visible: true });
    if ((await says.count()) === 0) return wait(otherwise);
    const clock = /(\d\d:\d\d)/.exec(await says.first().innerText())[1];
    const left = await page.evaluate((at) => {
      const then = new Date();
      const [hours, minutes] = at.split(':').map(Number);
      then.setHours(hours, minutes, 0, 0);
      return (then.getTime() - Date.now()) / 60_000;
    }, clock);
    return wait(Math.max(1, left < -60 ? left + 24 * 60 : left) + 1);
  }

  const HELD = [
    [
      'filled by steps, shut, soaped',
      async () => {
        await act('Joints made: prove it holds');
        await type(field('pipe now'), '18');
        for (const box of await page.getByRole('checkbox').filter({ visible: true }).all()) await ticks(box);
        await act('Begin the fill');
        for (let isShut = false; !isShut;) {
          const next = page.getByTestId('action').filter({ hasText: /^It stands at|The supply is shut/, visible: true });
          await next.first().waitFor({ timeout: 120_000 });
          isShut = (await next.first().innerText()) === 'The supply is shut';
          await act(/^It stands at|The supply is shut/);
          await page.waitForTimeout(700);
        }
        await tap('button', /places besides the joints: nothing$/);
        await buttons(/places besides the joints: nothing$/).waitFor({ state: 'detached' });
        await tapsAll(/^(?!put right).*: nothing$/);
      },
    ],
    [
      'read until it can tell, let down',
      async () => {
        // It counts once it has settled, and says when it can tell: nobody reads before that.
        await until(/^counts from \d\d:\d\d/, 0);
        await readsHold();
        for (let i = 0; i < 6 && /^Note/.test(await action().innerText()); i++) {
          await until(/^If it stays flat to \d\d:\d\d/, 16);
          await readsHold();
        }
        await act('End the hold');
        await keep();
      },
    ],
  ];

  /** Read, shut off, and read on: the sheet stays for the next reading; with the last one that it needs it is judged. */
  const rises = async (deepest, readings) => {
    await act(/^Note a reading/);
    await type(field(/^gauge/), deepest);
    await tap('button', 'Keep it and shut it off');
    await page.waitForTimeout(500);
    for (const reading of readings) {
      await type(field(/^gauge/), reading);
      const isLast = (await shown(page.getByTestId('keep')).innerText()).includes('judge');
      await keep();
      if (isLast) break;
      await wait(1.5);
    }
  };
  const begins = async () => {
    await type(field(/down to, in 5 min/), '60 micron');
    await type(field(/rose by, in 5 min/), '30 micron');
    await keep();
    await type(field('around it'), '18 °C');
    await act('Begin the pull');
  };

  const PULLED = [
    [
      'pulled down, watched, dry',
      async () => {
        await begins();
        await rises('176 micron', RISE);
        await act('Dry: on to the charge');
      },
    ],
  ];

  /** Wet twice, broken with nitrogen each time, then dry. */
  const PULLED_WET = [
    [
      'pulled, wet, broken, pulled again, broken again, dry',
      async () => {
        await begins();
        for (const [deepest, tau] of [
          ['900 micron', 4],
          ['600 micron', 7],
        ]) {
          await rises(deepest, wetRise(Number.parseInt(deepest, 10), tau));
          await act('Break with nitrogen');
          await keep();
        }
        await rises('176 micron', RISE);
        await act('Dry: on to the charge');
      },
    ],
  ];

  const chargedFrom = (cylinders) => [
    [
      'weighed in, started, settled',
      async () => {
        await act('Begin the charge');
        for (const [i, [name, before, after]] of cylinders.entries()) {
          if (i > 0) {
            await tap('button', 'more');
            await tap('button', 'Another cylinder');
          }
          await type(field(/^cylinder/), name);
          await type(field(/^on the scale before/), before);
          await type(field(/^now/), after);
          await keep();
        }
        await tap('button', /^The \d+ that can hurt nobody: seen to/);
        const unsaid = page.getByRole('radio', { name: 'seen to', checked: false }).filter({ visible: true });
        for (let left = await unsaid.count(); left > 0; left = await unsaid.count()) {
          await ticks(unsaid.first());
          await page.waitForTimeout(200);
        }
        await keep();
        await act('Read it when it has settled');
        await type(field(/^suction pressure/), '1.2 bar');
        await type(field(/^suction line/), '-18 °C');
        await type(field(/^liquid pressure/), '16 bar');
        await type(field(/^liquid line/), '31 °C');
        await ticks(
          page
            .getByRole('checkbox', { name: /Doors and panels/ })
            .filter({ visible: true })
            .first(),
        );
        await keep();
        await act('Charged: hand it over');
      },
    ],
  ];

  const CHARGED = chargedFrom([['K-3', '22 kg', '10.6 kg']]);
  const CHARGED_FROM_TWO = chargedFrom([
    ['K-3', '22 kg', '16 kg'],
    ['K-5', '20 kg', '14.6 kg'],
  ]);

  const HANDED = [
    [
      'put back, signed, closed',
      async () => {
        await tap('button', /^All \d+ that can hurt nobody: done/);
        await buttons(/^All .*: done$/).waitFor({ state: 'detached' });
        if ((await buttons(/never touched: none here$/).count()) > 0) await tap('button', /never touched: none here$/);
        await page.waitForTimeout(700);
        await tapsAll(/: done$/);
        await act('Sign');
        await type(field(/^name/), 'M. Lind');
        await type(field(/^signs as/), 'for the orangery');
        const pad = await shown(page.getByTestId('signature')).boundingBox();
        await page.mouse.move(pad.x + 20, pad.y + 60);
        await page.mouse.down();
        for (let i = 1; i < 20; i++) await page.mouse.move(pad.x + 20 + 8 * i, pad.y + 60 + 20 * Math.sin(i));
        await page.mouse.up();
        await keep();
        await page.getByText('order to braze').filter({ visible: true }).waitFor();
      },
    ],
  ];
  return { LOOKED, HELD, PULLED, PULLED_WET, CHARGED, CHARGED_FROM_TWO, HANDED };
}
