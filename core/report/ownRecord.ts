import { stepSaid } from '../conclusion'
import { standingObservations } from '../observation'
import { capital } from '../quantity'
import type { OwnRecord, ReportFacts } from './part'
import { predictionSaid } from './predictionSaid'
import type { ReportedLesson } from './reportFacts'
import { visitsSaid } from './visitsSaid'

/**
 * What a group, or one child of it, has of its own in a lesson: its predictions and what it saw. What the whole class predicted or saw
 * is every group's.
 * @param groupIndex the place of the group in its class, from 0
 * @param seat of one child; 0 for what the group has
 * @throws RangeError where the lesson has no such group
 * @example ownRecord(lesson, facts, 0).predictions // ['The higher the drop, the higher the bounce']
 */
export function ownRecord(
  lesson: Pick<ReportedLesson, 'groups' | 'predictions' | 'observations' | 'reviews'>,
  { plan, scored }: Pick<ReportFacts, 'plan' | 'scored'>,
  groupIndex: number,
  seat = 0,
): OwnRecord {
  const group = lesson.groups[groupIndex]
  if (!group) throw new RangeError(`the lesson has no group ${groupIndex}`)
  const ofAll = plan.prediction.who === 'class'
  const seen = standingObservations(lesson.observations).filter(
    ({ groupId }) => groupId === null || groupId === group.id,
  )
  return {
    ...{ groupId: group.id, groupIndex, seat },
    predictions: lesson.predictions
      .filter(
        (one) => ofAll || (one.groupId === group.id && (seat === 0 || one.seat === 0 || one.seat === seat)),
      )
      .map((one) => {
        const said = capital(predictionSaid(scored, plan, one))
        return `${said}${one.step === 'before' ? '' : ` (${stepSaid[one.step]})`}.`
      }),
    noticed: seen.filter(({ kind }) => kind === 'noticed'),
    guessed: seen.filter(({ kind }) => kind === 'guessed'),
    visits: visitsSaid(lesson.reviews, group.id, new Map(lesson.groups.map(({ id, name }) => [id, name]))),
  }
}
