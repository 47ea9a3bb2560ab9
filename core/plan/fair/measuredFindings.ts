import { unitDefinition } from '../../quantity'
import type { Plan } from '../plan'
import { quoted, remedy, type FairContext, type Finding } from './finding'

const judging = /\b(best|better|good|nicest|worst|strongest|fastest|quickest|greatest)\b/i

/** Findings about what is measured: nothing, the wrong instrument, or a "best" that nobody has defined. */
export function measuredFindings(plan: Plan, { words }: FairContext): Finding[] {
  return [...nothingMeasured(plan, words.measured), ...wrongInstrument(plan), ...bestUndefined(plan)]
}

function nothingMeasured(plan: Plan, measuredWords: string): Finding[] {
  if (plan.measured.name.trim()) return []
  return [
    {
      code: 'nothing-measured',
      severity: 'mend',
      part: 'measured',
      reason: `Nothing is measured yet, so this is a show and not a test. Say ${measuredWords}.`,
      remedies: [],
    },
  ]
}

function wrongInstrument(plan: Plan): Finding[] {
  const { instrument, unit } = plan.measured
  const wanted = unitDefinition(unit)
  const read = unitDefinition(instrument.unit)
  if (wanted.dimension === read.dimension) return []
  return [
    {
      code: 'wrong-instrument',
      severity: 'mend',
      part: 'measured',
      reason: `A ${quoted(instrument.name)} reads ${read.spoken}, not ${wanted.spoken}.`,
      remedies: [
        remedy(`Measure in ${read.spoken}`, (before) => ({
          measured: { ...before.measured, unit: before.measured.instrument.unit },
        })),
      ],
    },
  ]
}

function bestUndefined(plan: Plan): Finding[] {
  const word = judging.exec(plan.question)?.[0]
  if (!word || plan.best) return []
  const name = quoted(plan.measured.name) || 'of what we measure'
  return [
    {
      code: 'best-undefined',
      severity: 'mend',
      part: 'question',
      reason: `What does “${word.toLowerCase()}” mean here? Say which end wins, so that everyone judges alike.`,
      remedies: [
        remedy(`It means the most ${name}`, () => ({ best: 'most' })),
        remedy(`It means the least ${name}`, () => ({ best: 'least' })),
      ],
    },
  ]
}
