import {
  claimSentence,
  orderSaid,
  predictionFormat,
  predictionWords,
  suggestClaim,
} from '../../core/conclusion'
import { resultSentence } from '../../core/evidence'
import type { Plan } from '../../core/plan'
import { ownWords } from '../../starters/sentences'
import { lessonFound } from '../../starters/sentences/lessonFound'

/** The sentences that the program makes of each starter and of what a class may find with it. */
export function starterSentences(): { title: string; sentences: string[] }[] {
  return ownWords.map((own) => {
    const { plan, evidence } = lessonFound(own)
    const { sentence, reasons } = resultSentence(plan, evidence)
    const claim = suggestClaim(plan, evidence)
    return {
      title: plan.title,
      sentences: [sentence, ...reasons, ...(claim ? [claimSentence(plan, claim)] : []), ...predicted(plan)],
    }
  })
}

function predicted(plan: Plan): string[] {
  const [first, second] = plan.levels
  if (!first || !second) return []
  const both =
    predictionFormat(plan) === 'direction'
      ? (['more', 'same', 'less'] as const).map((direction) =>
          predictionWords(plan, { format: 'direction', direction }),
        )
      : []
  return [
    ...both,
    predictionWords(plan, { format: 'choice', levelId: first.id }),
    predictionWords(plan, { format: 'pair', levelId: second.id, overId: first.id }),
    orderSaid(plan),
  ]
}
