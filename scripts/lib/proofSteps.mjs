// The second half of the walk: a repair is looked at, held, pulled, charged and handed over by hand, without an instrument that speaks for itself.

const KPA = '1830';
/** A rise that flattens [micron], a reading a minute and a half. */
const RISE = Array.from({ length: 9 }, (_, i) => `${180 + Math.round(40 * (1 - Math.exp(-i / 2)))} micron`);

/** @param hand  what taps, types and counts, and `wait`, which lets minutes of the walk's own clock go by */
export function proofSteps({ page, shown, tap, act, keep, type, field, ticks, wait }) {
  const action = () => page.getByTestId('action').filter({ visible: true }).first();
  const buttons = (name) => page.getByRole('button', { name }).filter({ visible: true });
  /** Taps one after the other until none is left. */
  async function tapsAll(name) {
    for (let left = await buttons(name).count(); left > 0; left = await buttons(name).count()) {
      await ticks(buttons(name).first());
      await page.waitForTimeout(500);
    }
  }

  /** Once it is seen: all round, and what it is. */
  const LOOKED = async () => {
    await ticks(page.getByRole('checkbox', { name: /^the back was seen/ }).filter({ visible: true }));
    await tap('radio', 'pass');
    await act('Keep: pass');
    await page.getByText('looked at, passes').filter({ visible: true }).first().waitFor();
    await tap('link', /^up to job/);
    await page.getByText('order to braze').filter({ visible: true }).waitFor();
  };

  const readsHold = async () => {
    await act(/^Note/);
    await type(field('gauge'), KPA);
    await type(field('pipe'), '18');
    await keep();
  };

  /** Waits until the time that the screen names. */
  async function untilItTells() {
    const says = page.getByText(/^If it stays flat to \d\d:\d\d/).filter({ visible: true });
    if ((await says.count()) === 0) return wait(16);
    const clock = /to (\d\d:\d\d)/.exec(await says.first().innerText())[1];
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
        await readsHold();
        await wait(16);
        await readsHold();
        // It says when it can tell: nobody reads before that.
        for (let i = 0; i < 6 && /^Note/.test(await action().innerText()); i++) {
          await untilItTells();
          await readsHold();
        }
        await act('End the hold');
        await act('Let it down');
        await keep();
        await act('Tight: on to the pull');
      },
    ],
  ];

  const PULLED = [
    [
      'pulled down, watched, dry',
      async () => {
        await act('Pump and hoses alone first');
        await act('Pump and hoses alone first');
        await type(field(/down to, in 5 min/), '60 micron');
        await type(field(/rose by, in 5 min/), '30 micron');
        await keep();
        await type(field('around it'), '18 °C');
        await act('Begin the pull');
        await act(/^Note a reading/);
        await type(field(/^gauge/), '176 micron');
        await keep();
        await tap('button', /^Shut it off/);
        await act(/^Note a reading/);
        const judged = page.getByTestId('action').filter({ hasText: 'Judge the rise', visible: true });
        for (const reading of RISE) {
          if ((await judged.count()) > 0) break;
          await type(field(/^gauge/), reading);
          await keep();
          await wait(1.5);
        }
        await act('Judge the rise');
        await act('Dry: on to the charge');
      },
    ],
  ];

  const CHARGED = [
    [
      'weighed in, started, settled',
      async () => {
        await act('What belongs in it?');
        await act('Begin the charge');
        await act('Weigh the first cylinder');
        await type(field(/^cylinder/), 'K-3');
        await type(field(/^on the scale before/), '22 kg');
        await type(field(/^now/), '10.6 kg');
        await keep();
        await act('It is in');
        await act('Before the first start');
        for (const answer of await page.getByRole('radio', { name: 'seen to' }).filter({ visible: true }).all()) await ticks(answer);
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

  const HANDED = [
    [
      'put back, signed, closed',
      async () => {
        await act('Put back, prove, tell');
        await tap('button', /^All \d+ that can hurt nobody: done/);
        await buttons(/^All .*: done$/).waitFor({ state: 'detached' });
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
        await act('Close the job');
        await page.getByText('order to braze').filter({ visible: true }).waitFor();
      },
    ],
  ];
  return { LOOKED, HELD, PULLED, CHARGED, HANDED };
}
