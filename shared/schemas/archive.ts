import { archiveFormat, type ArchivedClass, type ArchivedTest, type PictureKind } from '#core/archive'
import { groupLimits } from '#core/class'
import type { EntrySource } from '#core/entries'
import { stages } from '#core/lesson'
import { observationLimits } from '#core/observation'
import { predictionStepKinds } from '#core/plan'
import { reviewKey, reviewLimits, type ReviewPair } from '#core/review'
import { wonderLimits } from '#core/wonder'
import { classFields } from './classes'
import { amount, day, id, moment, openLine, wholeNumber } from './common'
import { conclusionItself, predictionAnswer } from './conclusions'
import { distinct } from './distinct'
import { archivedEntry } from './entries'
import { memberId } from './lessons'
import { observedFields } from './observations'
import { planSchema } from './plan'
import { reviewTexts } from './reviews'
import { choice, list, named, object, optional, orNull, otherwise, rule, yesOrNo } from './typed'
import { noteFields, stimulusSchema } from './wonder'

/** The most of an archived lesson: several times what a class of twelve groups reads in a term. */
export const archiveLimits = { entries: 20_000, tests: 12, predictions: 2000 } as const

/** The most bytes of a lesson file: one photo of every try, and more. */
export const archiveBytes = 80_000_000

/** A moment by the server's clock, in ms since 1970. */
const instant = amount(0, 8e12)
const count = amount(0, 1e6)
const milliseconds = amount(0, 1e12)

const clock = object({
  steps: list(
    object({
      id: openLine(40),
      kind: choice('talk', 'predict', 'handOut', 'test', 'turn', 'clear', 'share'),
      name: openLine(60),
      seconds: count,
      turn: optional(count),
    }),
    100,
  ),
  at: count,
  from: instant,
  paused: milliseconds,
  stoodSince: orNull(instant),
  more: count,
  taken: list(
    object({
      id: openLine(40),
      name: openLine(60),
      planned: count,
      from: instant,
      to: instant,
      paused: milliseconds,
    }),
    400,
  ),
  ended: orNull(object({ how: choice('over', 'cut', 'later'), at: instant })),
  raceAt: orNull(instant),
  late: optional(object({ readings: count, most: count })),
})

const prediction = object({
  groupId: id,
  seat: wholeNumber(0, 40),
  answer: predictionAnswer,
  because: openLine(300),
  madeAt: moment,
  late: yesOrNo(),
  step: choice(...predictionStepKinds),
  known: count,
})

const observation = object({
  ...observedFields,
  id,
  source: choice<EntrySource>('sheet', 'desk', 'import', 'demo'),
  picture: orNull(id),
  pictureDeleted: yesOrNo(),
  onBoard: yesOrNo(),
  removed: yesOrNo(),
})

const review = object({
  ...{ byGroupId: id, ofGroupId: id, ...reviewTexts },
  answer: openLine(reviewLimits.letters),
  madeAt: moment,
  removed: yesOrNo(),
})

const test = object({
  id,
  date: day,
  stage: choice(...stages),
  finishedAt: orNull(moment),
  groupIds: orNull(list(id, 1000).min(1).custom(distinct())),
  stimulus: stimulusSchema,
  notes: list(object({ ...noteFields, id }), wonderLimits.notes).custom(distinct('id')),
  plan: planSchema,
  conclusion: conclusionItself,
  predictions: list(prediction, archiveLimits.predictions).custom(
    distinct((one) => {
      const { groupId, seat, step } = one as ArchivedTest['predictions'][number]
      return `${groupId} ${seat} ${step}`
    }),
  ),
  entries: list(archivedEntry, archiveLimits.entries)
    .custom(distinct('id'))
    .messages({ 'array.max': `A lesson file holds at most ${archiveLimits.entries} readings.` }),
  observations: list(observation, observationLimits.count).custom(distinct('id')),
  reviews: otherwise(
    list(review, groupLimits.most ** 2).custom(distinct((one) => reviewKey(one as ReviewPair))),
    [],
  ),
  clock: orNull(clock),
  absent: list(memberId, 500).custom(distinct()),
})

/** A whole lesson from a file. */
export const archiveSchema = object({
  format: choice(archiveFormat),
  version: count,
  planVersion: count,
  writtenAt: moment,
  class: object({ ...classFields, id }),
  tests: list(test, archiveLimits.tests).min(1).custom(distinct('id')),
  pictures: named(id, choice<PictureKind>('jpg', 'png', 'webp'), 1000),
}).custom(
  rule((archive: { class: ArchivedClass; tests: ArchivedTest[] }) =>
    archive.tests.every((one) => groupsNamed(one).every((group) => isIn(archive.class, group)))
      ? null
      : 'This lesson file is damaged: something in it belongs to a group that it does not have.',
  ),
)

const isIn = ({ groups }: ArchivedClass, id: string) => groups.some((group) => group.id === id)

/** Every group that a test says something of, each once. */
const groupsNamed = ({ groupIds, predictions, entries, observations, reviews }: ArchivedTest): string[] => [
  ...new Set([
    ...(groupIds ?? []),
    ...[...predictions, ...entries].map(({ groupId }) => groupId),
    ...observations.flatMap(({ groupId }) => groupId ?? []),
    ...reviews.flatMap(({ byGroupId, ofGroupId }) => [byGroupId, ofGroupId]),
  ]),
]
