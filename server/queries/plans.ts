import { and, desc, eq, notInArray, sql } from 'drizzle-orm'
import type { Plan } from '#core/plan'
import { unitDefinition } from '#core/quantity'
import { wayOf } from '#core/recording'
import { standingEntries } from '#core/entries'
import type { Given, planChangeSchema } from '#shared/schemas'
import type { Database } from '../database/database'
import { events, lessons } from '../database/schema'
import { ApiError } from '../errors/apiError'
import { recordEvent } from '../live/events'
import { entriesOf } from './entries'
import { lockLesson, rejectStaleVersion, versionOfSave, withSave } from './lessonRow'
import { recheckConfirmation } from './safety'

/** How often what was in the plan before is forgotten, in saves; as many of the newest stay for screens that hear of them late. */
const forgetEvery = 20

/** Every save of a word tells the whole plan: told once, it is needed no more. A screen that was away fetches the lesson anew. */
async function forgetOlderPlans(tx: Database, id: string): Promise<void> {
  const told = and(eq(events.lessonId, id), sql`${events.event}->>'kind' = 'plan'`)
  const newest = tx
    .select({ seq: events.seq })
    .from(events)
    .where(told)
    .orderBy(desc(events.seq))
    .limit(forgetEvery)
  await tx.delete(events).where(and(told, notInArray(events.seq, newest)))
}

/** Saves the plan, unless somebody saved another one since; what readings were taken by must stay. */
export async function savePlan(
  db: Database,
  id: string,
  { save, plan, version }: Given<typeof planChangeSchema>,
): Promise<{ planVersion: number }> {
  return db.transaction(async (tx) => {
    const before = await lockLesson(tx, id)
    const done = versionOfSave(before, save)
    if (done !== null) return { planVersion: done }
    rejectStaleVersion('plan', version, before.planVersion)
    await refuseLosingReadings(tx, id, before.plan, plan)
    const planVersion = version + 1
    const saves = withSave(before, save, planVersion)
    await tx.update(lessons).set({ plan, planVersion, saves }).where(eq(lessons.id, id))
    await recordEvent(tx, id, { kind: 'plan', plan, planVersion })
    if (planVersion % forgetEvery === 0) await forgetOlderPlans(tx, id)
    await recheckConfirmation(tx, before, { ...before, plan, planVersion })
    return { planVersion }
  })
}

/** When something is read by a plan. */
const moments = (plan: Plan) =>
  new Set([
    ...wayOf(plan)
      .columns(plan)
      .map((column) => column.moment),
    ...wayOf(plan).optionalMoments(plan),
  ])

async function refuseLosingReadings(tx: Database, id: string, before: Plan, after: Plan): Promise<void> {
  const kept = new Set(after.levels.map((level) => level.id))
  const standing = standingEntries(await entriesOf(tx, id)).filter((entry) => entry.status === 'counted')
  if (
    standing.some((entry) =>
      wayOf(before)
        .levelsOfEntry(entry)
        .some((id) => !kept.has(id) && before.levels.some((level) => level.id === id)),
    )
  )
    throw new ApiError(
      'conflict',
      'This level has readings already. Set them aside first, or keep the level.',
      [{ path: 'plan.levels', message: 'This level has readings.' }],
    )
  if (standing.length > 0 && wayOf(after).kind !== wayOf(before).kind)
    throw new ApiError(
      'conflict',
      'There are readings taken in the old way already. Keep the way of recording, or start a new lesson.',
      [{ path: 'plan.recording', message: 'There are readings taken in this way.' }],
    )
  const lost = standing.find(({ moment }) => moments(before).has(moment) && !moments(after).has(moment))
  if (lost)
    throw new ApiError(
      'conflict',
      `There are readings at “${wayOf(before).momentSaid(before, lost.moment)}” already. Set them aside first, or keep that time.`,
      [
        {
          path: 'plan.recording',
          message: `“${wayOf(before).momentSaid(before, lost.moment)}” has readings.`,
        },
      ],
    )
  const kindOf = (plan: Plan) => unitDefinition(plan.measured.unit).dimension
  if (standing.length > 0 && kindOf(after) !== kindOf(before))
    throw new ApiError(
      'conflict',
      'There are readings of another kind already. Keep a unit that they can be converted to, or start a new lesson.',
      [{ path: 'plan.measured.unit', message: 'There are readings in another kind of unit.' }],
    )
}
