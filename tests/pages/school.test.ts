import { expect } from 'vitest'
import { newId } from '#core/plan'
import { choose, chooseWord, isSaved, openWord, seriousFindings } from '../support/browser'
import { inOwnSchool } from '../support/inSchool'

const it = inOwnSchool('demo')

it('says how the school works, and new plans begin so', async ({ school, open }) => {
  const page = await open('/school')
  await choose(page, 'Tries at each level, 7 to 9', '5')
  await choose(page, 'Who predicts', 'the class together')
  await expect
    .poll(async () => (await school.school()).ways)
    .toMatchObject({ byAge: { '7-9': { tries: 5 } }, prediction: { who: 'class' } })
  await isSaved(page)
  const { plan } = await school.lesson(await school.ask('Does the ball matter?'))
  expect([plan.tries, plan.prediction.who]).toEqual([5, 'class'])
})

it('edits the cupboard, drawn as it is typed; bad numbers are told at their field', async ({
  school,
  open,
}) => {
  const page = await open('/school')
  await page.getByRole('button', { name: 'Cupboard of instruments' }).click()
  await page.getByRole('button', { name: 'Add an instrument' }).click()
  await page.getByLabel('Name of the instrument').last().fill('long ruler')
  const end = page.getByLabel('To, long ruler')
  await end.fill('fifty')
  await page.getByText('“fifty” is not a number. Type it like 12.').waitFor()
  await end.fill('-3')
  await page.locator('.v-messages').getByText('The scale must end above where it starts.').waitFor()
  await end.fill('50')
  await page.getByLabel('A mark every, long ruler').fill('0,5')
  await page.getByLabel('How many, long ruler').fill('2')
  await page.getByRole('img', { name: 'long ruler, from 0 to 50 cm, a mark every 0.5 cm' }).waitFor()
  await expect
    .poll(async () => (await school.school()).cupboard.at(-1))
    .toMatchObject({ name: 'long ruler', smallestMark: 0.5, greatest: 50, howMany: 2 })
  expect(await seriousFindings(page)).toEqual([])
})

it('saves what is changed on the school’s and the class’s pages by itself, also in the moment of leaving', async ({
  school,
  open,
}) => {
  const page = await open('/school')
  await choose(page, 'Who predicts', 'every child')
  await page.getByRole('link', { name: 'Classes' }).click()
  await expect.poll(async () => (await school.school()).ways.prediction.who).toBe('child')
  const [own] = await school.classes()
  await page.goto(`${school.url}/classes/${own!.id}`)
  const group = page.getByLabel('Group 1', { exact: true })
  const before = await group.inputValue()
  const named = async () =>
    (await school.classes()).find(({ id }) => id === own!.id)!.groups.map(({ name }) => name)
  await group.fill('Otters')
  await expect.poll(named).toContain('Otters')
  await group.fill('')
  await page
    .getByRole('status')
    .filter({ hasText: /^Not saved: / })
    .waitFor()
  expect(await named()).toContain('Otters')
  // Asked whether to leave, this teacher stays; the browser's own question is answered by no.
  await page.getByRole('link', { name: 'Logbook' }).first().click()
  await page
    .getByRole('status')
    .filter({ hasText: /^Not saved: / })
    .waitFor()
  expect(await group.inputValue()).toBe('')
  await group.fill(before)
  await expect.poll(named).toContain(before)
  await isSaved(page)
})

it('offers its cupboard in a plan, and says where there are too few', async ({ school, open }) => {
  const { cupboard } = await school.school()
  const stick = {
    ...cupboard.find((one) => one.name === 'metre stick')!,
    id: newId(),
    name: 'half metre stick',
    howMany: 2,
  }
  await school.send('PUT', '/api/school/cupboard', { cupboard: [...cupboard, stick] })
  const page = await open(`/lessons/${await school.begin('ball-bounce')}/plan`)
  await chooseWord(page, 'instrument', 'half metre stick')
  await openWord(page, 'instrument')
  await page
    .getByRole('dialog', { name: 'With' })
    .getByText('Only 2 in the cupboard for 6 groups.')
    .last()
    .waitFor()
})

it('plans getting ready over a weekend, on Sunday only where somebody is there', async ({ school, open }) => {
  const id = await school.begin('ball-bounce', '2031-03-17')
  const page = await open(`/lessons/${id}/pack`)
  const before = page.getByLabel('Before the lesson')
  await page.getByRole('button', { name: 'Get ready' }).click()
  await page.getByLabel('Add, like “freeze ice 1 night before”').fill('freeze ice 1 night before')
  await page.keyboard.press('Enter')
  const task = before.getByRole('listitem').filter({ hasText: 'freeze ice' }).nth(0)
  await task.getByText('Fri 14 Mar').waitFor()
  await task.getByText(/2 days early.*weekend.*Keep it/).waitFor()
  await expect.poll(() => school.text(`/api/lessons/${id}/preparing.ics`)).toContain('20310314')
  expect(await school.text(`/api/lessons/${id}/preparing.ics`)).toContain('BEGIN:VCALENDAR')
  await page.goto(`${school.url}/school`)
  await page.getByRole('button', { name: 'Calendar', exact: true }).click()
  await page.getByLabel('Somebody can get things ready at weekends').check()
  expect(await seriousFindings(page)).toEqual([])
  await isSaved(page)
  await page.goto(`${school.url}/lessons/${id}/pack`)
  await page.getByRole('button', { name: 'Get ready' }).click()
  await before.getByText('Sun 16 Mar').waitFor()
})

it('keeps a store cupboard, and reads one in only as a whole', async ({ school, open }) => {
  const page = await open('/school')
  await page.getByRole('button', { name: 'Store cupboard' }).click()
  await page.getByLabel('Add a thing').fill('glorbs')
  await page.keyboard.press('Enter')
  await page.getByLabel('How much glorbs there is').fill('12,5')
  await page.keyboard.press('Tab')
  const amountOf = async (name: string) =>
    (await school.get<{ name: string; amount: number }[]>('/api/school/supplies')).find(
      (one) => one.name === name,
    )?.amount
  await expect.poll(() => amountOf('glorbs')).toBe(12.5)
  await page.getByRole('button', { name: 'Import CSV' }).click()
  const lines = page.getByLabel('Lines', { exact: true })
  await lines.fill('colour\nred')
  await page.getByText('“name” is missing').waitFor()
  await lines.fill('name;amount\nfeather;x')
  await page.getByText('“x” isn’t a number').waitFor()
  expect(await page.getByRole('button', { name: 'Import them' }).isDisabled()).toBe(true)
  await lines.fill('name;amount\nfeather;7')
  await page.getByText('1 new thing').waitFor()
  await page.getByRole('button', { name: 'Import them' }).click()
  await page.getByLabel('How much feather there is').waitFor()
  expect(await amountOf('feather')).toBe(7)
  expect(await seriousFindings(page)).toEqual([])
})

it('loads a shop list, says what is wrong with another one, and can be without', async ({ school, open }) => {
  const page = await open('/school')
  await page.getByRole('button', { name: 'Store cupboard' }).click()
  const list = page.getByRole('region', { name: 'Shop list' })
  await list.getByText(/Packs and prices of \d+ things/).waitFor()
  await list.getByRole('button', { name: 'Import shop list' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Lines').fill('name,pack size,price\ncard,0,6.5')
  await dialog.getByText('Line 2: How much is in a pack?').waitFor()
  await dialog.getByLabel('Lines').fill('name,unit,pack size,price\ncard,sheets,100,"6,50"')
  await dialog.getByRole('button', { name: 'Use this list' }).click()
  await list.getByText('Packs and prices of one thing').waitFor()
  expect(await school.get('/api/school/shop-list')).toEqual([
    { name: 'card', unit: 'sheets', packSize: 100, price: 6.5 },
  ])
  expect(await seriousFindings(page)).toEqual([])
  await list.getByRole('button', { name: 'Empty it' }).click()
  await list.getByText('No shop list yet.').waitFor()
})
