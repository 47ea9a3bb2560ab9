import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, it, vi } from 'vitest'
import { firstTeacher } from '../demo/teachers'
import { openDatabase } from '../server/database/client'
import { listLessons } from '../server/queries/lessons'
import { findTeacher, listTeachers } from '../server/queries/people/teachers'
import { makeDemoSchool } from './demoSchool'

it('the demo begins anew when asked, and its teacher can sign in with what its first page says', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'jolly-beaker-'))
  vi.stubEnv('JOLLY_DATA', folder)
  vi.stubEnv('JOLLY_DEMO', '')
  vi.spyOn(console, 'log').mockReturnValue()
  for (const fresh of [false, false, true]) {
    await makeDemoSchool(folder, fresh)
    const opened = await openDatabase({ folder })
    const [name = '', passphrase = ''] = process.env.JOLLY_DEMO!.split('/')
    expect([name, passphrase]).toEqual([firstTeacher.name, firstTeacher.passphrase])
    expect(await findTeacher(opened.db, name, passphrase)).toMatchObject({ role: 'admin' })
    expect(await listTeachers(opened.db)).toHaveLength(2)
    expect((await listLessons(opened.db, undefined)).length).toBeGreaterThan(5)
    await opened.close()
  }
  vi.unstubAllEnvs()
  vi.restoreAllMocks()
  rmSync(folder, { recursive: true, force: true })
})
