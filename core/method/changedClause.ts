import { lastOf } from '../defined'
import { comparesSides } from '../comparison'
import type { Vocabulary } from '../class'
import {
  fittingPrediction,
  guessChanged,
  levelName,
  looksAtVariation,
  orderedLevels,
  planLimits,
  type Plan,
} from '../plan'
import { aimOf, withAim, withRounds, type Aim } from '../variables'
import { isInRounds } from '../recording'
import { listed } from '../quantity'
import { articleBefore } from './named'
import { choiceOf, word, type MethodSentence, type MethodWord } from './word'

/** More levels than this, or longer ones, fold into how many there are. */
const foldAt = { levels: 7, letters: 70 }

const aims: [Aim, string][] = [
  ['compare', 'change one thing and compare'],
  ['improve', 'improve a design in rounds'],
  ['vary', 'change nothing, and look how much it varies'],
]

const aimWords: Record<Aim, string> = { compare: 'change', improve: 'improve', vary: 'change nothing' }

const begins: Record<Vocabulary, string> = {
  plain: '',
  formal: 'The independent variable, which we ',
  tested: 'The test variable, which we ',
}

/** "We change the lamp distance: 30, 60, 90 and 120 cm." */
export function changedClause(plan: Plan, vocabulary: Vocabulary): MethodSentence {
  const aim = word('aim', 'What we do', aimWords[aimOf(plan)], choiceOf<Aim>(aimOf(plan), aims, withAim), {
    chosen: aimOf(plan) !== 'compare',
  })
  const name = changedWord(plan)
  const before = articleBefore(plan.changed.name, 'the')
  if (isInRounds(plan))
    return [
      'We ',
      aim,
      ` ${articleBefore(plan.changed.name, 'the')}`,
      name,
      ' in ',
      roundsWord(plan),
      ', altering one thing each time.',
    ]
  if (comparesSides(plan) && plan.levels.length < 2)
    return ['We ', { ...aim, text: 'test' }, ' one thing: ', levelsWord(plan), '.']
  if (looksAtVariation(plan)) {
    const lead: MethodSentence = ['We ', aim, ' and look how much it varies']
    if (plan.changed.name.trim() === '') return [...lead, ', with ', levelsWord(plan), '.']
    return plan.changed.kind === 'number'
      ? [...lead, `, with ${before}`, name, ' at ', levelsWord(plan), '.']
      : [...lead, `, with this `, name, ': ', levelsWord(plan), '.']
  }
  if (vocabulary === 'plain') return ['We ', aim, ` ${before}`, name, ': ', levelsWord(plan), '.']
  return [begins[vocabulary], aim, `, is ${before}`, name, ': ', levelsWord(plan), '.']
}

function changedWord(plan: Plan): MethodWord {
  const name = plan.changed.name.trim()
  return word(
    'changed',
    isInRounds(plan) ? 'What we improve' : 'What we change',
    name || 'one thing',
    {
      kind: 'text',
      value: plan.changed.name,
      most: 80,
      placeholder: 'drop height',
      put: renamedChanged,
    },
    { silent: name === '' },
  )
}

/** While there are no levels, the name says whether they will be numbers or kinds. */
function renamedChanged(plan: Plan, name: string): Plan {
  if (plan.levels.length > 0 || isInRounds(plan)) return { ...plan, changed: { ...plan.changed, name } }
  const changed = { ...guessChanged(name), range: null }
  return { ...plan, changed, prediction: fittingPrediction(plan, changed) }
}

function levelsWord(plan: Plan): MethodWord {
  const text = levelsSaid(plan)
  return word('levels', 'Levels', text || 'at which levels?', { kind: 'levels' }, { silent: text === '' })
}

/**
 * The levels as they stand in a sentence; many of them fold.
 * @example levelsSaid(plan) // '20, 40 and 60 cm'; for twelve kinds '12 kinds: wool to nothing'
 */
export function levelsSaid(plan: Pick<Plan, 'changed' | 'levels'>): string {
  const levels = orderedLevels(plan)
  const names =
    plan.changed.kind === 'kinds'
      ? levels.map((level) => level.name.trim()).filter(Boolean)
      : levels.filter((level) => level.value !== null).map((level) => levelName(plan, level))
  if (names.length === 0) return ''
  const line = plan.changed.kind === 'kinds' ? listed(names) : numbersListed(plan, names)
  if (names.length <= foldAt.levels && line.length <= foldAt.letters) return line
  const many = plan.changed.kind === 'kinds' ? 'kinds' : 'levels'
  return `${names.length} ${many}: ${names[0]} to ${names.at(-1)}`
}

/** "20, 40 and 60 cm": the unit is said once. */
function numbersListed(plan: Pick<Plan, 'changed' | 'levels'>, names: string[]): string {
  const unit = / (\D+)$/u.exec(lastOf(names))?.[0] ?? ''
  return listed(names.map((name) => name.replace(/ \D+$/u, ''))) + unit
}

function roundsWord(plan: Plan): MethodWord {
  const counts = Array.from({ length: planLimits.levels - 1 }, (_, index) => index + 2)
  return word(
    'levels',
    'Rounds of building and testing',
    `${plan.levels.length} rounds`,
    choiceOf(
      plan.levels.length,
      counts.map((count) => [count, `${count} rounds`] as const),
      withRounds,
    ),
  )
}
