import { sql } from 'drizzle-orm'
import { median } from 'simple-statistics'
import { newId } from '../core/plan'
import type { Entry } from '../core/entries'
import { buildWhenNeeded } from '../scripts/build'
import { makeDataFolder } from '../scripts/makeDataFolder'
import { startServer } from '../scripts/runServer'
import { openDatabase, setDatabase } from '../server/database/client'
import type { Database } from '../server/database/database'
import { entries } from '../server/database/schema'
import { listClasses } from '../server/queries/classes'
import { createLesson, getLesson } from '../server/queries/lessons'
import { confirmSafety } from '../server/queries/safety'
import type { Figure } from './figure'

const histories = [0, 400, 2000, 8000]
const oneByOne = 240
const atOnce = { senders: 32, each: 40 }
const day = '2026-03-09'

interface Place {
  lessonId: string
  groupIds: string[]
}

/**
 * A reading saved through HTTP, checks, one statement and the event, against a bare insert of the same row with its own commit: through
 * the same driver and the same kind of thread, into the same table in a folder of its own, synced as the server's is. By how much the
 * lesson holds already; and with many senders at once, by time for each reading.
 */
export async function savedReading(): Promise<Figure[]> {
  await buildWhenNeeded()
  const [folder, bareFolder] = [await makeDataFolder('demo'), await makeDataFolder('demo')]
  const places = await withDatabase(folder, (db) => lessonsOf(db, histories))
  const bare = await openDatabase({ folder: bareFolder })
  const [bareAt] = await lessonsOf(bare.db, [0])
  const server = await startServer(folder)
  const insert = () => bare.db.insert(entries).values(rowAt(bareAt!))
  const post = (at: Place) => send(server.url, at)
  const figures: Figure[] = []
  for (const [index, at] of places.entries())
    figures.push(await oneAfterAnother(histories[index]!, () => post(at), insert))
  figures.push(await manyAtOnce(() => post(places[0]!), insert))
  await bare.close()
  await server.stop()
  server.forget()
  return figures
}

async function oneAfterAnother(
  history: number,
  post: () => Promise<unknown>,
  insert: () => Promise<unknown>,
): Promise<Figure> {
  const [route, direct]: [number[], number[]] = [[], []]
  // In turns, so that whatever else the machine does meets both; the first few warm both up.
  for (let index = -20; index < oneByOne; index++) {
    const [posted, inserted] = [await timed(post), await timed(insert)]
    if (index < 0) continue
    route.push(posted)
    direct.push(inserted)
  }
  return {
    name: `a reading through the full route / a bare insert of its row, ${history} in the lesson`,
    value: median(route) / median(direct),
    unit: '',
    goal: { most: 3 },
    note: `medians ${median(route).toFixed(2)} ms and ${median(direct).toFixed(2)} ms of ${oneByOne}`,
  }
}

async function manyAtOnce(post: () => Promise<unknown>, insert: () => Promise<unknown>): Promise<Figure> {
  const { senders, each } = atOnce
  const rounds: { route: number; direct: number }[] = []
  const together = (act: () => Promise<unknown>) =>
    timed(() =>
      Promise.all(
        Array.from({ length: senders }, async () => {
          for (let index = 0; index < each; index++) await act()
        }),
      ),
    )
  for (let round = 0; round < 4; round++)
    rounds.push({ route: await together(post), direct: await together(insert) })
  // The first round warms both up.
  const [route, direct] = (['route', 'direct'] as const).map(
    (which) => median(rounds.slice(1).map((round) => round[which])) / (senders * each),
  ) as [number, number]
  return {
    name: `the same with ${senders} at once, by time for each`,
    value: route / direct,
    unit: '',
    goal: { most: 1.5 },
    note: `${route.toFixed(2)} ms and ${direct.toFixed(2)} ms for each of ${senders * each}`,
  }
}

async function withDatabase<T>(folder: string, act: (db: Database) => Promise<T>): Promise<T> {
  const opened = await openDatabase({ folder })
  setDatabase(opened)
  try {
    return await act(opened.db)
  } finally {
    setDatabase(null)
    await opened.close()
  }
}

/** Lessons that may be tested, with so many entries each. */
async function lessonsOf(db: Database, counts: readonly number[]): Promise<Place[]> {
  const [own] = await listClasses(db, undefined)
  const places: Place[] = []
  for (const count of counts) {
    const lessonId = await createLesson(db, own!.id, day, { kind: 'starter', id: 'ball-bounce' })
    const { planVersion } = await getLesson(db, lessonId)
    await confirmSafety(db, lessonId, 'AB', planVersion)
    const at = { lessonId, groupIds: own!.groups.map((group) => group.id) }
    for (let done = 0; done < count; done += 200) {
      const rows = Array.from({ length: 200 }, () => rowAt(at))
      await db.insert(entries).values(rows)
      await db.execute(sql`
        with next as (update lessons set seq = seq + 1 where id = ${lessonId} returning id, seq)
        insert into events (lesson_id, seq, event)
        select id, seq, jsonb_build_object('kind', 'entries', 'entries', ${JSON.stringify(rows)}::jsonb, 'seq', seq) from next`)
    }
    places.push(at)
  }
  return places
}

let made = 0
function entryAt({ groupIds }: Place): Entry {
  const index = made++
  return {
    id: newId(),
    groupId: groupIds[index % groupIds.length]!,
    levelId: ['h25', 'h50', 'h75', 'h100'][Math.floor(index / groupIds.length) % 4]!,
    tryNumber: 1 + (Math.floor(index / 24) % 10),
    moment: '',
    fields: { value: { typed: '10', given: 'typed', value: 10 } },
    note: '',
    readWith: { instrument: 'metre stick', unit: 'cm', mark: 1 },
    status: 'counted',
    reason: '',
    source: 'sheet',
    takenAt: new Date().toISOString(),
    supersedes: null,
  }
}

function rowAt(at: Place) {
  const entry = entryAt(at)
  return { ...entry, lessonId: at.lessonId, takenAt: new Date(entry.takenAt) }
}

async function send(url: string, at: Place): Promise<void> {
  const answer = await fetch(`${url}/api/lessons/${at.lessonId}/entries`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ entries: [entryAt(at)] }),
  })
  if (!answer.ok) throw new Error(await answer.text())
  await answer.arrayBuffer()
}

async function timed(act: () => Promise<unknown>): Promise<number> {
  const start = performance.now()
  await act()
  return performance.now() - start
}
