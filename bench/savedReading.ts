import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { newId } from '../core/plan'
import type { ClassDto } from '../shared/types/api'
import { dataFolder, startServer } from '../scripts/runServer'
import { median } from 'simple-statistics'
import { buildWhenNeeded } from '../scripts/build'
import type { Figure } from './figure'

const rounds = 6
const perRound = 48

/** A reading saved through HTTP, checks, transaction and event, against a bare insert of the same row, in turns. */
export async function savedReading(): Promise<Figure[]> {
  buildWhenNeeded()
  const server = await startServer(await dataFolder(true))
  const bareFolder = mkdtempSync(join(tmpdir(), 'jolly-beaker-bare-'))
  const bare = await PGlite.create(bareFolder)
  await bare.exec(
    'create table entries (id uuid primary key, group_id uuid, level_id text, try_number int, fields jsonb, read_with jsonb, taken_at timestamptz)',
  )
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
    const { id } = (await post('/api/lessons', {
      classId: own.id,
      date: '2026-03-09',
      from: { kind: 'starter', id: 'ball-bounce' },
    })) as { id: string }
    await post(`/api/lessons/${id}/safety`, { initials: 'AB', version: 0 })
    for (let index = 0; index < perRound; index++) {
      const slot = {
        groupId: own.groups[index % 6]!.id,
        levelId: ['h25', 'h50', 'h75', 'h100'][Math.floor(index / 6) % 4]!,
        tryNumber: 1 + Math.floor(index / 24),
      }
      const entry = {
        ...slot,
        id: newId(),
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
      route.push(await timed(() => post(`/api/lessons/${id}/entries`, { entries: [entry] })))
      insert.push(
        await timed(() =>
          bare.query('insert into entries values ($1, $2, $3, $4, $5, $6, $7)', [
            entry.id,
            slot.groupId,
            slot.levelId,
            slot.tryNumber,
            entry.fields,
            entry.readWith,
            entry.takenAt,
          ]),
        ),
      )
    }
  }
  await bare.close()
  rmSync(bareFolder, { recursive: true, force: true })
  await server.stop()
  server.forget()
  return [
    {
      name: 'a reading saved through the full route / a bare PGlite insert',
      value: median(route) / median(insert),
      unit: '',
      goal: { most: 5 },
      note: `medians ${median(route).toFixed(2)} ms and ${median(insert).toFixed(2)} ms of ${route.length}`,
    },
  ]
}

async function timed(act: () => Promise<unknown>): Promise<number> {
  const start = performance.now()
  await act()
  return performance.now() - start
}
