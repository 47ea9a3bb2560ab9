import { expect } from 'vitest'
import { anywhere, desk, phone, seriousFindings } from '../support/browser'
import { inDemoSchool } from '../support/inSchool'

/** The demo school's lessons and groups by the names that the addresses below have for them. */
const it = inDemoSchool.extend('ids', { scope: 'file' }, async ({ school }) => {
  const [own] = await school.classes()
  return {
    bounce: await school.titled('Ball bounce'),
    grip: await school.titled('Which sole grips'),
    shadow: await school.titled('Shadow length'),
    towels: await school.titled('Paper towels'),
    class: own!.id,
    leaf: own!.groups[0]!.id,
    anchor: own!.groups[5]!.id,
  }
})

it.for([
  ['the logbook', '/', 'Start a lesson'],
  ['the classes', '/classes', 'Kestrel class'],
  ['a class', '/classes/:class', 'Import a list'],
  ['the school', '/school', 'Cupboard of instruments'],
  ['Wonder with notes', '/lessons/:towels/wonder', 'The bumps hold the drops'],
  ['the variables board', '/lessons/:towels/plan', 'We could change'],
  ['the Board, wondering', '/board/:towels', 'Which paper is best?'],
  ['Wonder', '/lessons/:shadow/wonder', 'What do we wonder?'],
  ['Plan', '/lessons/:shadow/plan', 'We change the'],
  ['what a plan is about', '/lessons/:shadow/plan?view=about', 'Words to use'],
  ['Pack', '/lessons/:bounce/pack', 'On each tray'],
  ['several lessons', '/week', 'To fetch'],
  ['the year at a glance', '/year', 'Ways of recording'],
  ['packing by phone', '/packing/:shadow', 'Tray by tray'],
  ['Test', '/lessons/:grip/test', 'Journal'],
  ['Compare', '/lessons/:bounce/compare', 'Worth a look'],
  ['Conclude', '/lessons/:bounce/conclude', 'Print the poster'],
  ['the Board', '/board/:grip', 'tries are in'],
  ['the choice of group', '/sheet/:grip', 'Which group are you?'],
  ['a Sheet that predicts', '/sheet/:grip/:anchor', 'This is our prediction'],
  ['a Sheet that reads', '/sheet/:grip/:leaf', 'Write it down'],
  ['tray cards', '/print/:bounce/trays', 'On this tray'],
  ['recording sheets', '/print/:bounce/sheets', 'We found out that'],
  ['labels', '/print/:bounce/labels', '25 cm'],
  ['getting ready', '/print/:towels/ready', 'On which day'],
  ['the poster', '/print/:bounce/poster', 'Our answer'],
  ['the written report', '/print/:bounce/report', 'How sure we are'],
  ['the method card', '/print/:bounce/method', 'Take care'],
] as const)(
  '%s has no serious accessibility issue, no error and asks nothing of other machines',
  async ([, path, words], { ids, open }) => {
    const address = path.replace(/:(\w+)/g, (_whole, name: keyof typeof ids) => ids[name])
    const page = await open(address, path.startsWith('/sheet') ? phone : desk)
    await anywhere(page.getByText(words))
    // Charts and fonts arrive a moment after the words.
    await page.evaluate(() => document.fonts.ready.then(() => undefined))
    await expect.poll(() => page.locator('figure.chart .canvas:empty').count()).toBe(0)
    expect(await seriousFindings(page)).toEqual([])
  },
)

it.for([
  ['/lessons/00000000-0000-4000-8000-000000000000/plan', 'This lesson is not here.'],
  ['/lessons/nonsense/plan', 'This lesson is not here.'],
  ['/classes/nonsense', 'This class is not here.'],
  ['/board/nonsense', 'This lesson is not here.'],
  ['/sheet/nonsense/nobody', 'This lesson is not here.'],
  ['/nowhere', 'There is no page here'],
] as const)('%s leads nowhere, says so and leads back', async ([path, words], { open }) => {
  const page = await open(path)
  await page.getByText(words).waitFor()
  expect(await page.getByRole('link', { name: 'Open the logbook' }).count()).toBe(1)
})
