import { withObservation } from '#core/observation'
import type { Plan } from '#core/plan'
import { upgradePlan } from '#core/recording'
import { withReview } from '#core/review'
import { withNote } from '#core/wonder'
import type { LessonDto, LessonEvent, PackDto, PredictionDto, TickDto } from '../types/api'

/**
 * A lesson after an event: what a screen that has heard everything shows is what the server would give it. Groups that went to another
 * part (`parts`) cannot be told from the event: the lesson must be fetched.
 * @param event the next one of this lesson, or an act of this screen that is on its way
 * @example applyEvent(lesson, { kind: 'note-removed', id: 'n1', seq: 4 }).seq // 4
 */
export function applyEvent(lesson: LessonDto, event: LessonEvent): LessonDto {
  return { ...lesson, ...changesBy(lesson, event), seq: event.seq }
}

function changesBy(lesson: LessonDto, event: LessonEvent): Partial<LessonDto> {
  switch (event.kind) {
    case 'entries': {
      const known = new Set(lesson.entries.map((entry) => entry.id))
      return { entries: [...lesson.entries, ...event.entries.filter((entry) => !known.has(entry.id))] }
    }
    case 'observation':
      return { observations: withObservation(lesson.observations, event.observation) }
    case 'prediction':
      return { predictions: withPrediction(lesson.predictions, event.prediction) }
    case 'reviewing':
      return { reviewing: event.reviewing }
    case 'review':
      return { reviews: withReview(lesson.reviews, event.review) }
    case 'plan':
      // It may have been told by a program of an earlier version.
      return event.planVersion > lesson.planVersion
        ? { plan: upgradePlan(event.plan) as Plan, planVersion: event.planVersion }
        : {}
    case 'conclusion':
      return event.conclusionVersion > lesson.conclusionVersion
        ? { conclusion: event.conclusion, conclusionVersion: event.conclusionVersion }
        : {}
    case 'clock':
      return event.clockVersion > lesson.clockVersion
        ? { clock: event.clock, clockVersion: event.clockVersion }
        : {}
    case 'lesson':
      return {
        date: event.date,
        stage: event.stage,
        ...(event.finishedAt === undefined ? {} : { finishedAt: event.finishedAt }),
      }
    case 'stimulus':
      return { stimulus: event.stimulus }
    case 'note':
      return { notes: withNote(lesson.notes, event.note) }
    case 'note-removed':
      return { notes: lesson.notes.filter((note) => note.id !== event.id) }
    case 'class':
      return { class: event.class }
    case 'safety':
      return { safety: event.safety }
    case 'removed':
      return { removed: event.removed }
    // What is packed belongs to the kit (`applyToPack`); who has a test of their own, or a role, is fetched.
    case 'absent':
    case 'elsewhere':
    case 'ticks':
    case 'counts':
    case 'parts':
      return {}
  }
}

/** A seat has one prediction for each step: its last. */
function withPrediction(all: readonly PredictionDto[], made: PredictionDto): PredictionDto[] {
  const isSame = (one: PredictionDto) =>
    one.groupId === made.groupId && one.seat === made.seat && one.step === made.step
  return [...all.filter((one) => !isSame(one)), made]
}

/** One line of the kit in one place. */
export const tickKey = ({ materialId, place }: Pick<TickDto, 'materialId' | 'place'>) =>
  `${materialId}|${place}`

/** The kit of a lesson after an event of that lesson: what was packed, and what came back. */
export function applyToPack(pack: PackDto, event: LessonEvent): PackDto {
  if (event.kind === 'ticks') {
    const changed = new Set(event.ticks.map(tickKey))
    return { ...pack, ticks: [...pack.ticks.filter((one) => !changed.has(tickKey(one))), ...event.ticks] }
  }
  if (event.kind === 'counts') {
    const changed = new Set(event.counts.map((one) => one.materialId))
    return {
      ...pack,
      counts: [...pack.counts.filter((one) => !changed.has(one.materialId)), ...event.counts],
    }
  }
  return pack
}
