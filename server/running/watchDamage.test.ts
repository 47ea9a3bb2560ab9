import { mkdtempSync, openSync, closeSync, rmSync, truncateSync, writeSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { sql } from 'drizzle-orm'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { hourlyBackups } from '../database/backup/hourlyBackups'
import { openDatabase } from '../database/client'
import { lookThrough, type Damage } from '../database/lookThrough'
import { toApiError } from '../http/defineRoute'
import { createClass, listClasses } from '../queries/classes'
import { classInput } from '../testing/examples'
import { emptySchoolIn } from '../testing/emptySchool'
import { watchDamage } from './watchDamage'

let folder: string
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'jolly-beaker-'))
  await emptySchoolIn(folder)
})
afterEach(() => {
  vi.restoreAllMocks()
  rmSync(folder, { recursive: true, force: true })
})

const damagesOf = async (opened: Awaited<ReturnType<typeof openDatabase>>) => {
  const found: Damage[] = []
  for await (const damage of lookThrough(opened.db)) if (damage) found.push(damage)
  return found
}

/** A school with a class, whose file is then changed as a dying disk does. */
async function withDamage(change: (file: string) => void) {
  const before = await openDatabase({ folder })
  await createClass(before.db, classInput({ name: 'Kestrel' }))
  expect(await damagesOf(before)).toEqual([])
  const [row] = (await before.db.execute(sql`select pg_relation_filepath('classes') as path`)) as unknown as {
    path: string
  }[]
  await before.close()
  change(join(folder, 'database', row!.path))
  return openDatabase({ folder })
}

it.each<[what: string, change: (file: string) => void]>([
  [
    'a page whose bytes have changed',
    (file) => {
      const opened = openSync(file, 'r+')
      writeSync(opened, 'x'.repeat(40), 8100)
      closeSync(opened)
    },
  ],
  ['a file that is gone', (file) => rmSync(file)],
])('%s is named at the start, with what to do, and the rest can be read', async (_what, change) => {
  const log = vi.spyOn(console, 'error').mockImplementation(() => {})
  const opened = await withDamage(change)
  const watch = await watchDamage(opened)
  expect(watch.said()).toMatch(/damaged and cannot be read: the classes\..*npm run restore$/)
  expect(log.mock.calls[0]).toEqual([watch.said()])
  const refused: unknown = await listClasses(opened.db, undefined).catch((error: unknown) => error)
  expect(toApiError(refused)).toMatchObject({
    code: 'failed',
    message: expect.stringMatching(/is damaged, so we can’t read it.*npm run restore/) as string,
  })
  const backups = hourlyBackups(opened, watch.said)!
  await expect(backups.make()).rejects.toThrow('We’ve stopped making backups')
  backups.stop()
  watch.stop()
  await opened.close()
})

it('a file that was cut to nothing is named too, although no page in it is wrong', async () => {
  vi.spyOn(console, 'error').mockImplementation(() => {})
  const opened = await withDamage((file) => truncateSync(file))
  const watch = await watchDamage(opened)
  expect(watch.said()).toMatch(/damaged and cannot be read: the classes\./)
  watch.stop()
  await opened.close()
})

it.each([
  ['53100', /disk of the school’s machine is full/],
  ['ENOSPC', /disk of the school’s machine is full/],
  ['57014', /taking too long to answer/],
  ['22000', /Something went wrong/],
])('a fault %s is told in its own words', (code, words) => {
  vi.spyOn(console, 'error').mockImplementation(() => {})
  const fault = Object.assign(new Error('in the database’s own words'), { code })
  expect(toApiError(new Error('a query', { cause: fault })).message).toMatch(words)
})
