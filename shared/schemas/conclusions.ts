import { planLimits, predictionStepKinds } from '#core/plan'
import { amount, id, line, localId, openLine, wholeNumber } from './common'
import { distinct } from './distinct'
import { byKind, choice, list, object, optional, orNull, otherwise } from './typed'

const version = wholeNumber(0, Number.MAX_SAFE_INTEGER)
const levelIds = list(localId, planLimits.levels).custom(distinct())

/** What was predicted. */
export const predictionAnswer = byKind(
  {
    direction: { direction: choice('more', 'less', 'same') },
    order: { levelIds: levelIds.min(1) },
    number: { levelId: localId, moment: optional(openLine(64)), value: amount(-1e6, 1e6) },
    choice: { levelId: localId },
    stretch: { fromId: localId, toId: localId },
    pair: { levelId: localId, overId: localId },
    sides: {
      sides: list(
        object({
          quantity: wholeNumber(0, 3),
          levelId: orNull(localId),
          sideId: localId,
          direction: choice('more', 'less', 'same'),
        }),
        40,
      ).min(1),
    },
  },
  'format',
)

export const predictionSchema = object({
  seat: otherwise(wholeNumber(0, 40), 0),
  answer: predictionAnswer,
  because: openLine(300),
  step: otherwise(choice(...predictionStepKinds), 'before'),
})

const claim = object({
  subject: choice('trend', 'most', 'least', 'pair'),
  comparison: choice('more', 'less', 'same'),
  levelIds: otherwise(levelIds, []),
  strength: choice('always', 'mostly', 'together', 'think'),
  scope: byKind({ tested: {}, between: { fromId: localId, toId: localId }, everything: {} }),
})
const ownWords = orNull(line(400).allow(''))

/** A claim to be checked against a lesson's data, or a sentence in the class's own words. */
export const claimCheckSchema = object({
  claim: otherwise(orNull(claim), null),
  words: otherwise(ownWords, null),
})

/** What a class concluded. */
export const conclusionItself = object({
  claim: orNull(claim),
  ownWords,
  why: otherwise(openLine(400), ''),
  dissent: openLine(600),
  better: openLine(600),
  nextQuestion: openLine(300),
})

export const conclusionSchema = object({
  /** Sent twice under one id, a save is done once. */
  save: optional(id),
  conclusion: conclusionItself,
  version,
})
