import { expect } from 'vitest'
import { anywhere, phone } from '../support/browser'
import { inDemoSchool } from '../support/inSchool'

const it = inDemoSchool

/** Every page of the Desk, with words that stand on it. */
const pages = [
  ['/', 'Start a lesson'],
  ['/week', 'To fetch'],
  ['/year', 'Ways of recording'],
  ['/classes', 'Kestrel class'],
  ['/classes/:class', 'Import a list'],
  ['/school', 'New classes and new plans'],
  ['/school?view=cupboard', 'as a group will see it'],
  ['/school?view=supplies', 'Import CSV'],
  ['/school?view=calendar', 'Lessons on'],
  ['/school?view=people', 'works on this computer only'],
  ['/school?view=backups', 'Make one now and save it'],
  ['/lessons/:towels/wonder', 'What do we wonder?'],
  ['/lessons/:shadow/plan?view=cards', 'What we keep the same'],
  ['/lessons/:shadow/plan', 'We change the'],
  ['/lessons/:shadow/plan?view=list', 'We change'],
  ['/lessons/:shadow/plan?view=time', 'sets up'],
  ['/lessons/:shadow/pack', 'On each tray'],
  ['/packing/:shadow', 'Tray by tray'],
  ['/lessons/:bounce/test', 'Journal'],
  ['/lessons/:bounce/compare', 'Worth a look'],
  ['/lessons/:bounce/conclude', 'Print the poster'],
] as const

it.for([
  ['a phone', { width: 390, height: 844 }],
  ['a tablet', { width: 768, height: 1024 }],
  ['a small screen with everything twice as large', { width: 640, height: 400 }],
] as const)('no page of the Desk moves sideways on %s', async ([, viewport], { school, open }) => {
  const [own] = await school.classes()
  const ids: Record<string, string> = {
    class: own!.id,
    bounce: await school.titled('Ball bounce'),
    shadow: await school.titled('Shadow length'),
    towels: await school.titled('Paper towels'),
  }
  // A word without an end must push nothing off the screen.
  await school.changePlan(await school.begin('ball-bounce'), () => ({
    title: 'bounce'.repeat(10),
    question: 'higher'.repeat(50),
  }))
  const page = await open('/', { viewport })
  const wide: string[] = []
  for (const [path, words] of pages) {
    await page.goto(
      new URL(
        path.replace(/:(\w+)/, (_whole, name: string) => ids[name]!),
        page.url(),
      ).href,
    )
    await anywhere(page.getByText(words))
    const width = await page.evaluate(() => document.documentElement.scrollWidth)
    if (width > viewport.width) wide.push(`${path}: ${width}`)
  }
  expect(wide).toEqual([])
})

it('a lesson is planned on a phone: a word is changed, and the path leads on', async ({ school, open }) => {
  const id = await school.begin('shadow-length')
  const page = await open(`/lessons/${id}/plan`, phone)
  await page.locator('[data-word="tries"]').click()
  await page.getByRole('dialog', { name: /tries/i }).getByText('5 tries').click()
  await expect.poll(async () => (await school.lesson(id)).plan.tries).toBe(5)
  await page.getByRole('region', { name: 'Kitted' }).scrollIntoViewIfNeeded()
  await page.getByRole('navigation', { name: 'Stages of the lesson' }).getByRole('link').nth(2).click()
  await page.getByRole('heading', { name: /^Kit for/ }).waitFor()
})
