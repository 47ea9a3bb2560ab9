import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { newId } from '#core/plan'
import type { Entry } from '#core/entries'
import type { LessonDto } from '#shared/types/api'
import { openDatabase, setDatabase } from '../../database/client'
import type { OpenDatabase } from '../../database/database'
import { anEmptySchool } from '../../testing/emptySchool'
import { classInput, sentEntry } from '../../testing/examples'
import { createClass } from '../classes'
import { createLesson, getLesson, listLessons } from '../lessons'
import { savePlan } from '../plans'
import { confirmSafety } from '../safety'
import { getWeek } from '../week'
import { lastRead } from './openLesson'
import { addEntries } from '.'

let opened: OpenDatabase
beforeAll(async () => {
  opened = await openDatabase(await anEmptySchool())
  setDatabase(opened)
})
afterAll(async () => {
  setDatabase(null)
  await opened.close()
})

async function lessonReady(): Promise<LessonDto> {
  const own = await createClass(opened.db, classInput())
  const id = await createLesson(opened.db, own.id, '2026-03-09', { kind: 'starter', id: 'ball-bounce' })
  await confirmSafety(opened.db, id, 'AB', 0)
  return getLesson(opened.db, id)
}

const give = 3

/** How often the database answered meanwhile: a few times for a statement, give or take how its bytes are cut. */
async function asked(act: () => Promise<unknown>): Promise<number> {
  const before = opened.answers()
  await act()
  return opened.answers() - before
}

const add = (lesson: LessonDto, ...entries: Entry[]) => addEntries(opened.db, lesson.id, entries)
const kept = async ({ id }: LessonDto) => (await getLesson(opened.db, id)).entries.map((entry) => entry.id)

describe('entries that come at once', () => {
  it('are written together, whatever their lesson, with one event for each lesson', async () => {
    const lessons = [await lessonReady(), await lessonReady(), await lessonReady()]
    // Of each lesson something is known before.
    for (const lesson of lessons) await add(lesson, sentEntry(lesson))
    const alone = await asked(() => add(lessons[0]!, sentEntry(lessons[0]!)))
    const posts = lessons.flatMap((lesson) =>
      Array.from({ length: 20 }, () => [lesson, sentEntry(lesson)] as const),
    )
    const together = await asked(() => Promise.all(posts.map(([lesson, entry]) => add(lesson, entry))))
    // The first goes by itself, since nobody was there yet; all the others go together.
    expect(together).toBeLessThanOrEqual(2 * alone + give)
    expect((await getLesson(opened.db, lessons[1]!.id)).seq).toBe(lessons[1]!.seq + 2)
  })

  it('cost the same however much the lesson holds', async () => {
    const lesson = await lessonReady()
    await add(lesson, sentEntry(lesson))
    const before = await asked(() => add(lesson, sentEntry(lesson)))
    for (let round = 0; round < 10; round++)
      await add(lesson, ...Array.from({ length: 100 }, () => sentEntry(lesson)))
    expect(await asked(() => add(lesson, sentEntry(lesson)))).toBeLessThanOrEqual(before + give)
  })

  it('are no more than a lesson can use, whether or not it was just read', async () => {
    const lesson = await lessonReady()
    const all = Array.from({ length: 1999 }, () => sentEntry(lesson))
    for (let from = 0; from < all.length; from += 400) await add(lesson, ...all.slice(from, from + 400))
    const last = sentEntry(lesson)
    await add(lesson, last)
    await expect(add(lesson, sentEntry(lesson))).rejects.toThrow(
      'This lesson has room for 2,000 entries and has 2,000 already. What you typed stays on this device',
    )
    // What arrived before is harmless once more.
    expect(await add(lesson, last)).toEqual([])
    lastRead.forget(opened.db, lesson.id)
    await expect(add(lesson, sentEntry(lesson))).rejects.toMatchObject({ code: 'conflict' })
    expect((await kept(lesson)).length).toBe(2000)
  })

  it('fail by themselves: the others are kept, each lesson in its order', async () => {
    const [lesson, other] = [await lessonReady(), await lessonReady()]
    const known = sentEntry(lesson)
    await add(lesson, known)
    const strange = sentEntry(lesson, { groupId: newId() })
    const good = Array.from({ length: 6 }, () => sentEntry(lesson))
    const answers = await Promise.allSettled([
      add(lesson, good[0]!),
      add(lesson, good[1]!),
      add(lesson, known),
      add(other, sentEntry(other)),
      add(lesson, strange),
      addEntries(opened.db, newId(), [sentEntry(lesson)]),
      add(lesson, good[2]!, good[3]!),
      add(lesson, good[4]!, { ...good[4]!, id: known.id, tryNumber: 3 }),
      add(lesson, good[5]!),
    ])
    expect(answers.map(({ status }) => status === 'fulfilled')).toEqual([
      ...[true, true, true, true],
      ...[false, false, true, false, true],
    ])
    expect(await kept(lesson)).toEqual(
      [known, ...[0, 1, 2, 3, 5].map((index) => good[index]!)].map((entry) => entry.id),
    )
    expect(await kept(other)).toHaveLength(1)
  })

  it('twice are kept once', async () => {
    const lesson = await lessonReady()
    const entry = sentEntry(lesson)
    await Promise.all([
      add(lesson, entry),
      add(lesson, entry),
      add(lesson, sentEntry(lesson)),
      add(lesson, entry),
    ])
    expect((await kept(lesson)).filter((id) => id === entry.id)).toHaveLength(1)
    expect(await kept(lesson)).toHaveLength(2)
  })

  it('are read by the plan that stands, whatever was known of the lesson', async () => {
    const lesson = await lessonReady()
    await add(lesson, sentEntry(lesson))
    const [gone, ...levels] = lesson.plan.levels
    await add(lesson, { ...sentEntry(lesson), levelId: levels[0]!.id })
    const empty = await lessonReady()
    await add(empty, { ...sentEntry(empty), levelId: levels[0]!.id })
    await savePlan(opened.db, empty.id, { plan: { ...empty.plan, levels }, version: empty.planVersion })
    await expect(add(empty, { ...sentEntry(empty), levelId: gone!.id })).rejects.toThrow(
      'no longer in the plan',
    )
    await expect(add(empty, { ...sentEntry(empty), levelId: levels[0]!.id })).resolves.toHaveLength(1)
  })
})

it.each([
  ['the logbook', () => listLessons(opened.db, undefined)],
  ['the week', () => getWeek(opened.db, '2026-03-09', undefined)],
])('%s takes as many statements for many lessons as for one', async (_name, list) => {
  const own = await createClass(opened.db, classInput())
  const lesson = await lessonReady()
  await add(lesson, sentEntry(lesson))
  const few = await asked(list)
  for (let index = 0; index < 12; index++)
    await createLesson(opened.db, own.id, '2026-03-10', { kind: 'lesson', id: lesson.id })
  expect(await asked(list)).toBeLessThanOrEqual(few + give)
})
