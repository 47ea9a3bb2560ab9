import { spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect } from 'vitest'
import { briefly, startServer } from '../support/startServer'
import { restoreBackup } from '../../server/database/backup/restoreBackup'
import { seriousFindings } from '../support/browser'
import { dataFolder } from '../support/dataFolder'
import { inOwnSchool } from '../support/inSchool'
import { schoolAt, type School } from '../support/school'

const it = inOwnSchool('demo').extend('elsewhere', ({}, { onCleanup }) => {
  const folder = mkdtempSync(join(tmpdir(), 'jolly-beaker-'))
  onCleanup(() => rmSync(folder, { recursive: true, force: true }))
  return folder
})

const titles = async (school: School) => (await school.lessons()).map((one) => one.title).sort()

it('a backup made by the button comes as one file, with which another machine goes on', async ({
  school,
  open,
  elsewhere,
}) => {
  const page = await open('/school?view=backups')
  const make = page.getByRole('button', { name: 'Make one now and save it' })
  await make.waitFor()
  expect(await seriousFindings(page)).toEqual([])
  const coming = page.waitForEvent('download')
  await make.click()
  const file = join(elsewhere, 'complete.tar')
  await (await coming).saveAs(file)
  await page.getByText('Keep the file on another disk').waitFor()
  const data = join(elsewhere, 'data')
  expect(await restoreBackup(data, file, () => Promise.resolve(true))).toEqual({ before: null })
  const server = await startServer(data)
  const other = schoolAt(server)
  expect(await titles(other)).toEqual(await titles(school))
  const lessons = await Promise.all((await other.lessons()).map(({ id }) => other.lesson(id)))
  const pictures = lessons.flatMap(({ observations }) => observations.flatMap(({ picture }) => picture ?? []))
  const statuses = await Promise.all(
    pictures.map(async (id) => (await fetch(`${other.url}/api/pictures/${id}`)).status),
  )
  await server.stop()
  expect(statuses.length).toBeGreaterThan(0)
  expect(new Set(statuses)).toEqual(new Set([200]))
})

it('the Desk says that the disk is nearly full or the data are damaged, and Sheets do not', async ({
  school,
  open,
}) => {
  const damage = 'Part of the school’s data is damaged and cannot be read: the notes.'
  const nearlyFull = async (path: string) => {
    const page = await open('/classes')
    await page.route('**/api/school/room', (route) =>
      route.fulfill({ json: { free: 612_000_000, low: true, damage } }),
    )
    await page.goto(school.url + path)
    return page
  }
  const id = await school.titled('Ball bounce')
  for (const path of ['/', `/lessons/${id}/test`]) {
    const page = await nearlyFull(path)
    await page.getByText('nearly full: 612 MB are left').waitFor()
    await page.getByRole('alert').getByText(damage).waitFor()
  }
  const sheet = await nearlyFull(`/sheet/${id}`)
  await sheet.getByText('Which group are you?').waitFor()
  expect(await sheet.getByText(/nearly full|damaged/).count()).toBe(0)
})

/** Restores as somebody at the machine does, who types these lines. */
function restore(folder: string, typed: string, ...files: string[]) {
  const { status, stdout, stderr } = spawnSync(
    process.execPath,
    [
      'node_modules/tsx/dist/cli.mjs',
      briefly,
      '--tsconfig',
      'scripts/tsconfig.json',
      'scripts/restore.ts',
      ...files,
    ],
    {
      env: { ...process.env, JOLLY_DATA: folder, DATABASE_URL: '' },
      input: typed,
      encoding: 'utf8',
      timeout: 240_000,
    },
  )
  return { status, said: stdout + stderr }
}

it('npm run restore lists, refuses while the program runs, asks twice, and keeps what was there', async () => {
  const folder = dataFolder('empty')
  const own = await startServer(folder, { environment: { JOLLY_FIRST_BACKUP: '0' } })
  await expect
    .poll(async () => (await (await fetch(`${own.url}/api/school/backups`)).json()) as unknown)
    .toMatchObject({ backups: [{}] })
  const listed = restore(folder, '')
  expect(listed).toMatchObject({ status: 1, said: expect.stringContaining('0 lessons') as string })
  const file = /^(\S+\.tar\.gz) /m.exec(listed.said)![1]!
  expect(restore(folder, 'yes\nyes\n', file).said).toMatch(/is in use by another/)
  await own.stop()
  const before = statSync(join(folder, 'database')).ino
  for (const typed of ['', 'yes\nno\n'])
    expect(restore(folder, typed, file)).toMatchObject({
      status: 0,
      said: expect.stringContaining('Nothing was changed') as string,
    })
  expect(statSync(join(folder, 'database')).ino).toBe(before)
  const done = restore(folder, 'yes\nyes\n', file)
  expect(done).toMatchObject({ status: 0, said: expect.stringContaining('in its place') as string })
  const kept = /is kept in (\S+)\.$/m.exec(done.said)![1]!
  expect(statSync(kept).ino).toBe(before)
  const again = await startServer(folder)
  await again.stop()
  again.forget()
})
