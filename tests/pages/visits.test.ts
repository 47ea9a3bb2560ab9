import { expect } from 'vitest'
import type { Review } from '#core/review'
import { goOffline, seriousFindings } from '../support/browser'
import { inDemoSchool } from '../support/inSchool'

const it = inDemoSchool

/** A small bounce lesson in which every group has read both levels once. */
const testedLesson = inDemoSchool.extend('tested', async ({ school }) => {
  const id = await school.small('ball-bounce', () => ({}))
  const { class: own, plan } = await school.lesson(id)
  for (const place of own.groups.keys())
    for (const index of plan.levels.keys()) await school.read(id, place, index, 20 + 30 * index + place)
  const reviews = async () => (await school.lesson(id)).reviews
  const of = async (byGroupId: string): Promise<Review | undefined> =>
    (await reviews()).find((one) => one.byGroupId === byGroupId)
  return { id, groups: own.groups, reviews, of }
})

testedLesson(
  'groups visit each other: one leaves a word and a question, the other tries one again, and the teacher takes a word back',
  async ({ tested: { id, groups, of }, school, open }) => {
    const desk = await open(`/lessons/${id}/compare`)
    const visits = desk.getByRole('region', { name: 'Groups look at each other’s work' })
    await visits.getByRole('button', { name: 'Open the visits' }).click()
    await visits.getByText('Open: 0 of 6 groups have left something.').waitFor()
    const { hosts } = (await school.lesson(id)).reviewing!
    const [first] = groups
    const host = groups.find((group) => group.id === hosts[first!.id])!

    const sheet = await open(`/sheet/${id}/${first!.id}`)
    await sheet.getByRole('button', { name: 'Look at their work' }).click()
    const look = sheet.getByRole('dialog', { name: `The work of ${host.name}` })
    await look.getByRole('table', { name: 'Their readings' }).waitFor()
    await look.getByText('They predicted').waitFor()
    expect(await seriousFindings(sheet)).toEqual([])
    await look.getByRole('button', { name: 'They did it the same way each time.' }).click()
    await look
      .getByRole('group', { name: 'What do you want to ask them?' })
      .getByRole('textbox')
      .fill('Which side?')
    await look.getByRole('button', { name: 'Leave this for them' }).click()
    await expect
      .poll(() => of(first!.id))
      .toMatchObject({
        convinced: 'They did it the same way each time.',
        question: 'Which side?',
      })
    await visits.getByText('Open: 1 of 6 groups has left something.').waitFor()

    const other = await open(`/sheet/${id}/${host.id}`)
    await other.getByRole('button', { name: 'They ask you something' }).click()
    const asked = other.getByRole('dialog', { name: `What ${first!.name} left here` })
    await asked.getByText('Which side?').waitFor()
    await asked.getByRole('button', { name: 'Or try one again' }).click()
    expect(await seriousFindings(other)).toEqual([])
    await asked.getByRole('button', { name: '25 cm' }).click()
    // The try is open again, and the old number stays among what was ever recorded.
    await other.getByRole('heading', { name: /^25 cm, once more/ }).waitFor()
    await expect.poll(async () => (await of(first!.id))?.answer).toBe('We’re trying 25 cm again.')
    const { entries } = await school.lesson(id)
    expect(
      entries.filter(({ groupId, status }) => groupId === host.id && status === 'set-aside'),
    ).toMatchObject([{ reason: 'repeated after another group’s question' }])

    const board = await open(`/board/${id}`)
    await board.getByText('What convinces us?').waitFor()
    expect(await board.getByLabel('done').count()).toBe(1)
    expect(await board.getByText('Which side?').count()).toBe(0)

    await visits.getByText('We’re trying 25 cm again.').waitFor()
    await visits.getByRole('button', { name: `What to do with the visit of ${first!.name}` }).click()
    await desk.getByText('Take it back').click()
    await sheet.getByText(`Your teacher has taken back what you left for ${host.name}.`).waitFor()
    await other.getByText('They ask you something').waitFor({ state: 'detached' })
    await visits.getByText('Taken back: no child sees it.').waitFor()
    await visits.getByRole('button', { name: 'Close the visits' }).click()
    await sheet.getByText('Your teacher has taken back').waitFor({ state: 'detached' })
    await board.getByText('What convinces us?').waitFor({ state: 'detached' })
  },
)

testedLesson(
  'what is left without a connection is sent when there is one, and a teacher writes for a group without a device',
  async ({ tested: { id, groups, of }, school, open }) => {
    await school.send('PUT', `/api/lessons/${id}/reviewing`, { open: true, round: 1 })
    const [first, second] = groups
    const sheet = await open(`/sheet/${id}/${first!.id}`)
    await sheet.getByRole('button', { name: 'Look at their work' }).click()
    await sheet.getByText('They predicted').waitFor()
    await goOffline(sheet)
    await sheet.getByRole('button', { name: 'We found the same.' }).click()
    await sheet.getByRole('button', { name: 'Leave this for them' }).click()
    await sheet.getByRole('button', { name: 'Look once more' }).waitFor()
    expect(await of(first!.id)).toBeUndefined()
    await sheet.context().setOffline(false)
    await expect.poll(async () => (await of(first!.id))?.convinced).toBe('We found the same.')

    const desk = await open(`/lessons/${id}/compare`)
    await desk.getByRole('button', { name: `What to do with the visit of ${second!.name}` }).click()
    await desk.getByText(`Write for ${second!.name}`).click()
    await desk.getByRole('textbox', { name: `What ${second!.name} asks` }).fill('Who held the stick?')
    await desk.getByRole('button', { name: 'Keep it' }).click()
    await expect.poll(async () => (await of(second!.id))?.question).toBe('Who held the stick?')

    const journal = await open(`/print/${id}/journal`)
    await journal.getByText('They asked: “Who held the stick?”').waitFor()
  },
)

it('the logbook says how many questions were answered, and finds what was said', async ({ open }) => {
  const page = await open('/')
  await page.getByText('Groups looked at each other’s work: 5 questions, 4 answered so far.').waitFor()
  await page.getByRole('textbox', { name: 'Find' }).fill('lay on the floor')
  await page.getByText('From a visit: Yes, one of us lay on the floor.').waitFor()
})
