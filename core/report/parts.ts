import { variableWords } from '../class'
import { amountOf, makingWords } from '../kit'
import { levelsSaid, theNamed } from '../method'
import { levelName, orderedLevels, printResult } from '../plan'
import { capital, listed } from '../quantity'
import { usesInstrument } from '../recording'
import type { PartBody, PartId, ReportFacts } from './part'

const text = (...paragraphs: string[]): PartBody => ({
  kind: 'text',
  paragraphs: paragraphs.map((one) => one.trim()).filter((one) => one !== ''),
})
const list = (items: readonly string[], isNumbered = false): PartBody => ({
  kind: 'list',
  items: items.map((one) => one.trim()).filter((one) => one !== ''),
  isNumbered,
})

/** What each part of a paper says of a lesson: a new part is one more line here. */
export const parts: Record<PartId, (facts: ReportFacts) => PartBody> = {
  question: ({ plan }) => text(plan.question || plan.title),
  background: ({ plan }) => text(plan.background?.goal ?? '', plan.background?.science ?? ''),
  prediction: ({ predictions, predicted }) =>
    predictions.length > 1 ? list([...predictions, predicted]) : text(...predictions, predicted),
  variables,
  materials,
  prepare: ({ plan }) => list(plan.preparing.map(({ what }) => sentence(what))),
  method: ({ plan, method, tries }) =>
    plan.steps.some((step) => step.trim() !== '') ? list([...plan.steps, tries], true) : text(method),
  bench: () => ({ kind: 'figure', figure: 'bench' }),
  cautions: ({ cautions }) =>
    list(
      cautions.length === 0
        ? []
        : [...cautions, 'The school’s own risk assessment and local rules come first.'],
    ),
  table,
  chart: ({ evidence }) => (evidence.results.length > 0 ? { kind: 'figure', figure: 'chart' } : text()),
  photos: () => ({ kind: 'figure', figure: 'photos' }),
  found: ({ said, found }) => text(said, said === found.sentence ? '' : found.sentence, found.detail),
  sure: ({ found, evidence }) => text(...(evidence.results.length > 0 ? found.reasons : [])),
  wrong: ({ caveats }) => list(caveats),
  why: ({ conclusion: { why } }) =>
    text(...(why.trim() === '' ? [] : [sentence(why), 'It is an idea: this test did not check it.'])),
  dissent: ({ conclusion }) => text(conclusion.dissent),
  better: ({ conclusion }) => text(conclusion.better),
  next: ({ conclusion }) => text(conclusion.nextQuestion),
  words: ({ plan }) => ({
    kind: 'words',
    words: plan.background?.words.filter(({ word }) => word.trim() !== '') ?? [],
  }),
}

const sentence = (words: string) => {
  const trimmed = words.trim()
  return trimmed === '' || /[.!?]$/.test(trimmed) ? capital(trimmed) : `${capital(trimmed)}.`
}

function variables({ plan, vocabulary }: ReportFacts): PartBody {
  const words = variableWords(vocabulary)
  const read = usesInstrument(plan) ? `, read with ${theNamed(plan.measured.instrument.name)}` : ''
  return list([
    `${capital(words.changed)}: ${plan.changed.name}${plan.levels.length > 0 ? ` (${levelsSaid(plan)})` : ''}.`,
    plan.measured.name.trim() === '' ? '' : `${capital(words.measured)}: ${plan.measured.name}${read}.`,
    plan.keptSame.length === 0
      ? ''
      : `${capital(words.keptSame)}: ${listed(plan.keptSame.map(({ name, how }) => (how.trim() === '' ? name : `${name} (${how})`)))}.`,
  ])
}

/** What lies on one tray, then what is there for all. */
function materials({ lines }: ReportFacts): PartBody {
  const items = lines.flatMap(({ material, perGroup, shared }) => {
    const each = Math.max(0, ...perGroup)
    const made = material.made ? `, ${makingWords(material.made, material.amount)}` : ''
    if (each > 0)
      return material.per === 'child'
        ? [`${amountOf(material.amount, material.unit, material.name)} for each child${made}`]
        : [`${amountOf(each, material.unit, material.name)} for each group${made}`]
    return shared > 0 ? [`${amountOf(shared, material.unit, material.name)} for the class${made}`] : []
  })
  return list(items)
}

/** What each group got at each level, and all together. */
function table({ scored, evidence, groups, plan }: ReportFacts): PartBody {
  const levels = orderedLevels(scored)
  const reading = groups.filter((group) => evidence.cells.some((cell) => cell.groupId === group.id))
  if (evidence.results.length === 0) return { kind: 'table', caption: '', head: [], rows: [] }
  const shown = (value: number | undefined) => (value === undefined ? '–' : printResult(scored, value, 1))
  return {
    kind: 'table',
    caption: `${capital(scored.measured.name || 'what we measured')}, one number for each group.`,
    head: [capital(plan.changed.name || 'level'), ...reading.map(({ name }) => name), 'All'],
    rows: levels.map((level) => [
      levelName(scored, level),
      ...reading.map(({ id }) =>
        shown(
          evidence.cells.find((cell) => cell.groupId === id && cell.levelId === level.id)?.summary.centre,
        ),
      ),
      shown(evidence.results.find((result) => result.level.id === level.id)?.centre),
    ]),
  }
}
