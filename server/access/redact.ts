import { forChildren, type Plan } from '#core/plan'
import type { Observation } from '#core/observation'
import type { Review } from '#core/review'
import type { LessonDto, LessonEvent, PredictionDto, RolesDto, SafetyDto } from '#shared/types/api'
import type { Visitor } from '../queries/people/sessions'

/** A lesson as somebody may see it: a device gets what its groups wrote and what is on the Board, and no teacher's initials. */
export function lessonFor(visitor: Visitor, lesson: LessonDto): LessonDto {
  if (visitor.kind === 'teacher') return lesson
  return {
    ...lesson,
    plan: planFor(lesson.plan),
    safety: withoutInitials(lesson.safety),
    observations: lesson.observations.map((one) => observationFor(visitor, one)),
    predictions: lesson.predictions.map((one) => predictionFor(visitor, one)),
    reviews: lesson.reviews.map((one) => reviewFor(visitor, one)),
  }
}

/** The kinds of event of which devices get less than happened. */
const reducedKinds = /"kind": ?"(?:plan|safety|observation|prediction|review|ticks|counts)"/

/** An event, as text, as somebody may hear it. Most are the same for all and are not taken apart. */
export function eventTextFor(visitor: Visitor, text: string): string {
  if (visitor.kind === 'teacher' || !reducedKinds.test(text)) return text
  return JSON.stringify(eventFor(visitor, JSON.parse(text) as LessonEvent))
}

/** An event as somebody may hear it. One that is not for them keeps its number, so that they miss nothing. */
export function eventFor(visitor: Visitor, event: LessonEvent): LessonEvent {
  if (visitor.kind === 'teacher') return event
  switch (event.kind) {
    case 'plan':
      return { ...event, plan: planFor(event.plan) }
    case 'safety':
      return { ...event, safety: withoutInitials(event.safety) }
    case 'observation':
      return { ...event, observation: observationFor(visitor, event.observation) }
    case 'prediction':
      return { ...event, prediction: predictionFor(visitor, event.prediction) }
    case 'review':
      return { ...event, review: reviewFor(visitor, event.review) }
    case 'ticks':
    case 'counts':
      return visitor.kind === 'assistant' ? event : { kind: 'elsewhere', seq: event.seq }
    default:
      return event
  }
}

/** Who does what, of a device's own groups alone. */
export function rolesFor(visitor: Visitor, roles: RolesDto): RolesDto {
  if (visitor.kind !== 'sheet') return roles
  const members = Object.fromEntries(
    Object.entries(roles.members).filter(([groupId]) => visitor.groupIds.includes(groupId)),
  )
  const own = new Set(Object.values(members).flatMap((all) => all.map(({ id }) => id)))
  return {
    members,
    absent: roles.absent.filter((id) => own.has(id)),
    before: Object.fromEntries(Object.entries(roles.before).filter(([member]) => own.has(member))),
  }
}

/** What a test shows and what children get wrong is the teacher’s to know beforehand. */
const planFor = (plan: Plan): Plan =>
  plan.background ? { ...plan, background: forChildren(plan.background) } : plan

const withoutInitials = (safety: SafetyDto | null): SafetyDto | null => safety && { ...safety, initials: '' }

const isOwnGroup = (visitor: Visitor, groupId: string | null): boolean =>
  visitor.kind === 'sheet' && groupId !== null && visitor.groupIds.includes(groupId)

/** What another group noticed is nobody's until it is on the Board: it says then only that there was something. */
export function observationFor(visitor: Visitor, one: Observation): Observation {
  if (visitor.kind === 'teacher' || one.onBoard || isOwnGroup(visitor, one.groupId)) return one
  return { ...one, text: '', picture: null, removed: true }
}

/** Reasons are each group's own. */
const predictionFor = (visitor: Visitor, one: PredictionDto): PredictionDto =>
  isOwnGroup(visitor, one.groupId) ? one : { ...one, because: '' }

/** What one group left with another is theirs; others hear that something was left. Nobody at a screen reads what was taken back. */
export function reviewFor(visitor: Visitor, one: Review): Review {
  if (visitor.kind === 'teacher') return one
  const isTheirs = isOwnGroup(visitor, one.byGroupId) || isOwnGroup(visitor, one.ofGroupId)
  return isTheirs && !one.removed ? one : { ...one, convinced: '', question: '', answer: '' }
}
