import { spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterEach, beforeEach, expect, it } from 'vitest'
import { openDatabase } from '../server/database/client'
import { schoolAccess } from '../server/queries/people/schoolAccess'
import { addTeacher, findTeacher } from '../server/queries/people/teachers'
import { emptySchoolIn } from '../server/testing/emptySchool'

let folder: string
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'jolly-beaker-'))
  await emptySchoolIn(folder)
})
afterEach(() => rmSync(folder, { recursive: true, force: true }))

/** Runs the command as whoever looks after the machine does. */
const run = (typed: string, ...name: string[]) =>
  spawnSync(
    process.execPath,
    [
      'node_modules/tsx/dist/cli.mjs',
      '--tsconfig',
      'scripts/tsconfig.json',
      'scripts/passphrase.ts',
      ...name,
    ],
    { env: { ...process.env, JOLLY_DATA: folder, DATABASE_URL: '' }, input: typed, encoding: 'utf8' },
  )

it('makes the first teacher of a school without a screen, and gives one who has forgotten it another passphrase', async () => {
  expect(run('apple pencil window\n', 'Ms', 'Thorne')).toMatchObject({ status: 0 })
  const first = await openDatabase({ folder })
  expect((await schoolAccess(first.db)).signIn).toBe('on')
  expect(await findTeacher(first.db, 'Ms Thorne', 'apple pencil window')).toMatchObject({ role: 'admin' })
  await addTeacher(first.db, { name: 'Mr Ashby', passphrase: 'kettle meadow seven', role: 'teacher' })
  await first.close()
  expect(run('seven green ladders\n', 'mr ashby')).toMatchObject({ status: 0 })
  const second = await openDatabase({ folder })
  expect(await findTeacher(second.db, 'Mr Ashby', 'kettle meadow seven')).toBeNull()
  expect(await findTeacher(second.db, 'Mr Ashby', 'seven green ladders')).toMatchObject({ role: 'admin' })
  await second.close()
})

it('says what is wrong and changes nothing', async () => {
  expect(run('', '').stderr).toContain('Say whose')
  const short = run('short\n', 'Ms Thorne')
  expect([short.status, short.stderr]).toEqual([1, expect.stringContaining('at least 12 letters')])
  const opened = await openDatabase({ folder })
  expect((await schoolAccess(opened.db)).signIn).toBeNull()
  expect(run('apple pencil window\n', 'Ms Thorne').stderr).toContain('is in use by another Jolly Beaker')
  await opened.close()
})
