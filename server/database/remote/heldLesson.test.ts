// @module-tag postgres: only a server has several programs
import { eq } from 'drizzle-orm'
import { afterAll, beforeAll, expect, it } from 'vitest'
import type { LessonDto } from '#shared/types/api'
import { createClass } from '../../queries/classes'
import { addEntries } from '../../queries/entries'
import { createLesson, getLesson } from '../../queries/lessons'
import { confirmSafety } from '../../queries/safety'
import { anEmptySchool } from '../../testing/emptySchool'
import { classInput, sentEntry } from '../../testing/examples'
import { openDatabase } from '../client'
import type { OpenDatabase } from '../database'
import { lessons } from '../schema'

// Several programs on one server of PostgreSQL write to the same lessons.

let programs: [OpenDatabase, OpenDatabase]
beforeAll(async () => {
  const settings = await anEmptySchool()
  programs = [await openDatabase(settings), await openDatabase(settings)]
})
afterAll(() => Promise.all(programs.map((one) => one.close())))

async function lessonReady(): Promise<LessonDto> {
  const [{ db }] = programs
  const own = await createClass(db, classInput())
  const id = await createLesson(db, own.id, '2026-03-09', { kind: 'starter', id: 'ball-bounce' })
  await confirmSafety(db, id, 'AB', 0)
  return getLesson(db, id)
}

it('readings of one lesson wait for whoever holds it, and those of others do not', async () => {
  const [one, other] = programs
  const [held, free] = [await lessonReady(), await lessonReady()]
  let release = () => {}
  const releasing = new Promise<void>((done) => (release = done))
  let holds = () => {}
  const holding = new Promise<void>((done) => (holds = done))
  const holder = other.db.transaction(async (tx) => {
    await tx.select().from(lessons).where(eq(lessons.id, held.id)).for('update')
    holds()
    await releasing
  })
  await holding
  const done: string[] = []
  const waiting = addEntries(one.db, held.id, [sentEntry(held)]).then(() => done.push('held'))
  for (let count = 1; count <= 5; count++) {
    await addEntries(one.db, free.id, [sentEntry(free)])
    done.push('free')
  }
  expect(done).toEqual(Array<string>(5).fill('free'))
  release()
  await Promise.all([waiting, holder])
  expect((await getLesson(one.db, held.id)).entries).toHaveLength(1)
})

it('two programs that write to the same lessons at once keep every entry, and tell each once and in order', async () => {
  const both = [await lessonReady(), await lessonReady(), await lessonReady()]
  await Promise.all(
    programs.flatMap(({ db }) =>
      Array.from({ length: 40 }, (_, index) => {
        const lesson = both[index % both.length]!
        return addEntries(db, lesson.id, [sentEntry(lesson)])
      }),
    ),
  )
  const [{ db }] = programs
  for (const { id, seq } of both) {
    const { entries } = await getLesson(db, id)
    const told = await db.query.events.findMany({
      where: (events, { eq }) => eq(events.lessonId, id),
      orderBy: (events, { asc }) => asc(events.seq),
    })
    const news = told.filter((one) => one.seq > seq)
    expect(news.map((one) => one.seq)).toEqual(news.map((_, index) => seq + 1 + index))
    const named = news.flatMap(({ event }) =>
      event.kind === 'entries' ? event.entries.map((one) => one.id) : [],
    )
    expect(new Set(named)).toEqual(new Set(entries.map((entry) => entry.id)))
    expect(named).toHaveLength(entries.length)
  }
  const total = await Promise.all(both.map(async ({ id }) => (await getLesson(db, id)).entries.length))
  expect(total.reduce((sum, one) => sum + one, 0)).toBe(80)
})
