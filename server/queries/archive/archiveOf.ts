import { inArray } from 'drizzle-orm'
import { archiveFormat, archiveVersion, type ArchivedTest, type LessonArchive } from '#core/archive'
import { upgradeConclusion } from '#core/conclusion'
import { picturesIn } from '#core/format'
import { planFormat } from '#core/plan'
import type { PictureType } from '#shared/types/api'
import type { Database } from '../../database/database'
import { pictures } from '../../database/schema'
import { getClass } from '../classes'
import { entriesOf } from '../entries'
import { familyOf, type LessonRow } from '../lessonRow'
import { notesOf } from '../notes'
import { observationsOf } from '../observations'
import { predictionsOf } from '../predictions'
import { reviewsOf } from '../reviews'

/** A whole lesson with its parts as it is at one moment, to be kept as a file; asked for by any of its tests. */
export async function archiveOf(db: Database, lessonId: string, now = new Date()): Promise<LessonArchive> {
  return db.transaction(
    async (tx) => {
      const family = await familyOf(tx, lessonId)
      const { id, name, ageBand, vocabulary, groups, pupils } = await getClass(tx, family[0].classId, true)
      const tests: ArchivedTest[] = []
      for (const row of family) tests.push(await testOf(tx, row))
      return {
        format: archiveFormat,
        version: archiveVersion,
        planVersion: planFormat,
        writtenAt: now.toISOString(),
        class: { id, name, ageBand, vocabulary, groups, pupils },
        tests,
        pictures: await kindsOf(tx, tests.flatMap(picturesNamed)),
      }
    },
    { isolationLevel: 'repeatable read' },
  )
}

async function testOf(tx: Database, row: LessonRow): Promise<ArchivedTest> {
  const { id, date, stage, finishedAt, groupIds, stimulus, plan, conclusion, clock, absent } = row
  return {
    ...{ id, date, stage, groupIds, stimulus, plan, absent },
    finishedAt: finishedAt?.toISOString() ?? null,
    notes: await notesOf(tx, id),
    conclusion: upgradeConclusion(plan, conclusion),
    predictions: await predictionsOf(tx, id),
    entries: await entriesOf(tx, id),
    observations: await observationsOf(tx, id),
    reviews: await reviewsOf(tx, id),
    // One that runs has nothing to say on another day.
    clock: clock?.ended ? clock : null,
  }
}

const picturesNamed = ({ plan, stimulus, observations }: ArchivedTest): string[] => [
  ...picturesIn(plan),
  ...[stimulus, ...observations].flatMap(({ picture }) => picture ?? []),
]

const kindOf = { 'image/jpeg': 'jpg', 'image/png': 'png', 'image/webp': 'webp' } as const satisfies Record<
  PictureType,
  string
>

async function kindsOf(tx: Database, ids: string[]): Promise<LessonArchive['pictures']> {
  if (ids.length === 0) return {}
  const rows = await tx
    .select({ id: pictures.id, type: pictures.type })
    .from(pictures)
    .where(inArray(pictures.id, ids))
  return Object.fromEntries(rows.map(({ id, type }) => [id, kindOf[type]]))
}
