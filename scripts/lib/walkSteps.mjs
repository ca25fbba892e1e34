// What a person does on the walk, part by part: each with its name and the taps that do it.

/** @param hand  what taps, types and counts; `page` and `app` as they stand */
export function walkSteps({ page, app, counted, shown, tap, act, keep, type, field, ticks }) {
  /** Each part of the way, by what the person does. */
  const WAY = [
    [
      'the shop and its admin',
      async () => {
        await page.goto(app.url);
        await tap('button', 'I have a code');
        await type(page.getByTestId('join-code'), app.said.firstCode);
        await shown(page.getByTestId('join-look')).click();
        counted.taps++;
        await type(field('what the shop is called'), 'Orangery cooling');
        await type(field(/^your name/), 'Maren Ito-Dahl');
        await type(field(/^password, ten/), 'ten letters or more');
        await shown(page.getByTestId('join')).click();
        counted.taps++;
      },
    ],
    [
      'the van counted',
      async () => {
        await tap('link', 'The van');
        for (let i = 0; i < 3; i++) await tap('button', 'one stick of BAg-36 more');
        await act('Keep this count');
        await tap('link', 'up to today');
      },
    ],
    [
      'a site and a machine from its plate',
      async () => {
        await tap('link', 'A site');
        await type(field('name of the site'), 'the orangery');
        await keep();
        await act('A machine, from its plate');
        await tap('button', 'R-449A');
        await type(field('high side'), '28 bar');
        await type(field('low side'), '19 bar');
        await tap('radio', 'cold room');
        await type(field('tag on the machine'), 'OR1');
        await type(field('name, as vault cold room'), 'orangery cold room');
        await act('Keep OR1');
      },
    ],
    [
      'a job',
      async () => {
        await type(page.getByTestId('job-title'), 'suction valve leaks');
        await act('Open the job');
      },
    ],
    [
      'its circuit drawn from the nearest kind',
      async () => {
        await tap('button', 'Draw its circuit');
        await tap('button', 'walk-in with receiver');
        await tap('button', 'king valve');
        await tap('radio', 'shuts tight');
        await act('Keep the drawing');
      },
    ],
    [
      'a joint planned on it',
      async () => {
        await tap('button', 'Open the drawing');
        await tap('button', /^tube, evaporator coil to/);
        await tap('button', 'at suction valve');
        for (let i = 0; i < 3; i++) await act('Next');
        await act('Put in the job');
        await page.getByText('order to braze').filter({ visible: true }).waitFor();
      },
    ],
  ];

  /** Somebody else, once the first joint stands. */
  const PEOPLE = [
    [
      'a second person asked in',
      async () => {
        await tap('link', 'up to today');
        await tap('link', /^people/);
        await act('Ask somebody in');
        await type(page.getByTestId('invite-name'), 'Sanna Kivi');
        await tap('button', 'Make the code');
        await page.getByTestId('one-time-code').waitFor();
        await tap('button', 'Done');
        await page.goBack();
        await tap('link', /suction valve leaks/);
      },
    ],
  ];

  /** Points with something to say: what is ticked, and which of the usual words it is kept by; null: as it stands. */
  const SAID = [
    [/^power off, locked:/, /^Tried to start it/, /own lock$/],
    [/^pictures before/, null, null],
    [/^zero and open/, /gauge at zero, open to air$/, /through the ports/],
    [/^people told/, null, /everybody here/],
    [/^fire watch/, null, /60 min$/],
    [/^air to breathe/, null, null],
    [/^cover and drip/, null, /wet cloth below/],
  ];
  /** Points that one tap answers. */
  const AT_ONCE = [/^done: no liquid left/, /^done: extinguisher/, /^none here: sprinklers/, /^none here: detectors/];

  /** The stages before the torch, on the job that was opened. */
  const STAGES = [
    [
      'found',
      async () => {
        await act('Note the complaint');
        await act('Note the complaint');
        await type(field('complaint'), 'the vault creeps up');
        await keep();
        await tap('button', 'What was lost');
        await type(field('added, or missing'), '2.1 kg');
        await type(field('in how many days'), '30');
        await type(field('whole charge by the plate'), '11.4 kg');
        await keep();
        await tap('button', 'suction valve');
        await tap('radio', 'leak');
        await type(field('how much a year, if it can be told'), '24 kg');
        await keep();
        await tap('button', 'suction port');
        await tap('radio', 'nothing');
        await keep();
        await act('Found: decide');
      },
    ],
    [
      'decided',
      async () => {
        await tap('button', 'drier');
        await tap('button', 'sight glass');
        await tap('checkbox', 'the compressor runs');
        await act('Keep this way');
        await keep();
        await act('Get approval');
        await type(field('who said yes'), 'the orangery');
        await type(field('to what'), 'valve and drier');
        await keep();
        await act('Decided: make safe');
      },
    ],
    [
      'made safe',
      async () => {
        for (const [point, ticked, usual] of SAID) {
          await tap('button', point);
          if (ticked)
            for (const box of await page.getByRole('checkbox', { name: ticked }).filter({ visible: true }).all()) await ticks(box);
          if (usual) await tap('button', usual);
          else await keep();
          await page.getByTestId('keep').filter({ visible: true }).waitFor({ state: 'detached' });
        }
        for (const answer of AT_ONCE) {
          await tap('button', answer);
          await page.getByRole('button', { name: answer }).filter({ visible: true }).waitFor({ state: 'detached' });
        }
        await tap('button', /^refrigerant out/);
        await type(field('tare, by its stamp'), '12.1 kg');
        await type(field('water, by its stamp'), '21.6 kg');
        await type(field('on the scale before'), '12.1 kg');
        await type(field('on the scale after'), '20.4 kg');
        await type(field('how long it took'), '48');
        await keep();
        await act('Safe: plan the joints');
        await page.getByText('order to braze').filter({ visible: true }).waitFor();
      },
    ],
  ];

  /** Two more joints of what is opened, each as the one before. */
  const NEXT_JOINTS = [1, 2].map((n) => [
    `the next joint ${n}`,
    async () => {
      await tap('button', /^plan /);
      counted.taps++;
      await shown(page.getByTestId('as-last')).click();
      await act('Put in the job');
      await page.getByText('order to braze').filter({ visible: true }).waitFor();
    },
  ]);

  /** What the person sees at each step of a joint, which is what the key is named. */
  const TORCH = ['The way out is open', 'Gas on: flooding', 'I feel the gas', 'Trickle set', 'Lighting', 'Flame off'];
  const AFTER = ['So it was made', 'Nitrogen off', 'It is cool'];

  /** The order, then the first joint at the torch. */
  const MADE = [
    [
      'the order',
      async () => {
        await tap('button', 'In which order');
        await tap('button', 'Find the best order');
        await act('Keep this order');
        await page.getByText('order to braze').filter({ visible: true }).waitFor();
      },
    ],
    [
      'the kit laid out',
      async () => {
        await tap('button', 'The kit');
        await tap('button', 'Tick what is on the van');
        await act(/^Keep: /);
        await page.getByText('order to braze').filter({ visible: true }).waitFor();
      },
    ],
    [
      'what comes out before the flame',
      async () => {
        await tap('button', 'Before you close it');
        const out = page.getByRole('button', { name: /: it is out$/ }).filter({ visible: true });
        await out.first().waitFor();
        for (let left = await out.count(); left > 0; left = await out.count()) {
          await ticks(out.first());
          await page.waitForTimeout(400);
        }
        await tap('link', /^up to job/);
        await page.getByText('order to braze').filter({ visible: true }).waitFor();
      },
    ],
    [
      'a joint at the torch',
      async () => {
        await shown(page.getByRole('link').filter({ hasText: /OR1-0/ })).click();
        counted.taps++;
        await act(/^Braze it/);
        const fits = page.getByTestId('action').filter({ hasText: /So it is|It is fitted/, visible: true });
        await fits.waitFor({ timeout: 20_000 });
        if ((await fits.textContent()) === 'So it is') await act('So it is');
        await act('It is fitted');
        const next = page.getByTestId('action').filter({ hasText: /It is wrapped|The way out is open/, visible: true });
        await next.waitFor({ timeout: 20_000 });
        if ((await next.textContent()) === 'It is wrapped') await act('It is wrapped');
        for (const seen of TORCH) {
          await page.getByTestId('action').filter({ hasText: seen, visible: true }).waitFor({ timeout: 150_000 });
          await act(seen);
        }
        for (const seen of AFTER) await act(seen);
        await page.getByTestId('action').filter({ hasText: 'Look at it', visible: true }).waitFor();
      },
    ],
  ];

  /** Joints that were made while nobody tapped: noted afterwards, as they were planned. */
  const NOTED = [2, 3].map((n) => [
    `a finished joint noted, ${n}`,
    async () => {
      await shown(page.getByRole('link').filter({ hasText: /^OR1-0\d.*planned$/ })).click();
      counted.taps++;
      await act(/^Braze it/);
      await tap('button', 'more');
      await tap('button', 'It was made already: note it');
      await act('It is brazed');
      await page.waitForURL(/\/look$/);
    },
  ]);

  return { WAY, PEOPLE, STAGES, NEXT_JOINTS, MADE, NOTED };
}
