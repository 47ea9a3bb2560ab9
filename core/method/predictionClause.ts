import { defined } from '../defined'
import { scoredPlan } from '../comparison'
import { laterSteps, predictionFormat, predictionFormatsFor, predictionSteps } from '../conclusion'
import type { Plan, PredictionFormat, PredictionStep, Predictor } from '../plan'
import { numberWords } from './numberWords'
import { choiceOf, word, type MethodContext, type MethodSentence } from './word'

const predictors: [Predictor, string][] = [
  ['child', 'every child'],
  ['group', 'each group'],
  ['class', 'the class'],
]
const formats: [PredictionFormat, string][] = [
  ['direction', 'which way it goes'],
  ['order', 'the order of the levels'],
  ['number', 'a number'],
  ['choice', 'which level comes out on top'],
  ['stretch', 'where most of the change happens'],
  ['pair', 'which of two levels beats the other'],
  ['sides', 'more, less or the same'],
]
const reasons: [boolean, string][] = [
  [true, 'with because'],
  [false, 'without a because'],
]

const onlyOnce = 'and not again later'
const agains = {
  begun: 'and once more after the first readings',
  parts: 'and once more when the parts are measured',
} as const

const said = <T>(of: [T, string][], value: T) => defined(of.find(([one]) => one === value))[1]

/** "Before that each group predicts which way it goes, with because." */
export function predictionClause(plan: Plan, { ways }: MethodContext): MethodSentence {
  const { who, because } = plan.prediction
  const again = predictionSteps(plan)[1] as Plan['prediction']['again']
  const scored = scoredPlan(plan)
  const fitting = predictionFormatsFor(scored)
  const format = scored.besides ? predictionFormat(scored) : plan.prediction.format
  const offered = formats.filter(([one]) => fitting.includes(one))
  const put = (plan: Plan, changes: Partial<Plan['prediction']>) => ({
    ...plan,
    prediction: { ...plan.prediction, ...changes },
  })
  return [
    'Before that ',
    word(
      'predictor',
      'Who predicts',
      said(predictors, who),
      choiceOf(who, predictors, (before, chosen) => put(before, { who: chosen })),
      { chosen: who !== ways.prediction.who },
    ),
    ' predicts ',
    word(
      'format',
      'Predict',
      said(formats, format),
      choiceOf(format, offered, (before, chosen) => put(before, { format: chosen })),
    ),
    ...(predictionFormat(scored) === 'number' ? numberWords(plan, scored) : []),
    ', ',
    word(
      'because',
      'The reason',
      said(reasons, because),
      choiceOf(because, reasons, (before, chosen) => put(before, { because: chosen })),
      { chosen: because !== ways.prediction.because },
    ),
    ', ',
    word(
      'again',
      'And once more',
      again === undefined ? onlyOnce : agains[again],
      choiceOf<PredictionStep>(
        again ?? 'before',
        [['before', onlyOnce], ...laterSteps(plan).map((step) => [step, agains[step as 'begun']] as const)],
        (before, step) => put(before, { again: step === 'before' ? undefined : step }),
      ),
      { chosen: again !== undefined, silent: again === undefined },
    ),
    '.',
  ]
}
