import type { Page } from 'playwright-core'
import { expect } from 'vitest'
import { anywhere, type Screen, seriousFindings, touched } from './browser'
import { inDemoSchool, inOwnSchool, type Open } from './inSchool'
import type { School } from './school'

/** The way of one lesson from the Sheet through the grid to Compare, the poster and the file. */
export const journeys = withJourney(inDemoSchool)

/** The same in a school of the file's own. */
export const journeysInOwnSchool = () => withJourney(inOwnSchool('demo'))

function withJourney(it: typeof inDemoSchool) {
  return it.extend('journey', ({ school, open }) => journeyOf(school, open))
}

export type Journey = ReturnType<typeof journeyOf>

function journeyOf(school: School, open: Open) {
  /** A Sheet of one of the groups, after whatever stands before its first try. */
  async function openSheet(id: string, place = 0, screen: Screen = touched): Promise<Page> {
    const { class: own } = await school.lesson(id)
    const sheet = await open(`/sheet/${id}/${own.groups[place]!.id}`, screen)
    const ready = sheet.getByRole('button', { name: 'We are ready' })
    await ready.or(sheet.locator('form.step')).waitFor()
    if ((await ready.count()) > 0) await ready.click()
    return sheet
  }

  /** The grid of readings, with one of its cells in focus. */
  async function openGrid(id: string, cell: string): Promise<Page> {
    const page = await open(`/lessons/${id}/test`)
    await page.getByRole('button', { name: 'Readings' }).click()
    await page.getByRole('textbox', { name: cell, exact: true }).focus()
    return page
  }

  /** What Compare and the poster say alike; gives back Compare. */
  async function saysEverywhere(id: string, ...parts: string[]): Promise<Page> {
    const [poster, compare] = [await open(`/print/${id}/poster`), await open(`/lessons/${id}/compare`)]
    await anywhere(compare.locator('figure.chart svg'))
    for (const page of [poster, compare]) {
      for (const part of parts) await anywhere(page.getByText(part))
      expect(await page.locator('body').innerText()).not.toMatch(/NaN|undefined|Infinity/)
    }
    expect(await seriousFindings(compare)).toEqual([])
    return compare
  }

  /** Lays a file of readings before the Desk. */
  async function offerFile(id: string, text: string): Promise<Page> {
    const page = await open(`/lessons/${id}/test`)
    await page.getByRole('button', { name: 'Readings' }).click()
    await page.getByRole('button', { name: 'From a file' }).click()
    await page
      .getByLabel('File of readings')
      .setInputFiles({ name: 'readings.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })
    return page
  }
  const fileOf = (id: string) => school.text(`/api/lessons/${id}/readings.csv`)

  /** Takes the readings out as a file, and in again: nothing is new. */
  async function roundTrip(id: string): Promise<string> {
    const csv = await fileOf(id)
    const page = await offerFile(id, csv)
    await page.getByText(/^0 new, \d+ there already\.$/).waitFor()
    expect(await page.getByRole('button', { name: 'Import them' }).isDisabled()).toBe(true)
    return csv
  }

  return { openSheet, openGrid, saysEverywhere, offerFile, fileOf, roundTrip }
}

/** Passes what a Sheet asks to be made ready before its first reading, if anything. */
export async function sayReady(sheet: Page): Promise<void> {
  const ready = sheet.getByRole('button', { name: 'We are ready' })
  await ready.or(sheet.locator('input')).first().waitFor()
  if ((await ready.count()) > 0) await ready.click()
}

/** Writes one reading down on a Sheet. */
export async function write(sheet: Page, heading: string | RegExp, text: string): Promise<void> {
  await sheet.getByRole('heading', { name: heading }).waitFor()
  await sheet.locator('input').fill(text)
  await sheet.getByRole('button', { name: 'Write it down' }).click()
}

/** Types cell by cell; what is asked about is kept with a second Enter. */
export async function typeCells(page: Page, ...texts: string[]): Promise<void> {
  for (const text of texts) {
    await page.keyboard.type(text)
    await page.keyboard.press('Enter')
    if ((await page.getByRole('button', { name: `Keep ${text}` }).count()) > 0)
      await page.keyboard.press('Enter')
  }
}

/** The texts of a row's cells. */
export const cellsOf = async (page: Page, row: RegExp): Promise<string[]> =>
  (await page.getByRole('row', { name: row }).getByRole('cell').allTextContents()).map((text) => text.trim())
