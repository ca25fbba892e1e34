// The walks of jobs that something bends: the same parts as any repair, with what the bend asks answered wherever the screens say that it is.
import { proofSteps } from './proofSteps.mjs';
import { walkSteps } from './walkSteps.mjs';

/** A gauge that was left alone and did not move; a drier that is not full. */
const READS = [
  [/^gauge reads/, '6 bar'],
  [/^it dropped by/, '9 kPa'],
];
const ASKED = 'Answer what bends it';

/** @param plain  what taps, types and counts, without a thought of what bends the job */
export function bendSteps(plain) {
  const { page, app, shown, tap, keep, type, field, ticks } = plain;
  const action = (label) => page.getByTestId('action').filter({ hasText: label, visible: true });
  const hand = { ...plain, act };
  const { WAY, STAGES, SAFE_COLD } = walkSteps(hand);
  const { LOOKED, HELD, PULLED, PULLED_WET, CHARGED, HANDED } = proofSteps(hand);
  const walks = async (parts) => {
    for (const [, walk] of parts) await walk();
  };

  /** Each point that the stage waits for, by its key or, where a figure is read, by its sheet. */
  async function answers() {
    const points = page.getByRole('button', { name: / is done$/ }).filter({ visible: true });
    for (;;) {
      await action(/^Answered: on with/)
        .or(points)
        .first()
        .waitFor();
      if ((await action(/^Answered: on with/).count()) > 0) return;
      const left = await points.count();
      const name = ((await points.first().getAttribute('aria-label')) ?? (await points.first().innerText())).split('\n')[0].trim();
      const answer = page.getByRole('button', { name: new RegExp(`^(done|clean): ${name}$`) }).filter({ visible: true });
      if ((await answer.count()) > 0) await ticks(answer.first());
      else {
        await ticks(points.first());
        for (const [label, text] of READS) if ((await field(label).filter({ visible: true }).count()) > 0) await type(field(label), text);
        await keep();
      }
      for (let i = 0; i < 50 && (await points.count()) >= left; i++) await page.waitForTimeout(100);
    }
  }

  const point = (name) => shown(page.getByRole('button', { name: new RegExp(`^${name}`) }));
  async function answersAll(names) {
    for (const name of names) {
      await tap('button', `done: ${name}`);
      await page.getByRole('button', { name: `done: ${name}` }).waitFor({ state: 'detached' });
    }
  }
  /** A point whose figure is read. */
  async function reads(name, text) {
    await ticks(point(name));
    await type(field(/^gauge reads/), text);
    await keep();
  }

  /** The screen’s one action; what bends the job first, where the screen says so. */
  async function act(label) {
    await action(label).or(action(ASKED)).first().waitFor();
    if ((await action(ASKED).count()) > 0) {
      await plain.act(ASKED);
      await page.waitForURL(/\/bends$/);
      await shown(page.getByRole('button', { name: / is done$/ })).waitFor();
      await answers();
      await plain.act(/^Answered: on with/);
      await page.waitForURL((url) => !url.pathname.endsWith('/bends'));
    }
    await plain.act(label);
  }

  let unit = null;
  const SHOP = async () => {
    await walks(WAY.slice(0, 5));
    await page
      .getByText(/^job 1, /)
      .filter({ visible: true })
      .first()
      .click();
    await page.getByText('order to braze').filter({ visible: true }).first().waitFor();
    const id = /jobs\/([0-9a-f-]+)/.exec(page.url())[1];
    unit = (await (await page.request.get(`${app.url}/api/jobs/${id}`)).json()).unit.id;
  };

  /** A job, with what bends it from its beginning. */
  async function opens(title, bend = title) {
    await page.goto(`${app.url}/jobs/new?unit=${unit}`);
    await type(page.getByTestId('job-title'), title);
    await act('Open the job');
    if (bend) await says(bend);
    await page.getByText('order to braze').filter({ visible: true }).first().waitFor();
  }
  /** Said on the job that stands open. */
  async function says(bend) {
    await shown(page.getByRole('button', { name: /^(Does anything bend it\?|What bends it)$/ })).click();
    await tap('button', bend);
    await shown(page.getByRole('heading', { name: new RegExp(`^${bend}$`, 'i') })).waitFor();
    await page.goBack();
  }
  async function decided() {
    await walks(STAGES.slice(0, 2));
    await page.waitForURL(/\/safe$/);
  }
  /** One joint, as it is drawn, made while nobody tapped. */
  async function brazed() {
    await tap('button', /^plan (?!.*, as )/);
    await tap('button', 'As it is drawn: the plan');
    await act('Put in the job');
    await act(/^Go on at/);
    await act('Braze it');
    const note = page.getByRole('button', { name: 'It was made already: note it' }).filter({ visible: true });
    await note
      .or(page.getByTestId('round').filter({ visible: true }))
      .first()
      .waitFor();
    if ((await note.count()) === 0) await shown(page.getByTestId('round')).click();
    await note.click();
    await act('It is brazed');
    await page.waitForURL(/\/look$/);
    await LOOKED();
  }
  /** From the fill to the signature. */
  async function proven(pulled = PULLED) {
    await walks(HELD);
    await afterHold(pulled);
  }
  async function afterHold(pulled) {
    // A hold that only the bend keeps open leads there; one that nothing keeps open is at the pull already.
    await page
      .getByLabel(/down to, in 5 min/)
      .or(action(ASKED))
      .first()
      .waitFor();
    if ((await action(ASKED).count()) > 0) await act('Tight: on to the pull');
    await walks(pulled);
    await walks(CHARGED);
    await walks(HANDED);
  }
  const common = (bend, pulled) => async () => {
    await opens(bend);
    await decided();
    await walks(STAGES.slice(2));
    await brazed();
    await proven(pulled);
  };

  /** Joined without a flame: pressed, and looked at. */
  async function pressed() {
    await tap('button', /^plan drier, inlet/);
    await page.waitForURL(/\/run$/);
    const open = page.getByRole('checkbox', { checked: false }).filter({ visible: true });
    await open.first().waitFor();
    for (let left = await open.count(); left > 0; left = await open.count()) await ticks(open.first());
    await type(field(/^jaw: maker/), 'jaw 3/8, checked until 2027-03');
    await act('It is pressed');
    await act('Look at it');
    await act('Keep: it passes');
    await page.getByText('looked at, passes').filter({ visible: true }).first().waitFor();
  }
  const sealed = async () => {
    await opens('sealed room');
    await walks(STAGES.slice(0, 1));
    await tap('button', 'drier');
    await act('Keep this way');
    for (let part = 0; part < 2; part++) {
      await tap('radio', /^press/);
      await keep();
      await page.waitForTimeout(1200);
    }
    await act('Get approval');
    await type(field('who said yes'), 'the orangery');
    await type(field('to what'), 'valve and drier, pressed');
    await keep();
    await page.waitForURL(/\/safe$/);
    await walks(SAFE_COLD);
    await pressed();
    await proven();
  };

  /** Filled, shut and soaped by one, left over night; gone on with by somebody else, who reads the gauge first and signs for all of it. */
  const overnight = async () => {
    const bend = 'left overnight under pressure';
    await opens('left over night', null);
    await decided();
    await walks(STAGES.slice(2));
    await brazed();
    await walks(HELD.slice(0, 1));
    await tap('button', 'more');
    await tap('button', 'What bends this job');
    await tap('button', bend);
    await answersAll(['hose off or shut at the unit', 'a sign on it', 'nobody’s way is blocked', 'own joints soaped']);
    await reads('gauge when it was left', '18.3 bar');
    const job = /jobs\/([0-9a-f-]+)/.exec(page.url())[1];
    const next = bendSteps(await plain.another());
    await next.joins(await asksIn());
    await next.goesOn(job);
  };
  /** Asked in by whoever stands here: the code. */
  async function asksIn() {
    await page.goto(`${app.url}/people`);
    await act('Ask somebody in');
    await type(page.getByTestId('invite-name'), 'Sanna Kivi');
    await tap('button', 'Make the code');
    const code = shown(page.getByTestId('one-time-code'));
    await code.waitFor();
    return (await code.innerText()).trim();
  }
  async function joins(code) {
    await page.goto(app.url);
    await tap('button', 'I have a code');
    await type(page.getByTestId('join-code'), code);
    await shown(page.getByTestId('join-look')).click();
    await type(field(/^your name/), 'Sanna Kivi');
    await type(field(/^password, ten/), 'ten letters and more');
    await shown(page.getByTestId('join')).click();
    await tap('link', /left over night/);
  }
  async function goesOn(job) {
    await page.goto(`${app.url}/jobs/${job}/hold`);
    await plain.act('Going on: read the gauge first');
    await reads('gauge when it was gone on with', '18.3 bar');
    await plain.act(/^Answered: on with/);
    await walks(HELD.slice(1));
    await afterHold(PULLED);
  }

  const JOBS = {
    'burnt compressor': common('burnt compressor', PULLED_WET),
    'two circuits': common('a second circuit shares an exchanger'),
    'critical charge': common('small, critical charge'),
    'unknown charge': common('nobody knows the charge'),
    'cooling on': common('the cooling may not stop'),
    'sealed room': sealed,
    overnight,
  };
  return { SHOP, JOBS, joins, goesOn };
}
