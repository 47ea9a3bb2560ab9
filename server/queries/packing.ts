import { defined } from '#core/defined'
import { and, eq } from 'drizzle-orm'
import { countBack, needsOf, takenFor, withInstruments, type CountedLine, type LineCount } from '#core/kit'
import type { TickDto } from '#shared/types/api'
import type { Database } from '../database/database'
import { kitCounts, packingTicks } from '../database/schema'
import { ApiError } from '../errors/apiError'
import { recordEvent } from '../live/events'
import { getClass } from './classes'
import { kitOf } from './lessonKit'
import { lockLesson, type LessonRow } from './lessonRow'
import { getSchool } from './school'
import { listSupplies, takeFromStock } from './supplies'

/** Keeps what has been packed, cell by cell, so that two people at once overwrite nothing but the very same cell. */
export async function saveTicks(db: Database, lessonId: string, ticks: TickDto[]): Promise<void> {
  await db.transaction(async (tx) => {
    await lockLesson(tx, lessonId)
    for (const { materialId, place, amount } of ticks)
      await tx
        .insert(packingTicks)
        .values({ lessonId, materialId, place, amount })
        .onConflictDoUpdate({
          target: [packingTicks.lessonId, packingTicks.materialId, packingTicks.place],
          set: { amount, madeAt: new Date() },
        })
    await recordEvent(tx, lessonId, { kind: 'ticks', ticks })
  })
}

/**
 * Keeps what came back and takes out of the store cupboard what did not. Counting a line again corrects it: what the
 * first count took is put back first.
 */
export async function saveCounts(
  db: Database,
  lessonId: string,
  counts: LineCount[],
): Promise<CountedLine[]> {
  return db.transaction(async (tx) => {
    const lesson = await lockLesson(tx, lessonId)
    const counted = await countLines(tx, lesson, counts)
    for (const { line, groups, taken } of counted) {
      const where = and(eq(kitCounts.lessonId, lessonId), eq(kitCounts.materialId, line.materialId))
      const [before] = await tx.select().from(kitCounts).where(where)
      if (before)
        await takeFromStock(
          tx,
          before.taken.map((one) => ({ ...one, amount: -one.amount })),
        )
      await takeFromStock(tx, taken)
      const values = { counted: line, groups, taken, madeAt: new Date() }
      await tx
        .insert(kitCounts)
        .values({ lessonId, materialId: line.materialId, ...values })
        .onConflictDoUpdate({ target: [kitCounts.lessonId, kitCounts.materialId], set: values })
    }
    const lines = counted.map((one) => one.line)
    await recordEvent(tx, lessonId, { kind: 'counts', counts: lines })
    return lines
  })
}

async function countLines(tx: Database, lesson: LessonRow, counts: LineCount[]) {
  const school = await getSchool(tx)
  const whole = await getClass(tx, lesson.classId, true)
  const { own, lines } = await kitOf(tx, lesson, whole, school)
  const unknown = counts.find((one) => !lines.some((line) => line.material.id === one.materialId))
  if (unknown)
    throw new ApiError('conflict', 'The kit has changed since. Reload the page and count again.', [
      { path: 'counts', message: unknown.materialId },
    ])
  const supplies = withInstruments(await listSupplies(tx), school.cupboard)
  return counted(lines, counts).map((line) => {
    const material = defined(lines.find((one) => one.material.id === line.materialId))
    const gone = needsOf([{ ...material, total: line.gone }], lesson.plan, own)
    return {
      line,
      groups: own.groups,
      taken: gone.flatMap((need) => {
        const taken = takenFor(need, supplies)
        return taken ? [taken] : []
      }),
    }
  })
}

function counted(lines: Parameters<typeof countBack>[0], counts: LineCount[]): CountedLine[] {
  try {
    return countBack(lines, counts)
  } catch (error) {
    if (error instanceof RangeError)
      throw new ApiError(
        'invalid',
        `${error.message}.`.replace(/^./, (first) => first.toUpperCase()),
      )
    throw error
  }
}
