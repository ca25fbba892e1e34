import { expect, type Page } from '@playwright/test';

export interface PhotoFile {
  readonly name: string;
  readonly mimeType: string;
  readonly buffer: Buffer;
}

/** What locks the torch: the fields that are asked for it, and what is ticked. */
const TORCH: readonly (readonly [point: string, fields: Readonly<Record<string, string>>, ticked: RegExp | null])[] = [
  ['power off, locked', { 'who holds the key': 'Ilta Varro' }, /^Tried to start it/],
  ['zero and open to air', { 'through what it is open': 'cores out' }, /gauge at zero, open to air$/],
  [
    'what holds the full side back',
    { 'what holds it back': 'liquid valve', 'its gauge, read again': '9 barg' },
    /^(Its stem|The gauge stayed)/,
  ],
  ['extinguisher', { how: 'seen to' }, null],
  ['fire watch', { 'who, and for how many minutes': 'Oskar Penn, 60' }, null],
  ['sprinklers', { how: 'seen to' }, null],
  ['detectors of the whole room', { how: 'seen to' }, null],
  ['air to breathe', { how: 'in the open' }, null],
];

/** The application as a person meets it: found by what is written on it. */
export class Kesto {
  constructor(readonly page: Page) {}

  get wide(): boolean {
    return (this.page.viewportSize()?.width ?? 0) >= 1024;
  }

  async signIn(person: string): Promise<void> {
    await this.page.goto('/');
    await this.page.getByRole('button', { name: person }).click();
    await expect(this.page.getByText(new RegExp(`^${person},`)).first()).toBeVisible();
  }

  /** An address opened in the application that stands already, as the browser's own keys do: without loading it anew. */
  async opens(address: string): Promise<void> {
    if (new URL(this.page.url()).pathname === address) return;
    await this.page.evaluate((path) => {
      for (const before of document.querySelectorAll('h1')) before.setAttribute('data-before', '');
      history.pushState(null, '', path);
      dispatchEvent(new PopStateEvent('popstate', { state: null }));
    }, address);
    await expect(this.page.locator('h1:not([data-before])').filter({ visible: true })).toBeVisible();
  }

  async signOut(): Promise<void> {
    await this.page.goto('/me');
    await this.leaves();
    await expect(this.page.getByRole('heading', { name: 'Kesto' })).toBeVisible();
  }

  /** On the person's own sheet, which asks. */
  async leaves(): Promise<void> {
    await this.page.getByRole('button', { name: 'Sign out', exact: true }).filter({ visible: true }).click();
    await this.page.getByRole('button', { name: 'Yes, sign out' }).filter({ visible: true }).click();
  }

  async action(label: string | RegExp): Promise<void> {
    await this.page.getByTestId('action').filter({ hasText: label, visible: true }).click();
  }

  /** Takes a copy of what is open, under that path. */
  async givesCopy(path: string): Promise<string> {
    const download = this.page.waitForEvent('download');
    const key = this.page.getByText(/^give a copy$/i).filter({ visible: true });
    await key.first().click();
    await (await download).saveAs(path);
    return path;
  }

  /** A joint that was made already: noted by a form, not at the torch. */
  async notesAfterwards(): Promise<void> {
    const note = this.page.getByRole('button', { name: 'It was made already: note it' }).filter({ visible: true });
    await expect(this.page.getByTestId('round').filter({ visible: true })).toBeVisible();
    if ((await note.count()) === 0) await this.page.getByTestId('round').filter({ visible: true }).click();
    await note.click();
    await expect(this.page.getByTestId('made-rod')).toBeVisible();
  }

  /** Answers everything that locks the torch, on the sheet that asks it. */
  async answersTorch(): Promise<void> {
    for (const [point] of TORCH) await this.answersPoint(point);
  }

  /** One point of that list, where it is asked. */
  async answersPoint(point: string): Promise<void> {
    const [, fields, ticked] = TORCH.find(([name]) => name === point) ?? TORCH[0]!;
    const rowOf = (name: string) => this.page.getByRole('button', { name: new RegExp(`^${name}:`) }).filter({ visible: true });
    await expect(rowOf('extinguisher')).toBeVisible();
    const row = rowOf(point);
    if ((await row.count()) === 0) return;
    await row.click();
    for (const [label, text] of Object.entries(fields))
      await this.page.getByLabel(label, { exact: true }).filter({ visible: true }).first().fill(text);
    if (ticked)
      for (const box of await this.page.getByRole('checkbox', { name: ticked }).filter({ visible: true }).all()) await box.click();
    const sheet = this.page.getByRole('heading', { name: new RegExp(`^${point}`, 'i') }).filter({ visible: true });
    await this.page.getByTestId('keep').filter({ visible: true }).click();
    await expect(sheet).toHaveCount(0);
    // It leads to the next sheet that asks more than a tap.
    const close = this.page.getByTestId('round').filter({ hasText: /^close$/, visible: true });
    if ((await close.count()) > 0) await close.click();
    await expect(this.page.getByTestId('keep').filter({ visible: true })).toHaveCount(0);
  }

  /** A lead lifts what may be lifted of the torch's list, each by its name. */
  async overrulesTorch(why: string): Promise<void> {
    await this.page.getByLabel('why', { exact: true }).filter({ visible: true }).first().fill(why);
    for (const [point] of TORCH) {
      const box = this.page.getByRole('checkbox', { name: point, exact: true }).filter({ visible: true });
      if ((await box.count()) > 0) await box.click();
    }
    await this.page.getByRole('button', { name: 'Overrule it' }).filter({ visible: true }).first().click();
  }

  async openJob(name: string): Promise<void> {
    await this.page.getByRole('link').filter({ hasText: name }).first().click();
    await this.seesJob();
  }

  /** Screens one came from stay behind the open one: only what is visible counts. */
  async seesJob(): Promise<void> {
    await expect(this.page.getByText('order to braze').filter({ visible: true })).toBeVisible();
  }

  async openJoint(tag: string): Promise<void> {
    await this.page.getByRole('link').filter({ hasText: tag, visible: true }).first().click();
    await expect(this.page.getByRole('heading', { name: tag })).toBeVisible();
  }

  async findTag(tag: string): Promise<void> {
    await this.page.goto('/');
    await this.page.getByRole('button', { name: 'find tag' }).click();
    await this.page.getByLabel('tag, machine, site, job or person').first().fill(tag);
    await this.page.getByRole('button', { name: 'Find it' }).click();
    await expect(this.page.getByRole('heading', { name: tag })).toBeVisible();
  }

  /** Goes to one part of the planner: by its name on wide, step by step on a phone. */
  async plannerPart(part: 'what goes in' | 'what takes it' | 'around it' | 'the plan'): Promise<void> {
    if (this.wide) return this.page.getByRole('radio', { name: part, exact: true }).click();
    const steps = { 'what goes in': '1 of 4', 'what takes it': '2 of 4', 'around it': '3 of 4', 'the plan': '4 of 4' };
    await expect(this.page.getByText(/[1-4] of 4/).filter({ visible: true })).toBeVisible();
    while (!(await this.page.getByText(steps[part]).isVisible())) await this.action('Next');
  }

  async pick(group: string | RegExp, option: string): Promise<void> {
    await this.page.getByRole('radiogroup', { name: group }).getByRole('radio', { name: option, exact: true }).click();
  }

  async addPhoto(file: PhotoFile): Promise<void> {
    const chooser = this.page.waitForEvent('filechooser');
    await this.page.getByTestId('add-photo').click();
    await (await chooser).setFiles(file);
  }
}
