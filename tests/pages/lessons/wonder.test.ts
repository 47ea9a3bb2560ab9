import type { Locator, Page } from 'playwright-core'
import { expect } from 'vitest'
import { newId } from '#core/plan'
import type { NoteKind } from '#core/wonder'
import { dragTo, seriousFindings } from '../../support/browser'
import { inDemoSchool } from '../../support/inSchool'
import type { School } from '../../support/school'

const it = inDemoSchool

const column = (page: Page, name: string) => page.getByRole('region', { name, exact: true })
const note = (page: Page, text: string): Locator => page.getByRole('listitem', { name: text })

/** A lesson that is only a question yet, with what the class has said. */
async function wondering(school: School, ...notes: [kind: NoteKind, text: string][]): Promise<string> {
  const id = await school.ask('Why do some things sink?')
  for (const [kind, text] of notes)
    await school.send('PUT', `/api/lessons/${id}/notes/${newId()}`, {
      kind,
      text,
      sort: null,
      settled: false,
    })
  return id
}

it('takes notes typed live and a list copied from paper, and shows them on the Board', async ({
  school,
  open,
}) => {
  const id = await wondering(school)
  const [page, board] = [await open(`/lessons/${id}/wonder`), await open(`/board/${id}`)]
  const noticed = column(page, 'Noticed').getByRole('textbox')
  await noticed.fill('The stone went straight down')
  await noticed.press('Enter')
  await note(board, 'Noticed: The stone went straight down').waitFor()
  await page.evaluate(() =>
    navigator.clipboard.writeText(
      '1. The cork came up again\n- It floats because it is light\n\n• The clay sank',
    ),
  )
  await noticed.focus()
  await page.keyboard.press('Control+V')
  await expect
    .poll(async () => (await school.lesson(id)).notes.map((one) => one.text))
    .toEqual([
      'The stone went straight down',
      'The cork came up again',
      'It floats because it is light',
      'The clay sank',
    ])
})

it('puts a guess among the noticed up for the class, which decides', async ({ school, open }) => {
  const id = await wondering(school, ['noticed', 'It floats because it is light'])
  const [page, board] = [await open(`/lessons/${id}/wonder`), await open(`/board/${id}`)]
  await note(page, 'Noticed: It floats because it is light')
    .getByText('“because” gives a reason. Did we see the reason?')
    .waitFor()
  await note(board, 'Noticed: It floats because it is light')
    .getByRole('button', { name: 'We guess it' })
    .click()
  await note(page, 'Guessed: It floats because it is light').waitFor()
  expect((await school.lesson(id)).notes).toMatchObject([{ kind: 'guessed', settled: true }])
})

it('moves notes by drag and by arrow keys, and keeps them so', async ({ school, open }) => {
  const id = await wondering(school, ['noticed', 'The cork came up again'], ['noticed', 'The clay sank'])
  const [page, board] = [await open(`/lessons/${id}/wonder`), await open(`/board/${id}`)]
  const kindOf = async (text: string) =>
    (await school.lesson(id)).notes.find((one) => one.text === text)?.kind
  await note(page, 'Noticed: The clay sank').waitFor()
  await dragTo(page, note(page, 'Noticed: The clay sank'), column(page, 'Guessed').getByRole('list'))
  await expect.poll(() => kindOf('The clay sank')).toBe('guessed')
  await note(page, 'Guessed: The clay sank').press('ArrowLeft')
  await expect.poll(() => kindOf('The clay sank')).toBe('noticed')
  await expect
    .poll(() => note(page, 'Noticed: The clay sank').evaluate((card) => card === document.activeElement))
    .toBe(true)
  await dragTo(
    board,
    note(board, 'Noticed: The cork came up again'),
    column(board, 'Asking').getByRole('list'),
  )
  await note(page, 'Asking: The cork came up again').waitFor()
  await note(page, 'Asking: The cork came up again').press('Delete')
  await note(page, 'Asking: The cork came up again').waitFor({ state: 'detached' })
  await page.getByRole('button', { name: 'Undo' }).click()
  await note(page, 'Asking: The cork came up again').press('ArrowLeft')
  await note(page, 'Guessed: The cork came up again').waitFor()
})

it('leaves a note where it was moved last, with the focus, whatever echo is late', async ({
  school,
  open,
}) => {
  const id = await wondering(school, ['noticed', 'The clay sank'])
  const [page, board] = [await open(`/lessons/${id}/wonder`), await open(`/board/${id}`)]
  const releases: (() => void)[] = []
  await page.route(`**/api/lessons/${id}/notes/*`, async (route) => {
    await new Promise<void>((resolve) => releases.push(resolve))
    await route.continue()
  })
  const letThrough = async (which: number) => {
    await expect.poll(() => releases.length).toBeGreaterThan(which)
    releases[which]!()
  }
  const isFocused = () =>
    note(page, 'Noticed: The clay sank').evaluate((card) => card === document.activeElement)
  await note(page, 'Noticed: The clay sank').press('ArrowRight')
  await note(page, 'Guessed: The clay sank').press('ArrowLeft')
  await letThrough(0)
  await note(board, 'Guessed: The clay sank').waitFor()
  expect(await note(page, 'Guessed: The clay sank').count()).toBe(0)
  expect(await isFocused()).toBe(true)
  await letThrough(1)
  await note(board, 'Noticed: The clay sank').waitFor()
  expect(await isFocused()).toBe(true)
})

it('sorts questions and helps to turn a “why” into one that can be tested', async ({ school, open }) => {
  const id = await wondering(school)
  const [page, board] = [await open(`/lessons/${id}/wonder`), await open(`/board/${id}`)]
  const asking = column(page, 'Asking').getByRole('textbox')
  for (const text of ['Why do some things sink?', 'What is clay made of?']) {
    await asking.fill(text)
    await asking.press('Enter')
    await note(page, `Asking: ${text}`).waitFor()
  }
  await note(page, 'Asking: What is clay made of?').getByRole('button', { name: 'look it up?' }).click()
  await page.locator('.v-overlay--active').getByText('look it up', { exact: true }).click()
  await expect
    .poll(
      async () => (await school.lesson(id)).notes.find((one) => one.text.startsWith('What is clay'))?.sort,
    )
    .toBe('look-up')
  await page.getByText('“Why” asks for a reason.').waitFor()
  await page.getByLabel('One thing we change').fill('shape of the clay')
  await page.getByLabel('One thing we measure').fill('number of washers held')
  await page.getByRole('button', { name: 'Ask it like this' }).click()
  await page.getByText('This is a question we can test.').waitFor()
  expect(await seriousFindings(page)).toEqual([])
  expect(await seriousFindings(board)).toEqual([])
})

it('shows a photo or a sketch of what the class looks at', async ({ school, open }) => {
  const id = await wondering(school)
  const [page, board] = [await open(`/lessons/${id}/wonder`), await open(`/board/${id}`)]
  await page.getByLabel('Photo of what we look at').setInputFiles({
    name: 'notes.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from('no picture'),
  })
  await page.getByText('We can’t show this file.').waitFor()
  await page.getByRole('button', { name: 'Add a photo or sketch' }).click()
  await page.getByText('Sketch it').click()
  const sheet = page.getByRole('img', { name: 'Sheet to draw on' })
  const box = (await sheet.boundingBox())!
  await page.mouse.move(box.x + 60, box.y + 60)
  await page.mouse.down()
  await page.mouse.move(box.x + 300, box.y + 200, { steps: 12 })
  await page.mouse.up()
  await page.getByRole('button', { name: 'Keep the sketch' }).click()
  const shown = board.getByRole('img', { name: 'What we look at', exact: true })
  await shown.waitFor()
  expect(
    await shown.evaluate((picture: HTMLImageElement) => picture.decode().then(() => picture.naturalWidth)),
  ).toBe(1280)
})
