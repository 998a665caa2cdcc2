import type { Locator, Page } from '@playwright/test'
import { expect, test } from './yard'

/** Something wrong that is typed, and the word that stands beside it. */
export interface Wrong {
  what: string
  field: (page: Page) => Locator
  typed: string
  says: string
}

/**
 * Types each wrong thing and sends it: it gets its word, what else was typed stays, and once it is put right the word goes
 * with the next sending.
 */
export async function eachGetsItsWord(
  page: Page,
  wrong: Wrong[],
  send: () => Promise<void>,
  stays: () => Promise<void>,
) {
  for (const { what, field, typed, says } of wrong)
    await test.step(what, async () => {
      const at = field(page)
      const before = await at.inputValue()
      await at.fill(typed)
      await at.blur()
      // The word may stand there from the thing before: it is this sending's answer that counts.
      const refused = page.waitForResponse((answer) => answer.status() === 400)
      await send()
      await refused
      await expect(page.getByText(says).first()).toBeVisible()
      await stays()
      await at.fill(before)
      await at.blur()
    })
}
