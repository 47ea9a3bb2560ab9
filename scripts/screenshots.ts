import { firstOf, defined } from '#core/defined'
import { mkdirSync } from 'node:fs'
import { chromium } from 'playwright-core'
import { firstTeacher, schoolName } from '../demo/teachers'
import type { ClassDto, LessonSummaryDto } from '../shared/types/api'
import { makeDataFolder } from './makeDataFolder'
import { startServer } from './runServer'
import { buildWhenNeeded } from './build'
import { chromiumArguments, chromiumPath, ensureChromium } from './chromium'

const desk = { width: 1280, height: 800 }
const tablet = { width: 800, height: 1200 }
const phone = { width: 390, height: 844 }

/** The main views, each from the demo school. */
const views: [name: string, path: string, size: { width: number; height: number }][] = [
  ['logbook', '/', desk],
  ['class', '/classes/:class', desk],
  ['school', '/school', desk],
  ['wonder', '/lessons/:towels/wonder', desk],
  ['variables', '/lessons/:towels/plan', desk],
  ['plan', '/lessons/:shadow/plan', desk],
  ['plan-in-time', '/lessons/:jackets/plan?view=time', desk],
  ['pack', '/lessons/:shadow/pack', desk],
  ['test', '/lessons/:grip/test', desk],
  ['tablets', '/lessons/:grip/test', desk],
  ['compare', '/lessons/:bounce/compare', desk],
  ['compare-before-after', '/lessons/:dough/compare', desk],
  ['conclude', '/lessons/:bounce/conclude', desk],
  ['board', '/board/:grip', desk],
  ['board-clock', '/board/:timed', desk],
  ['packing', '/packing/:shadow', phone],
  ['sheet-reading', '/sheet/:grip/:leaf', phone],
  ['tray-cards', '/print/:shadow/trays', tablet],
  ['poster', '/print/:bounce/poster', tablet],
]

ensureChromium()
await buildWhenNeeded()
mkdirSync('docs/screenshots', { recursive: true })
const server = await startServer(await makeDataFolder('demo'))
let cookie = ''
/** What a teacher who is signed in sends and gets. */
async function send<T>(method: string, path: string, body?: object): Promise<T> {
  const answer = await fetch(server.url + path, {
    method,
    headers: { 'content-type': 'application/json', cookie },
    body: body && JSON.stringify(body),
  })
  cookie ||= firstOf((answer.headers.getSetCookie()[0] ?? '').split(';'))
  return (await answer.json()) as T
}
await send('POST', '/api/set-up', { schoolName, teacher: firstTeacher })
const lessons = await send<LessonSummaryDto[]>('GET', '/api/lessons')
const own = firstOf(await send<ClassDto[]>('GET', '/api/classes'))
const titled = (title: string) => defined(lessons.find((lesson) => lesson.title === title)).id
const ids: Record<string, string> = {
  class: own.id,
  leaf: firstOf(own.groups).id,
  bounce: titled('Ball bounce'),
  grip: titled('Which sole grips'),
  shadow: titled('Shadow length'),
  towels: titled('Paper towels'),
  jackets: titled('Jackets for a bottle'),
  dough: titled('Dough in another shape'),
  timed: await lessonOnTheClock(),
}
/** A lesson of bottles whose clock has come to the test. */
async function lessonOnTheClock(): Promise<string> {
  const from = { kind: 'starter', id: 'bottle-jackets' }
  const { id } = await send<{ id: string }>('POST', '/api/lessons', {
    classId: own.id,
    date: '2031-03-10',
    from,
  })
  for (const [version, kind] of ['start', 'next', 'next', 'next'].entries())
    await send('POST', `/api/lessons/${id}/clock`, { act: { kind }, version })
  return id
}
const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArguments })
const [cookieName = '', value = ''] = cookie.split('=')
for (const [name, path, viewport] of views) {
  const page = await browser.newPage({ viewport })
  await page.context().addCookies([{ name: cookieName, value, url: server.url }])
  // As at a second visit, when the faces are there before the words.
  await page.addInitScript(`localStorage.setItem('jolly-beaker-faces', 'yes')`)
  await page.goto(server.url + path.replace(/:(\w+)/g, (_whole, key: string) => defined(ids[key])))
  await page.waitForTimeout(1500)
  if (/^.lessons.*[^r]$/.test(path)) await page.getByText('We keep the same').first().waitFor()
  if (['plan', 'pack', 'test'].includes(name)) await page.getByText('Kitted').first().waitFor()
  if (name === 'plan') await page.getByRole('img', { name: /^Twelve rehearsed classes: 12 / }).waitFor()
  if (name === 'pack') await page.getByText(/battery lamps and have only/).waitFor()
  if (name === 'conclude') await page.getByText('fits what we found').waitFor()
  if (name === 'school') await page.getByRole('button', { name: 'Cupboard of instruments' }).click()
  if (name === 'tablets') {
    await page.getByRole('button', { name: 'Sheets' }).click()
    await page.getByText('None yet.').waitFor()
  }
  if (name === 'packing') await page.getByRole('button', { name: '1 Leaf', exact: true }).first().click()
  if (name === 'variables') {
    await page.getByRole('listitem', { name: /^kind of paper,/ }).press('Enter')
    await page.getByRole('listitem', { name: /^water soaked up,/ }).press('Enter')
    await page.waitForTimeout(600)
  }
  await page.screenshot({ path: `docs/screenshots/${name}.png` })
  await page.close()
}
await browser.close()
await server.stop()
server.forget()
