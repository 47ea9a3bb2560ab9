import type { Page } from 'playwright-core'
import { expect } from 'vitest'
import { anywhere, choose, desk, phone, seriousFindings, touched } from '../support/browser'
import { inOwnSchool } from '../support/inSchool'

const it = inOwnSchool('none')
const thorne = { name: 'Ms Thorne', passphrase: 'apple pencil window' }

/** What a newcomer has to type and press before something is there. */
function counting(page: Page) {
  const counts = { fields: 0, presses: 0 }
  return {
    counts,
    type: async (label: string, text: string) => {
      counts.fields++
      await page.getByLabel(label, { exact: true }).fill(text)
    },
    press: async (name: string | RegExp) => {
      counts.presses++
      await page.getByRole('button', { name }).first().click()
    },
  }
}

async function signIn(page: Page, { name, passphrase } = thorne) {
  await page.getByLabel('Your name', { exact: true }).fill(name)
  await page.getByLabel('Your passphrase', { exact: true }).fill(passphrase)
  await page.getByRole('button', { name: 'Sign in' }).click()
}

it('a school begins, and from there on everybody comes in by their own way', async ({ school, open }) => {
  const page = await open('/lessons/somewhere/plan')
  await beginsSchool(page)
  const lessonId = await beginsFirstLesson(page)
  await signsOutAndIn(page, lessonId)
  await addsColleague(page, open)
  const code = await opensJoining(page, lessonId)
  const leaf = await joinsAsTablet(page, await open('/join', touched), code)
  await joinsByTrayCard(await open(`/join#${code}.${leaf.split('/').at(-1)}`, touched), leaf)
  await opensBoardElsewhere(page, open, school.url)
  await hasHelper(page, open, school.url)
  await printsTrayCards(page, lessonId)
  await handsOver(page)
})

/** The first start, whatever page was asked for. */
async function beginsSchool(page: Page) {
  await page.getByRole('heading', { name: 'Who will use Jolly Beaker here?' }).waitFor()
  expect(await seriousFindings(page)).toEqual([])
  const hand = counting(page)
  await hand.type('What is your school called?', 'Tidewick School')
  await hand.type('Your name, as colleagues say it', thorne.name)
  await hand.type('Your passphrase', 'short')
  await hand.press('Start')
  await page.getByText('Use at least 12 letters.').waitFor()
  await hand.type('Your passphrase', thorne.passphrase)
  await hand.press('Start')
  await page.getByRole('heading', { name: 'Start a lesson' }).waitFor()
}

/** From the first start to a checked plan: five fields and presses, and no help. */
async function beginsFirstLesson(page: Page): Promise<string> {
  const hand = counting(page)
  await hand.type('How many groups do you have?', '5')
  await hand.press(/^Ball bounce/)
  await page.getByRole('group', { name: 'The plan in sentences' }).waitFor()
  await page.getByRole('region', { name: 'Fits' }).waitFor()
  expect(hand.counts).toEqual({ fields: 1, presses: 1 })
  return /lessons\/([\w-]+)/.exec(page.url())![1]!
}

/** Signing out shows nothing any more; signing in leads to where one wanted to go. */
async function signsOutAndIn(page: Page, lessonId: string) {
  await page.getByRole('link', { name: 'Logbook' }).first().click()
  await page.getByRole('button', { name: thorne.name }).click()
  await page.getByText('Sign out').click()
  await page.getByRole('heading', { name: 'Tidewick School' }).waitFor()
  await page.goto(new URL(`/lessons/${lessonId}/pack`, page.url()).href)
  await page.getByRole('heading', { name: 'Tidewick School' }).waitFor()
  expect(await seriousFindings(page)).toEqual([])
  // At once and not a moment later: whoever types into the next field stays there.
  expect(await page.locator(':focus').getAttribute('autocomplete')).toBe('username')
  await signIn(page, { ...thorne, passphrase: 'pear pencil window' })
  await page.getByText('This name and passphrase don’t go together.').waitFor()
  await signIn(page)
  await page.getByRole('heading', { name: 'Kit for 5 groups' }).waitFor()
}

/** A colleague is added, has nothing yet, and gets a class for a cover lesson. */
async function addsColleague(page: Page, open: (path: string) => Promise<Page>) {
  const school = new URL('/school?view=people', page.url()).href
  await page.goto(school)
  await page.getByRole('button', { name: 'Add a teacher' }).click()
  await page.getByLabel('Name, as colleagues say it').fill('Mr Ashby')
  await page.getByLabel('A first passphrase').fill('kettle meadow seven')
  await page.getByRole('button', { name: 'Add them' }).click()
  await page.getByText('Mr Ashby').first().waitFor()
  await page.getByText('added Mr Ashby as teacher').waitFor()
  expect(await seriousFindings(page)).toEqual([])
  const other = await open('/')
  await signIn(other, { name: 'mr ashby', passphrase: 'kettle meadow seven' })
  await other.getByText('How many groups do you have?').waitFor()
  await page.getByRole('link', { name: 'Classes' }).click()
  await page.getByRole('link', { name: 'My class' }).click()
  await page.getByText('Nobody else sees it or its lessons.').waitFor()
  await page.getByRole('button', { name: 'Share', exact: true }).click()
  await page.getByRole('listitem').getByText('All teachers').waitFor()
  await other.reload()
  await anywhere(other.getByText('My class'))
  await other.goto(school)
  await other.getByRole('heading', { name: 'You are signed in on' }).waitFor()
  expect(await other.getByRole('button', { name: 'Add a teacher' }).count()).toBe(0)
}

async function opensJoining(page: Page, lessonId: string): Promise<string> {
  await page.goto(new URL(`/lessons/${lessonId}/test`, page.url()).href)
  await page.getByRole('button', { name: 'Sheets' }).click()
  const dialog = page.getByRole('dialog', { name: 'Tablets in this lesson' })
  await dialog.getByText('None yet.').waitFor()
  expect(await seriousFindings(page)).toEqual([])
  return (await dialog.locator('.code').innerText()).trim()
}

/** A tablet joins, is seen by the Desk, moved to another group, and taken out kindly. */
async function joinsAsTablet(page: Page, tablet: Page, code: string): Promise<string> {
  await tablet.getByLabel('Type the code on the board').fill('HK47PQ')
  await tablet.getByRole('button', { name: 'Join' }).click()
  await tablet.getByText('No lesson has this code.').waitFor()
  expect(await seriousFindings(tablet)).toEqual([])
  await tablet.getByLabel('Type the code on the board').fill(code.toLowerCase())
  await tablet.getByRole('button', { name: 'Join' }).click()
  const leaf = await tablet.getByRole('link', { name: 'Leaf' }).getAttribute('href')
  await tablet.getByRole('link', { name: 'Bell' }).click()
  await tablet.getByText('This is our prediction').waitFor()
  const dialog = page.getByRole('dialog', { name: 'Tablets in this lesson' })
  await dialog.getByText('Bell').waitFor()
  await dialog.getByRole('button', { name: 'More for Bell' }).click()
  await page.getByText('It is Leaf’s').click()
  await tablet.waitForURL(`**${leaf}`)
  await tablet.getByText('This is our prediction').waitFor()
  await dialog.getByRole('button', { name: 'More for Leaf' }).click()
  await page.getByText('Take it out of the lesson').click()
  await tablet.getByRole('heading', { name: 'This tablet isn’t in the lesson now' }).waitFor()
  return leaf!
}

/** The square on a tray card leads straight to the Sheet of its group. */
async function joinsByTrayCard(tablet: Page, leaf: string) {
  await tablet.waitForURL(`**${leaf}`)
  await tablet.getByText('This is our prediction').waitFor()
}

/** A helper ticks what is packed and presses the clock, until the Desk ends it. */
async function hasHelper(
  page: Page,
  open: (path: string, screen?: typeof phone) => Promise<Page>,
  url: string,
) {
  const dialog = page.getByRole('dialog', { name: 'Tablets in this lesson' })
  await dialog.getByRole('button', { name: 'Link for a helper, for today' }).click()
  await dialog.getByText('until midnight').waitFor()
  const address = (await dialog.locator('.address').innerText()).trim()
  const helper = await open(address.replace(url, ''), phone)
  await helper.getByRole('button', { name: 'Tray by tray' }).waitFor()
  await helper.locator('section li button').first().click()
  await expect.poll(() => helper.locator('section li button[aria-pressed="true"]').count()).toBe(1)
  expect(await seriousFindings(helper)).toEqual([])
  await helper.getByRole('link', { name: 'Clock' }).click()
  await helper.getByRole('button', { name: 'Clock' }).click()
  await helper.getByRole('button', { name: 'Start the lesson’s clock' }).click()
  await helper.getByRole('timer').first().waitFor()
  await dialog.getByRole('button', { name: 'Close helpers’ screens' }).click()
  await helper.reload()
  await helper.getByRole('button', { name: 'Sign in' }).waitFor()
}

async function printsTrayCards(page: Page, lessonId: string) {
  await page.goto(new URL(`/print/${lessonId}/trays`, page.url()).href)
  const square = page.getByRole('img', { name: 'The tablet of Leaf joins with this' })
  await square.waitFor()
  // Large enough for a camera, and beside the group's name.
  const { width } = (await square.boundingBox())!
  expect(width).toBeGreaterThan(50)
  expect(width).toBeLessThan(100)
}

/** A Board elsewhere shows and presses nothing, until the Desk closes it. */
async function opensBoardElsewhere(
  page: Page,
  open: (path: string, screen?: typeof desk) => Promise<Page>,
  url: string,
) {
  const dialog = page.getByRole('dialog', { name: 'Tablets in this lesson' })
  await dialog.getByRole('button', { name: 'Link for a Board elsewhere' }).click()
  const address = (await dialog.locator('.address').innerText()).trim()
  const board = await open(address.replace(url, ''), desk)
  await board.getByRole('button', { name: 'Clock' }).click()
  await board.getByText('The clock has not been started.').waitFor()
  expect(await board.getByRole('button', { name: 'Start the lesson’s clock' }).count()).toBe(0)
  await dialog.getByRole('button', { name: 'Close 1 Board' }).click()
  await board.reload()
  await board.getByRole('button', { name: 'Sign in' }).waitFor()
  await board.goto(address)
  await board.getByRole('heading', { name: 'This link is closed' }).waitFor()
}

it('the pages for coming in fit a phone', async ({ open }) => {
  const page = await open('/join', phone)
  for (const path of ['/join', '/sign-in']) {
    await page.goto(new URL(path, page.url()).href)
    await page.getByRole('heading').first().waitFor()
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  }
})

/** At the end of the year the class goes to its next teacher. */
async function handsOver(page: Page) {
  await page.goto(new URL('/classes', page.url()).href)
  await page.getByRole('link', { name: 'My class' }).click()
  await page.getByRole('button', { name: 'Hand it over to its next teacher' }).click()
  const dialog = page.getByRole('dialog', { name: 'Hand the class over' })
  await choose(page, 'To whom', 'Mr Ashby')
  await dialog.getByText('Mr Ashby gets the class').waitFor()
  expect(await seriousFindings(page)).toEqual([])
  await dialog.getByRole('button', { name: 'Hand it over' }).click()
  await page.getByText('My class is Mr Ashby’s class now.').waitFor()
  await page.waitForURL(/\/classes$/)
  expect(await page.getByRole('link', { name: 'My class' }).count()).toBe(0)
}
