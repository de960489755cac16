import { expect, type Locator, type Page, test } from '@playwright/test'

/** A hand that counts what it does: a click, a drag, a key chord or a field typed is a step. */
export class Hand {
  private done = 0
  constructor(readonly page: Page) {}

  async click(what: Locator): Promise<void> {
    this.done++
    await what.click()
  }
  /** A field typed and left. */
  async type(field: Locator, text: string): Promise<void> {
    this.done++
    await field.fill(text)
    await field.press('Tab')
  }
  async press(keys: string): Promise<void> {
    this.done++
    await this.page.keyboard.press(keys)
  }
  /** What is dragged from one place to the other, in shares of it from its upper left corner. */
  async drag(on: Locator, from: readonly [number, number], to: readonly [number, number]) {
    this.done++
    const box = (await on.boundingBox())!
    const at = ([x, y]: readonly [number, number]) =>
      [box.x + x * box.width, box.y + y * box.height] as const
    await this.page.mouse.move(...at(from))
    await this.page.mouse.down()
    await this.page.mouse.move(...at(to), { steps: 6 })
    await this.page.mouse.up()
  }

  button = (name: string | RegExp) =>
    this.page.getByRole('button', { name, exact: typeof name === 'string' })
  field = (label: string) => this.page.getByLabel(label, { exact: true })
  /** A word of a sentence, opened. */
  word = (about: string) => this.click(this.page.locator(`[data-word="${about}"]`))
  /** A band more, above a part. */
  async band(above: string | RegExp, kind: string): Promise<void> {
    const line = this.page.locator('.part-list .line').filter({ hasText: above }).first()
    await line.hover()
    await this.click(line.locator('.plus'))
    await this.click(this.page.getByRole('menuitem', { name: kind, exact: true }))
  }
  /** A motif of the drawer, found by its name. */
  async motif(name: string): Promise<void> {
    await this.press('t')
    await this.type(this.field('Search motifs'), name)
    await this.click(this.page.getByRole('button', { name: new RegExp(`^${name}\\s`) }).first())
  }

  /** Steps so far are no more than these; the report has how many they were. */
  atMost(steps: number): void {
    test.info().annotations.push({ type: 'steps', description: `${this.done}, ${steps} at most` })
    expect(this.done).toBeLessThanOrEqual(steps)
  }
}
