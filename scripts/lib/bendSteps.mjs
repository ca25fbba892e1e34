// The walk of a job that something bends: the same parts as any repair, with what the bend asks answered wherever the screen says that it is.

/** A gauge that was left alone and did not move; a drier that is not full. */
const READS = [
  [/^gauge reads/, '6 bar'],
  [/^it dropped by/, '9 kPa'],
];
const ASKED = 'Answer what bends it';

/** @param hand  as of the walk: its `act` is the one that answers first what is asked */
export function bendSteps(hand) {
  const { page, shown, tap, keep, type, field, ticks } = hand;
  const action = () => page.getByTestId('action').filter({ visible: true }).first();
  const points = () => page.getByRole('button', { name: / is done$/ }).filter({ visible: true });

  /** Each point of the stage that the job stands at, by its key or, where a pressure is read, by its sheet. */
  async function answers() {
    for (let left = await points().count(); left > 0 && !/^Answered: on with/.test(await says()); left = await points().count()) {
      const name = ((await points().first().getAttribute('aria-label')) ?? (await points().first().innerText())).split('\n')[0].trim();
      const answer = page.getByRole('button', { name: new RegExp(`^(done|clean): ${name}$`) }).filter({ visible: true });
      if ((await answer.count()) > 0) await ticks(answer.first());
      else {
        await ticks(points().first());
        for (const [label, text] of READS)
          if ((await field(label).filter({ visible: true }).count()) > 0) await type(field(label), text);
        await keep();
      }
      await page.waitForTimeout(1200);
    }
  }
  const says = async () => ((await action().count()) === 0 ? '' : await action().innerText());

  /** The screen’s one action; what bends the job first, where it says so. */
  async function act(label) {
    const wanted = page.getByTestId('action').filter({ hasText: label, visible: true });
    const asks = page.getByTestId('action').filter({ hasText: ASKED, visible: true });
    await wanted.or(asks).first().waitFor();
    if ((await asks.count()) > 0) {
      await hand.act(ASKED);
      await page.waitForURL(/\/bends$/);
      await page.waitForTimeout(800);
      await answers();
      await hand.act(/^Answered: on with/);
      await page.waitForURL((url) => !url.pathname.endsWith('/bends'));
    }
    await hand.act(label);
  }

  /** Said on the job that was opened. */
  const BENT = (bend) => async () => {
    await tap('button', 'Does anything bend it?');
    await tap('button', bend);
    await shown(page.getByRole('heading', { name: new RegExp(`^${bend}$`, 'i') })).waitFor();
    await page.goBack();
  };
  return { act, answers, BENT };
}
