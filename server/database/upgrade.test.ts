import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gunzipSync } from 'node:zlib'
import { sql } from 'drizzle-orm'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { scoresOf } from '#core/comparison'
import { planFormat } from '#core/plan'
import type { LessonDto } from '#shared/types/api'
import { planSchema, validate } from '#shared/schemas'
import { examplePlan } from '../../core/testing/examplePlan'
import { getInvestigationPlan } from '../queries/investigations'
import { getLesson } from '../queries/lessons'
import { bareDatabaseIn, emptySchoolIn } from '../testing/emptySchool'
import { openDatabase } from './client'
import type { Database, OpenDatabase } from './database'
import { openUnsynced } from './embedded/databaseFiles'
import { openEmbedded } from './embedded/openEmbedded'
import { DataTooOld } from './problems'

const keptFolder = 'server/database/kept'
const migrationsFolder = 'server/database/migrations'

interface KeptData {
  /** How many migrations there were. */
  migrations: number
  tables: Record<string, Record<string, unknown>[]>
}

let folder: string
beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'jolly-beaker-'))))
afterEach(() => rmSync(folder, { recursive: true, force: true }))

const readKept = (file: string): KeptData =>
  JSON.parse(gunzipSync(readFileSync(join(keptFolder, file))).toString()) as KeptData

/** The folder as that version left it: with its tables only, and the rows that it wrote. */
async function openAsItWas({ migrations, tables }: KeptData): Promise<OpenDatabase> {
  const early = join(folder, 'early')
  cpSync(migrationsFolder, early, { recursive: true })
  const journal = join(early, 'meta', '_journal.json')
  const list = JSON.parse(readFileSync(journal, 'utf8')) as { entries: unknown[] }
  writeFileSync(journal, JSON.stringify({ ...list, entries: list.entries.slice(0, migrations) }))
  await bareDatabaseIn(join(folder, 'data'))
  const opened = await openEmbedded(join(folder, 'data'), early)
  await opened.db.transaction(async (tx) => {
    // Rows may come before those they point at.
    await tx.execute(sql`set local session_replication_role = replica`)
    for (const [name, rows] of Object.entries(tables))
      await tx.execute(
        sql`insert into ${sql.identifier(name)} select * from jsonb_populate_recordset(null::${sql.identifier(name)}, ${JSON.stringify(rows)}::jsonb)`,
      )
  })
  return opened
}

const openNow = () => openDatabase({ folder: join(folder, 'data') })

const lessonsIn = async (db: Database, { tables }: KeptData): Promise<LessonDto[]> =>
  Promise.all(tables.lessons!.map(({ id }) => getLesson(db, id as string)))

describe.each(readdirSync(keptFolder))('the demo school of %s', (file) => {
  it('opens with every lesson, plan, reading and prediction that it had', async () => {
    const kept = readKept(file)
    await (await openAsItWas(kept)).close()
    const after = await openNow()
    const lessons = await lessonsIn(after.db, kept)
    await after.close()
    const { entries, predictions, observations } = kept.tables
    expect(lessons.flatMap((one) => one.entries)).toHaveLength(entries!.length)
    expect(lessons.flatMap((one) => one.predictions)).toHaveLength(predictions!.length)
    expect(lessons.flatMap((one) => one.observations)).toHaveLength(observations!.length)
    expect(lessons.every(({ plan }) => validate(planSchema, plan).ok)).toBe(true)
    expect(
      lessons.filter(({ plan, entries: read }) => scoresOf(plan, read).length > 0).length,
    ).toBeGreaterThan(8)
  })
})

describe('a folder from before version 0.2.0', () => {
  /** The tables as the versions before 0.2.0 left them; `last` is when the last change was made to them. */
  async function openEarly(last: number): Promise<{ kept: KeptData; early: OpenDatabase }> {
    const kept = readKept('0.2.0.json.gz')
    const early = await openAsItWas(kept)
    for (const change of [
      sql`alter table lessons drop column saves, drop column finished_at`,
      sql`alter table predictions drop constraint predictions_lesson_id_group_id_seat_step_pk`,
      sql`alter table predictions drop column step, drop column known`,
      sql`alter table predictions add constraint predictions_lesson_id_group_id_seat_pk primary key (lesson_id, group_id, seat)`,
      sql`alter table school drop column offers`,
      sql`update drizzle.__drizzle_migrations set created_at = ${last}`,
    ])
      await early.db.execute(change)
    return { kept, early }
  }

  it('gets the tables of now, keeps what it had, and counts lessons that are over as tested', async () => {
    const { kept, early } = await openEarly(Date.UTC(2026, 10, 27))
    const [past] = (await early.db.execute(
      sql`update lessons set date = '2026-03-09' where id = (select lesson_id from entries limit 1) returning id`,
    )) as unknown as { id: string }[]
    await early.close()
    const after = await openNow()
    const lessons = await lessonsIn(after.db, kept)
    await after.close()
    expect(lessons.flatMap((one) => one.entries)).toHaveLength(kept.tables.entries!.length)
    expect(lessons.flatMap((one) => one.predictions).map((one) => one.step)).toEqual(
      kept.tables.predictions!.map(() => 'before'),
    )
    const over = lessons.find((one) => one.id === past!.id)
    expect(over!.finishedAt).toBe(
      over!.entries
        .map((one) => one.takenAt)
        .sort()
        .at(-1),
    )
    // Once more: now there is nothing left to change.
    await (await openNow()).close()
  })

  it('of the first weeks is refused with what to do, and nothing in it is changed', async () => {
    const { early } = await openEarly(Date.UTC(2026, 10, 24))
    await early.close()
    const refusal: unknown = await openNow().catch((error: unknown) => error)
    expect(refusal).toBeInstanceOf(DataTooOld)
    expect((refusal as Error).message).toMatch(/Nothing was changed.*version 0\.1\.0/)
    const files = await openUnsynced(join(folder, 'data', 'database'))
    const { rows } = await files.query(
      `select 1 from information_schema.columns where column_name = 'offers'`,
    )
    await files.close()
    expect(rows).toEqual([])
  })
})

it('a plan from before plans said their format is read as one of now', async () => {
  await emptySchoolIn(folder)
  const opened = await openDatabase({ folder })
  const { formatVersion: _now, ideas: _ideas, ...early } = examplePlan()
  const id = crypto.randomUUID()
  await opened.db.execute(
    sql`insert into investigations (id, plan) values (${id}, ${JSON.stringify(early)}::jsonb)`,
  )
  expect(await getInvestigationPlan(opened.db, id)).toEqual({ ...examplePlan(), comparison: 'levels' })
  await opened.close()
})

it('a plan of a later program is refused', () => {
  const later = validate(planSchema, { ...examplePlan(), formatVersion: planFormat + 1 })
  expect(!later.ok && later.fields[0]?.message).toMatch(/newer/)
})
