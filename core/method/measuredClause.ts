import { defined } from '../defined'
import { fromCupboard, type CupboardInstrument } from '../instrument'
import { asksForBest } from '../fair'
import { type Plan, type RecordingKind } from '../plan'
import { namedMeasured, withAim } from '../variables'
import { isInRounds, usesInstrument, wayOf, ways } from '../recording'
import { unitDefinition, units, unitSaid } from '../quantity'
import { inUnit } from './inUnit'
import { articleBefore } from './named'
import { asUnjudged, optionWords } from './optionWords'
import { choiceOf, word, type MethodContext, type MethodSentence, type MethodWord } from './word'

const begins: Record<MethodContext['vocabulary'], string> = {
  plain: 'We ',
  formal: 'The dependent variable, which we ',
  tested: 'The outcome variable, which we ',
}

/** "We measure the shadow length in cm with a metre stick, to the nearest mark." */
export function measuredClause(plan: Plan, context: MethodContext): MethodSentence {
  const { instrument, name } = plan.measured
  const before = articleBefore(name, 'the')
  const way = wayWord(plan, context)
  const read: MethodSentence =
    plan.measured.unit === 'count' || !usesInstrument(plan)
      ? []
      : [
          ' in ',
          unitWord(plan, context),
          ` with ${articleBefore(instrument.name, 'a')}`,
          instrumentWord(plan, context),
          ', to ',
          roundingWord(plan, context),
        ]
  const told = optionWords(plan, context).flatMap((option) => [option.continues ? ' ' : ', ', option.word])
  const begin = context.vocabulary === 'plain' || isInRounds(plan) ? 'We ' : begins[context.vocabulary]
  const between = begin === 'We ' ? ' ' : ', is '
  return [begin, way, `${between}${before}`, measuredWord(plan, context), ...read, ...told, '.']
}

/** "The most is best.", where the question or the plan speaks of a best. */
export function bestClause(plan: Plan): MethodSentence {
  if (plan.best === null && !asksForBest(plan.question)) return []
  const text = plan.best === null ? 'Neither end' : plan.best === 'most' ? 'The most' : 'The least'
  return [
    word(
      'best',
      'Which end is best',
      text,
      choiceOf<Plan['best']>(
        plan.best,
        [
          ['most', 'The most'],
          ['least', 'The least'],
          [null, 'Neither end'],
        ],
        (before, best) => ({ ...before, best }),
      ),
      { chosen: plan.best !== null, silent: plan.best === null },
    ),
    ' is best.',
  ]
}

function wayWord(plan: Plan, { cupboard }: MethodContext): MethodWord {
  const way = wayOf(plan)
  // Rounds are chosen as what we do: improve a design.
  const offered = ways.filter((one) => !one.improves || one.kind === way.kind)
  return word(
    'way',
    'How we record',
    way.verb,
    choiceOf(
      way.kind,
      offered.map((one) => [one.kind, one.name] as const),
      (before, kind) => withWay(before, kind, cupboard),
    ),
  )
}

/** A way that takes one unit alone brings its own instrument along. */
function withWay(before: Plan, kind: RecordingKind, cupboard: readonly CupboardInstrument[]): Plan {
  if (kind === before.recording.kind) return before
  const plan = isInRounds(before) ? withAim(before, 'compare') : before
  const { usualRecording: usual, onlyUnit } = defined(ways.find((way) => way.kind === kind))
  const own = cupboard.find((one) => one.unit === onlyUnit)
  return asUnjudged({
    ...plan,
    recording: usual,
    measured: own ? { ...plan.measured, unit: own.unit, instrument: fromCupboard(own) } : plan.measured,
  })
}

function measuredWord(plan: Plan, { cupboard }: MethodContext): MethodWord {
  const name = plan.measured.name.trim()
  return word(
    'measured',
    'What we measure',
    name || 'one thing',
    {
      kind: 'text',
      value: plan.measured.name,
      most: 80,
      placeholder: 'bounce height',
      put: (before, text) => namedMeasured(before, text, cupboard),
    },
    { silent: name === '' },
  )
}

function unitWord(plan: Plan, { cupboard }: MethodContext): MethodWord {
  const { unit, instrument } = plan.measured
  const { dimension } = unitDefinition(unit)
  const near = units.filter((one) => unitDefinition(one).dimension === dimension)
  const others = units.filter((one) => !near.includes(one))
  return word(
    'unit',
    'In',
    unitSaid(unit) || unitDefinition(unit).spoken,
    choiceOf(
      unit,
      [...near, ...others].map((one) => [one, unitDefinition(one).spoken] as const),
      (before, chosen) => inUnit(before, chosen, cupboard),
    ),
    { chosen: unit !== instrument.unit },
  )
}

function instrumentWord(plan: Plan, { cupboard }: MethodContext): MethodWord {
  const { instrument, unit } = plan.measured
  const { dimension } = unitDefinition(unit)
  const fitting = cupboard.filter((one) => one.dimension === dimension)
  const others = cupboard.filter((one) => one.dimension !== dimension)
  const edit = choiceOf(
    instrument.name,
    [...fitting, ...others].map((one) => [one.name, one.name] as const),
    (before, name) => withInstrument(before, defined(cupboard.find((one) => one.name === name))),
  )
  return word('instrument', 'With', instrument.name || 'what?', { ...edit, panel: 'marks' })
}

function withInstrument(plan: Plan, found: CupboardInstrument): Plan {
  const instrument = fromCupboard(found)
  const { measured } = plan
  const same = unitDefinition(measured.unit).dimension === found.dimension
  return { ...plan, measured: { ...measured, instrument, unit: same ? measured.unit : instrument.unit } }
}

function roundingWord(plan: Plan, { ways: school }: MethodContext): MethodWord {
  return word(
    'rounding',
    'Read to',
    plan.rounding === 'mark' ? 'the nearest mark' : 'the nearest half mark',
    choiceOf<Plan['rounding']>(
      plan.rounding,
      [
        ['mark', 'the nearest mark'],
        ['half-mark', 'the nearest half mark'],
      ],
      (before, rounding) => ({ ...before, rounding }),
    ),
    { chosen: plan.rounding !== school.rounding },
  )
}
