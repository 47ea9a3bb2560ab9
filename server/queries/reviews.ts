import { and, asc, eq, inArray } from 'drizzle-orm'
import { scoredPlan, scoresOf } from '#core/comparison'
import { defined } from '#core/defined'
import { standingOf } from '#core/entries'
import { cellsOf } from '#core/evidence'
import { isDoneForAll } from '#core/lesson'
import { standingObservations } from '#core/observation'
import { comparisonOf } from '#core/recording'
import { disagreement, pairGroups, type Review, type Reviewing, type ReviewPair } from '#core/review'
import type { Given, reviewSchema } from '#shared/schemas'
import type { HostRecordDto } from '#shared/types/review'
import type { Database } from '../database/database'
import { lessons, reviews } from '../database/schema'
import { ApiError, notFound } from '../errors/apiError'
import { recordEvent } from '../live/events'
import { getClass } from './classes'
import { entriesOf } from './entries'
import { groupsOf } from './lessonGroups'
import { findLesson, lockLesson, type LessonRow } from './lessonRow'
import { observationsOf } from './observations'
import { predictionsOf } from './predictions'

/** What groups left with each other in a lesson, in the order in which they did, with what was taken back. */
export const reviewsOf = async (db: Database, lessonId: string): Promise<Review[]> =>
  (await reviewsByLesson(db, [lessonId])).get(lessonId) ?? []

/** The same for several lessons, by lesson. */
export async function reviewsByLesson(
  db: Database,
  lessonIds: readonly string[],
): Promise<Map<string, Review[]>> {
  const found = new Map<string, Review[]>()
  if (lessonIds.length === 0) return found
  const rows = await db
    .select()
    .from(reviews)
    .where(inArray(reviews.lessonId, [...lessonIds]))
    .orderBy(asc(reviews.madeAt), asc(reviews.byGroupId), asc(reviews.ofGroupId))
  for (const row of rows) found.set(row.lessonId, [...(found.get(row.lessonId) ?? []), toReview(row)])
  return found
}

const toReview = ({ lessonId: _lesson, madeAt, ...row }: typeof reviews.$inferSelect): Review => ({
  ...row,
  madeAt: madeAt.toISOString(),
})

/**
 * Lets groups look at each other's work, or ends it. The first time, and with each later round, they are paired; said twice, the pairs
 * stay.
 */
export async function setReviewing(
  db: Database,
  lessonId: string,
  { open, round }: Pick<Reviewing, 'open' | 'round'>,
): Promise<Reviewing> {
  return db.transaction(async (tx) => {
    const lesson = await lockLesson(tx, lessonId)
    const before = lesson.reviewing
    const isNew = open && (before === null || round > before.round)
    if (!isNew && before === null)
      throw new ApiError('conflict', 'The groups have not begun to look at each other’s work.')
    const reviewing = isNew
      ? { open, round: (before?.round ?? 0) + 1, hosts: await pairsFor(tx, lesson) }
      : { ...defined(before), open }
    await tx.update(lessons).set({ reviewing }).where(eq(lessons.id, lessonId))
    await recordEvent(tx, lessonId, { kind: 'reviewing', reviewing })
    return reviewing
  })
}

async function pairsFor(tx: Database, lesson: LessonRow): Promise<Record<string, string>> {
  if (isDoneForAll(lesson.plan))
    throw new ApiError('conflict', 'This test is done once for all, so there is only one record to look at.')
  const taking = await groupsOf(tx, lesson)
  const { groups } = await getClass(tx, lesson.classId, true)
  const groupIds = groups.flatMap(({ id }) => (taking.has(id) ? [id] : []))
  const { counted } = standingOf(await entriesOf(tx, lesson.id))
  const plan = scoredPlan(lesson.plan, counted)
  const cells = cellsOf(comparisonOf(plan, groupIds), scoresOf(lesson.plan, counted))
  const earlier = await reviewsOf(tx, lesson.id)
  const wereSent = Object.entries(lesson.reviewing?.hosts ?? {})
  const pairs = pairGroups(groupIds, {
    hosts: groupIds.filter((id) => counted.some((entry) => entry.groupId === id)),
    differ: (a, b) => disagreement(cells, a, b),
    before: (visitor, host) =>
      earlier.filter(({ byGroupId, ofGroupId }) => byGroupId === visitor && ofGroupId === host).length +
      wereSent.filter(([by, of]) => by === visitor && of === host).length,
  })
  if (Object.keys(pairs).length === 0)
    throw new ApiError(
      'conflict',
      groupIds.length < 2
        ? 'There is only one group here, so it has nobody to visit.'
        : 'No group has written down a reading yet. Open the visits once there is something to look at.',
    )
  return pairs
}

/** The record of the group that another visits, while visits are open. */
export async function hostRecord(db: Database, lessonId: string, byGroupId: string): Promise<HostRecordDto> {
  const { reviewing } = await findLesson(db, lessonId)
  const ofGroupId = reviewing?.open ? reviewing.hosts[byGroupId] : undefined
  if (ofGroupId === undefined) return { ofGroupId: null, observations: [], predictions: [] }
  const observations = await observationsOf(db, lessonId)
  const predictions = await predictionsOf(db, lessonId)
  return {
    ofGroupId,
    observations: standingObservations(observations).filter(({ groupId }) => groupId === ofGroupId),
    predictions: predictions.filter(({ groupId }) => groupId === ofGroupId),
  }
}

// Not for good: what a device holds is sent once they are open again.
const closed = () =>
  new ApiError(
    'not-allowed',
    'Your teacher has closed the visits. What you wrote is kept here until they open again.',
  )

/** Keeps what a group leaves with another; the same act sent twice changes nothing. What a teacher took back stays so. */
export async function saveReview(
  db: Database,
  lessonId: string,
  { byGroupId, ofGroupId }: ReviewPair,
  { was, ...texts }: Given<typeof reviewSchema>,
  isTeacher: boolean,
): Promise<Review> {
  return db.transaction(async (tx) => {
    const lesson = await lockLesson(tx, lessonId)
    const { reviewing } = lesson
    if (!isTeacher && !(reviewing?.open && reviewing.hosts[byGroupId] === ofGroupId)) throw closed()
    const taking = await groupsOf(tx, lesson)
    if (!taking.has(byGroupId) || !taking.has(ofGroupId)) throw notFound('group')
    if (byGroupId === ofGroupId) throw new ApiError('invalid', 'A group cannot visit itself. Choose another.')
    const before = await findReview(tx, lessonId, { byGroupId, ofGroupId })
    if (before && was) refuseOverNewer(wordsOf(before), wordsOf(was), wordsOf(texts))
    const [row] = await tx
      .insert(reviews)
      .values({ lessonId, byGroupId, ofGroupId, ...texts })
      .onConflictDoUpdate({ target: [reviews.lessonId, reviews.byGroupId, reviews.ofGroupId], set: texts })
      .returning()
    return tell(tx, defined(row))
  })
}

/** Keeps what the visited group answers, or that a teacher takes a review back. */
export async function changeReview(
  db: Database,
  lessonId: string,
  { byGroupId, ofGroupId }: ReviewPair,
  { was, ...changes }: Partial<Pick<Review, 'answer' | 'removed'>> & { was?: string },
): Promise<Review> {
  return db.transaction(async (tx) => {
    await lockLesson(tx, lessonId)
    const before = await findReview(tx, lessonId, { byGroupId, ofGroupId })
    if (!before) throw notFound('visit')
    if (was !== undefined) refuseOverNewer(before.answer, was, changes.answer ?? '')
    const [row] = await tx
      .update(reviews)
      .set(changes)
      .where(isReview(lessonId, { byGroupId, ofGroupId }))
      .returning()
    return tell(tx, defined(row))
  })
}

const wordsOf = ({ convinced, question }: Pick<Review, 'convinced' | 'question'>): string =>
  [convinced, question].filter((one) => one !== '').join(' ')

/** Refuses to write over what another device has written since: one that was sent late would take the place of a later one. */
function refuseOverNewer(now: string, was: string, next: string): void {
  if (now === '' || now === was || now === next) return
  throw new ApiError(
    'conflict',
    `Another device has written “${now}” since. Send yours again to put it in its place.`,
  )
}

async function findReview(tx: Database, lessonId: string, pair: ReviewPair) {
  const [row] = await tx.select().from(reviews).where(isReview(lessonId, pair))
  return row
}

const isReview = (lessonId: string, { byGroupId, ofGroupId }: ReviewPair) =>
  and(eq(reviews.lessonId, lessonId), eq(reviews.byGroupId, byGroupId), eq(reviews.ofGroupId, ofGroupId))

async function tell(tx: Database, row: typeof reviews.$inferSelect): Promise<Review> {
  const review = toReview(row)
  await recordEvent(tx, row.lessonId, { kind: 'review', review })
  return review
}
