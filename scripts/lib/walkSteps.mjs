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
        await tap('button', 'As it is drawn: the plan');
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

  const OUT = /^Refrigerant out/;
  const refrigerantOut = async () => {
    await type(field('tare, by its stamp'), '12.1 kg');
    await type(field('water, by its stamp'), '21.6 kg');
    await type(field('on the scale before'), '12.1 kg');
    await type(field('on the scale after'), '20.4 kg');
    await type(field('how long it took'), '48');
  };

  /** Points with something to say: what is ticked, and which of the usual words it is kept by; null: as it stands. */
  const SAID = [
    [/^Power off, locked/, /^Tried to start it/, /own lock$/],
    [/^Pictures before/, null, null],
    [OUT, null, null],
    [/^Zero and open/, /gauge at zero, open to air$/, /through the ports/],
    [/^Air to breathe/, null, null],
  ];
  /** Points that one tap answers. */
  const WITHOUT_FLAME = [/^done: no liquid left/, /^wet cloth below.*: cover and drip/];
  const OF_THE_FLAME = [
    ...[/^done: extinguisher/, /^none here: sprinklers/, /^none here: detectors/],
    ...[/^everybody here.*: people told/, /60 min: fire watch/],
  ];
  const madeSafe = (atOnce) => async () => {
    // One sheet leads to the next that asks more than a tap.
    await tap('button', /^power off, locked:/);
    for (const [heading, ticked, usual] of SAID) {
      await shown(page.getByRole('heading', { name: heading })).waitFor();
      if (heading === OUT) await refrigerantOut();
      if (ticked) for (const box of await page.getByRole('checkbox', { name: ticked }).filter({ visible: true }).all()) await ticks(box);
      if (usual) await tap('button', usual);
      else await keep();
      await shown(page.getByRole('heading', { name: heading })).waitFor({ state: 'detached' });
    }
    for (const answer of atOnce) {
      await tap('button', answer);
      await page.getByRole('button', { name: answer }).filter({ visible: true }).waitFor({ state: 'detached' });
    }
    await act('Safe: plan the joints');
    await page.getByText('order to braze').filter({ visible: true }).first().waitFor();
  };

  /** The stages before the torch, on the job that was opened. */
  const STAGES = [
    [
      'found',
      async () => {
        await act('Note the complaint');
        await type(field('complaint'), 'the vault creeps up');
        await keep();
        await type(field('added, or missing'), '2.1 kg');
        await type(field('in how many days'), '30');
        await type(field('whole charge by the plate'), '11.4 kg');
        await keep();
        await tap('button', 'suction valve');
        await tap('radio', 'leak');
        await type(field('how much a year, if it can be told'), '24 kg');
        await keep();
        await tap('button', /^soap, nothing: /);
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
        await type(field('who said yes'), 'the orangery');
        await type(field('to what'), 'valve and drier');
        await keep();
      },
    ],
    ['made safe', madeSafe([...WITHOUT_FLAME, ...OF_THE_FLAME])],
  ];
  /** Where no flame is lit nobody asks for what only a flame needs. */
  const SAFE_COLD = [['made safe, no flame', madeSafe(WITHOUT_FLAME)]];

  /** Two more joints of what is opened, each as the one before. */
  const NEXT_JOINTS = [1, 2].map((n) => [
    `the next joint ${n}`,
    async () => {
      await tap('button', /^plan .*, as OR1-/);
      await act('Put in the job');
      await page.getByText('order to braze').filter({ visible: true }).waitFor();
    },
  ]);

  /** What the person sees at each step of a joint, which is what the key is named. */
  const TORCH = ['The way out is open', 'Gas on: flooding', 'I feel the gas', 'Trickle set', 'Lighting', 'Flame off'];
  const AFTER = ['Nitrogen off', 'It is cool'];

  /** The order, then the first joint at the torch. */
  const MADE = [
    [
      'the order',
      async () => {
        await tap('button', 'In which order');
        await act('Keep this order');
      },
    ],
    [
      'the kit laid out',
      async () => {
        await act(/^Laid out: \d+ from the van/);
      },
    ],
    [
      'what comes out before the flame',
      async () => {
        await tap('button', /^All \d+ are out/);
        await shown(page.getByRole('button', { name: /^All \d+ are out/ })).waitFor({ state: 'detached' });
      },
    ],
    [
      'a joint at the torch',
      async () => {
        await act(/^To joint OR1-0/);
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
        await act('So it was made');
        for (const seen of AFTER) {
          // Nobody turns the gas off, or touches it, before its time.
          await page
            .getByText(/^under .* by now/)
            .filter({ visible: true })
            .first()
            .waitFor({ timeout: 60_000 });
          await act(seen);
        }
        await page.waitForURL(/\/look$/);
      },
    ],
  ];

  /** Joints that were made while nobody tapped: noted afterwards, as they were planned. */
  const NOTED = [2, 3].map((n) => [
    `a finished joint noted, ${n}`,
    async () => {
      await act(/ OR1-0\d$/);
      await tap('button', 'It was made already: note it');
      await act('It is brazed');
      await page.waitForURL(/\/look$/);
    },
  ]);

  return { WAY, PEOPLE, STAGES, SAFE_COLD, NEXT_JOINTS, MADE, NOTED };
}
