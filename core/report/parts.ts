import { variableWords } from '../class'
import { amountOf, makingWords } from '../kit'
import { isDoneForAll } from '../lesson'
import { levelsSaid, theNamed } from '../method'
import { levelName, orderedLevels, printResult } from '../plan'
import { capital, listed } from '../quantity'
import { usesInstrument } from '../recording'
import type { PartBody, PartId, ReportFacts } from './part'
import { readingTables } from './readingTables'

const text = (...paragraphs: string[]): PartBody => ({
  kind: 'text',
  paragraphs: paragraphs.map((one) => one.trim()).filter((one) => one !== ''),
})
const list = (items: readonly string[], isNumbered = false): PartBody => ({
  kind: 'list',
  items: items.map((one) => one.trim()).filter((one) => one !== ''),
  isNumbered,
})

/** Where nothing was read, and the class has said nothing, the answer is written by hand. */
const isOpen = ({ said, found, evidence }: ReportFacts) =>
  evidence.results.length === 0 && said === found.sentence
const room: PartBody = { kind: 'room', lines: 2 }

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
  chart: ({ evidence, choices }) =>
    evidence.results.length > 0 || choices.chart !== 'drawn' ? { kind: 'chart', how: choices.chart } : text(),
  photos: ({ photos }) => ({ kind: 'pictures', items: photos }),
  found: (facts) =>
    isOpen(facts)
      ? room
      : text(facts.said, facts.said === facts.found.sentence ? '' : facts.found.sentence, facts.found.detail),
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
  tested: ({ method }) => text(method),
  answer: (facts) => (isOpen(facts) ? room : text(facts.said)),
  // The reasons stand under the sentence that they belong to, which may not be the class's own.
  showed: ({ found, said, predicted, evidence }) => {
    const own = said === found.sentence ? '' : found.sentence
    const shown = [own, ...found.reasons.slice(0, 2), found.detail, predicted].filter((one) => one !== '')
    return evidence.results.length > 0 ? text(shown.join(' ')) : text()
  },
  'own-prediction': ({ own }) => text(...(own?.predictions ?? [])),
  'own-readings': ({ plan, counted, own, groups: [first], choices }) => {
    // What is done once for all to see is everybody's; it stands under the first group.
    const by = own !== null && first && isDoneForAll(plan) ? { groupId: first.id, groupIndex: 0 } : own
    return {
      kind: 'tables',
      tables: by === null ? [] : readingTables({ plan, counted, ...by }, choices.sums),
    }
  },
  noticed: ({ own }) => ({ kind: 'pictures', items: own?.noticed ?? [] }),
  guessed: ({ own }) => ({ kind: 'pictures', items: own?.guessed ?? [] }),
  visits: ({ own }) => list(own?.visits ?? []),
  draw: () => ({ kind: 'room', lines: 0 }),
  now: () => room,
}

const sentence = (words: string) => {
  const trimmed = words.trim()
  return trimmed === '' || /[.!?]$/.test(trimmed) ? capital(trimmed) : `${capital(trimmed)}.`
}

function variables({ plan, vocabulary }: ReportFacts): PartBody {
  const words = variableWords(vocabulary)
  const { instrument } = plan.measured
  const how = instrument.name === 'tally' ? ', counted' : `, read with ${theNamed(instrument.name)}`
  const read = usesInstrument(plan) ? how : ''
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
function table({ scored, evidence, groups, plan, choices }: ReportFacts): PartBody {
  const levels = orderedLevels(scored)
  const reading = groups.filter((group) => evidence.cells.some((cell) => cell.groupId === group.id))
  if (evidence.results.length === 0) return { kind: 'tables', tables: [] }
  const shown = (value: number | undefined) => (value === undefined ? '–' : printResult(scored, value, 1))
  const rows = levels.map((level) => [
    levelName(scored, level),
    ...reading.map(({ id }) =>
      shown(evidence.cells.find((cell) => cell.groupId === id && cell.levelId === level.id)?.summary.centre),
    ),
    choices.sums === 'left'
      ? ''
      : shown(evidence.results.find((result) => result.level.id === level.id)?.centre),
  ])
  const head = [capital(plan.changed.name || 'level'), ...reading.map(({ name }) => name), 'All']
  const caption = `${capital(scored.measured.name || 'what we measured')}, one number for each group.`
  return { kind: 'tables', tables: [{ caption, head, rows }] }
}
