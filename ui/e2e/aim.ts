import type { Page } from '@playwright/test'
import { choose, openHorse, typeDay } from './yard'

/** A competition as it is typed. */
export interface AimTyped {
  name: string
  day: string
  /** Jumping where nothing is said. */
  discipline?: string
  scheme: string
  level: string
  test?: string
}

/** On the page of aims of a horse, and not added yet. */
export async function typeAim(page: Page, horse: string, aim: AimTyped) {
  await openHorse(page, horse, 'Aims')
  await page.getByLabel('Competition').fill(aim.name)
  await typeDay(page, 'Day', aim.day)
  if (aim.discipline) await choose(page, 'Discipline', aim.discipline)
  await page.getByLabel('Scheme').fill(aim.scheme)
  await page.getByLabel('Level').fill(aim.level)
  if (aim.test) await choose(page, 'Dressage test', aim.test)
}

export async function addAim(page: Page, horse: string, aim: AimTyped) {
  await typeAim(page, horse, aim)
  await page.getByRole('button', { name: 'Add the aim' }).click()
}
