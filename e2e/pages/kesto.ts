import { expect, type Page } from '@playwright/test';

export interface PhotoFile {
  readonly name: string;
  readonly mimeType: string;
  readonly buffer: Buffer;
}

/** What locks the torch, and the field that is asked for it. */
const TORCH = [
  ['zero on both sides, open to air', 'through what it is open'],
  ['extinguisher', 'how'],
  ['fire watch', 'who, and for how many minutes'],
  ['sprinklers and detectors', 'how'],
  ['air to breathe', 'how'],
] as const;

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

  async signOut(): Promise<void> {
    await this.page.goto('/me');
    await this.action('Sign out');
    await expect(this.page.getByRole('heading', { name: 'Kesto' })).toBeVisible();
  }

  async action(label: string | RegExp): Promise<void> {
    await this.page.getByTestId('action').filter({ hasText: label, visible: true }).click();
  }

  /** Answers everything that locks the torch, on the sheet that asks it. */
  async answersTorch(): Promise<void> {
    for (const [point, note] of TORCH) {
      await this.page
        .getByRole('button', { name: new RegExp(`^${point}:`) })
        .filter({ visible: true })
        .click();
      await this.page.getByLabel(note, { exact: true }).filter({ visible: true }).first().fill('seen to');
      await this.page.getByTestId('keep').filter({ visible: true }).click();
      await expect(this.page.getByTestId('keep').filter({ visible: true })).toHaveCount(0);
    }
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
