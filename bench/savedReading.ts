import { newId } from '../core/plan'
import type { Entry } from '../core/record'
import type { ClassDto } from '../shared/types/api'
import { openDatabase } from '../server/database/client'
import { entries } from '../server/database/schema'
import { createLesson } from '../server/queries/lessons'
import { listClasses } from '../server/queries/classes'
import { dataFolder, startServer } from '../scripts/runServer'
import { median } from 'simple-statistics'
import { buildWhenNeeded } from '../scripts/build'
import type { Figure } from './figure'

const rounds = 6
const perRound = 48
const day = '2026-03-09'
const from = { kind: 'starter', id: 'ball-bounce' } as const

/**
 * A reading saved through HTTP, checks, transaction and event, against a bare insert of the same row, in turns: through the same driver,
 * into the same table in a folder of its own, synced as the server's is.
 */
export async function savedReading(): Promise<Figure[]> {
  buildWhenNeeded()
  const server = await startServer(await dataFolder(true))
  const bare = await openDatabase({ folder: await dataFolder(true) })
  const bareGroups = (await listClasses(bare.db))[0]!.groups
  const own = ((await (await fetch(`${server.url}/api/classes`)).json()) as ClassDto[])[0]!
  const post = async (path: string, body: unknown) => {
    const answer = await fetch(server.url + path, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    })
    if (!answer.ok) throw new Error(await answer.text())
    return answer.json()
  }
  const route: number[] = []
  const insert: number[] = []
  for (let round = 0; round < rounds; round++) {
    const { id } = (await post('/api/lessons', { classId: own.id, date: day, from })) as { id: string }
    await post(`/api/lessons/${id}/safety`, { initials: 'AB', version: 0 })
    const lessonId = await createLesson(bare.db, (await listClasses(bare.db))[0]!.id, day, from)
    for (let index = 0; index < perRound; index++) {
      const entry = entryAt(index, own.groups[index % 6]!.id)
      route.push(await timed(() => post(`/api/lessons/${id}/entries`, { entries: [entry] })))
      const row = {
        ...entry,
        lessonId,
        groupId: bareGroups[index % 6]!.id,
        takenAt: new Date(entry.takenAt),
      }
      insert.push(await timed(() => bare.db.insert(entries).values(row)))
    }
  }
  await bare.close()
  await server.stop()
  server.forget()
  return [
    {
      name: 'a reading saved through the full route / a bare insert of its row',
      value: median(route) / median(insert),
      unit: '',
      goal: { most: 5 },
      note: `medians ${median(route).toFixed(2)} ms and ${median(insert).toFixed(2)} ms of ${route.length}`,
    },
  ]
}

function entryAt(index: number, groupId: string): Entry {
  return {
    id: newId(),
    groupId,
    levelId: ['h25', 'h50', 'h75', 'h100'][Math.floor(index / 6) % 4]!,
    tryNumber: 1 + Math.floor(index / 24),
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

async function timed(act: () => Promise<unknown>): Promise<number> {
  const start = performance.now()
  await act()
  return performance.now() - start
}
