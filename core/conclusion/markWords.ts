import type { Evidence } from '../evidence'
import { type Plan } from '../plan'
import { hasOrder } from '../recording'
import { parseQuantity, unitDefinition } from '../quantity'
import type { Claim } from './claim'
import { scopeLevels } from './judgeClaim'

/** Words of the class's own that the parts of its claim do not say. */
export interface MarkedWords {
  kind: 'turns-round' | 'reaches-further' | 'gives-a-cause' | 'names-another'
  text: string
  /** Said after the words themselves. */
  why: string
}

interface Token {
  text: string
  word: string
  negated: boolean
}

const negators = new Set(
  'no not never nobody none neither nor without cannot hardly nothing nowhere wasnt werent isnt arent didnt doesnt dont cant couldnt wont wouldnt hasnt havent hadnt'.split(
    ' ',
  ),
)
/** How many words a negation reaches over; a new clause ends it. */
const negationReach = 4
const clauseEnds = new Set([
  'but',
  'and',
  'so',
  'because',
  'while',
  'although',
  'then',
  'that',
  'which',
  'when',
  'if',
])

const moreWords =
  /^(more|most|larger|largest|bigger|biggest|higher|highest|longer|longest|further|furthest|farther|farthest|greater|greatest|taller|tallest|heavier|heaviest|faster|fastest|stronger|strongest|warmer|warmest|wider|rose|rises|rise|rising|increas\w*|grew|grows|went up|gained|better|best)$/
const lessWords =
  /^(less|least|fewer|fewest|smaller|smallest|lower|lowest|shorter|shortest|nearer|lighter|lightest|slower|slowest|weaker|weakest|colder|coldest|cooler|narrower|fell|falls|fall|falling|drops off|decreas\w*|shrank|shrinks|sank|lost|worse|worst)$/

/** Words that say more than any test can, or more than the part that was checked. */
const reachWords =
  /^(always|everything|everywhere|everyone|everybody|prove[ds]?|proves|proven|proving|proof|definitely|certainly|certain|surely|guarantee[ds]?|fact|facts|impossible|whatever|whichever|100%|must|forever|true)$/
const causeWords = /^(because|cause[ds]?|causes|causing|due|reason|reasons|why|thanks|therefore|hence)$/
const causePhrases =
  /\b((?:makes?|made|making)(?! (?:no|any)\b)|leads? to|led to|result(?:s|ed)? (?:of|from|in)|that is why|that’s why|that's why|so that|affect(?:s|ed)?|influence[sd]?)\b/gi
const samePhrases =
  /\b(no (?:\w+ )?difference|(?:about|nearly|almost|just|exactly|all|much) the same|the same (?:height|distance|time|amount|number|length|force|mass|weight|result|results)|equal(?:ly)?|(?:did not|didn’t|didn't|does not|doesn’t|doesn't) (?:matter|change|make a(?:ny)? difference)|made no difference|as (?:high|far|long|much|many|strong|warm|fast) as)\b/gi
/** Said with a comparing word that compares nothing. */
const idioms = /\b(more or less|at least|at most|at last|last but not least|no (?:more|less) than)\b/gi
/** "All balls", "any drop", "each try": more than was tested, unless it speaks of this class's own groups and tries. */
const generalPhrases =
  /\b(all|any|every|each)\s+(?!(?:of\s+)?(?:the|our|these|those|us|them|\d+|two|three|four|five|six|seven|eight|nine|ten|twelve|groups?|tries|try)\b)(\p{L}+)/giu

/**
 * Finds words in a class's own sentence that the parts of its claim do not say: words that turn it round, that reach further
 * than was tested, that give a cause, or that speak of another level. A negation before a word is read ("never had a
 * lower bounce", "does not prove"). What is not marked is not certified either.
 *
 * Comparing words are taken together: "the lower the drop, the lower the bounce" says the same as twice "higher", so
 * it is the odd one out that turns the claim round.
 *
 * @param partsFit whether the parts of the claim fit the data, so that "every time" may stand where they say it
 * @example markWords(plan, claim, 'Higher drops always bounce higher.', evidence, true)[0]?.text // undefined: every group agrees; else 'always'
 */
export function markWords(
  plan: Plan,
  claim: Claim,
  ownWords: string,
  evidence: Evidence,
  partsFit: boolean,
): MarkedWords[] {
  const tokens = tokensOf(ownWords.replace(idioms, ' '))
  const everyTime = partsFit && claim.strength === 'always'
  return [
    ...turning(claim, ownWords, tokens),
    ...reaching(ownWords, tokens, everyTime),
    ...causing(ownWords, tokens),
    ...naming(plan, claim, ownWords, evidence),
  ]
}

function tokensOf(text: string): Token[] {
  const tokens: Token[] = []
  let left = 0
  for (const match of text.matchAll(/[\p{L}\p{N}%]+(?:[’'][\p{L}]+)?|[.;:!?,]/gu)) {
    const word = match[0].toLowerCase().replace(/[’']/g, '')
    if (/^[.;:!?,]$/.test(match[0]) || clauseEnds.has(word)) left = 0
    if (/^[.;:!?,]$/.test(match[0])) continue
    tokens.push({ text: match[0], word, negated: left > 0 })
    if (negators.has(word)) left = negationReach
    else if (left > 0) left--
  }
  return tokens
}

function turning(claim: Claim, text: string, tokens: readonly Token[]): MarkedWords[] {
  const mark = (found: string, why: string): MarkedWords => ({ kind: 'turns-round', text: found, why })
  const comparing = tokens.filter(({ word }) => moreWords.test(word) || lessWords.test(word))
  if (claim.comparison === 'same')
    return comparing
      .filter((token) => !token.negated)
      .map((token) => mark(token.text, 'says that there is a difference; the parts say about the same.'))
  const same = [...text.matchAll(samePhrases)]
    .filter((match) => !negatedAt(text, match.index))
    .map((match) => mark(match[0], 'says that nothing differs; the parts say that it does.'))
  const signs = comparing.map((token) => (lessWords.test(token.word) ? -1 : 1) * (token.negated ? -1 : 1))
  const said = signs.reduce((product, sign) => product * sign, 1)
  const wanted =
    claim.subject === 'least' || (claim.subject !== 'most' && claim.comparison === 'less') ? -1 : 1
  if (comparing.length === 0 || said === wanted) return same
  const against = comparing.filter((_, index) => signs[index] === -1)
  return [
    ...same,
    ...(against.length > 0 ? against : comparing).map((token) =>
      mark(token.text, 'turns the parts round: they go the other way.'),
    ),
  ]
}

function reaching(text: string, tokens: readonly Token[], everyTime: boolean): MarkedWords[] {
  const why = 'reaches further than the levels and tries of this test.'
  const found: MarkedWords[] = []
  tokens.forEach((token, index) => {
    const before = tokens[index - 1]?.word
    const seen = tokens
      .slice(index + 1, index + 3)
      .some(({ word }) => /^(had|saw|got|found|were|was|did|came|went)$/.test(word))
    const idiom = token.word === 'fact' && before === 'in'
    const strong = reachWords.test(token.word) || (token.word === 'never' && !seen)
    if (!strong || token.negated || idiom || (everyTime && token.word === 'always')) return
    found.push({ kind: 'reaches-further', text: token.text, why })
  })
  for (const match of text.matchAll(generalPhrases)) {
    if (negatedAt(text, match.index)) continue
    if (/^time/i.test(match[2]!) && everyTime) continue
    found.push({ kind: 'reaches-further', text: match[0], why })
  }
  return found
}

function causing(text: string, tokens: readonly Token[]): MarkedWords[] {
  const why = 'gives a cause. The test shows what happened, not why.'
  const single = tokens
    .filter((token) => causeWords.test(token.word) && !token.negated)
    .map((token) => token.text)
  const phrases = [...text.matchAll(causePhrases)]
    .filter((match) => !negatedAt(text, match.index))
    .map((match) => match[0])
  return [...new Set([...single, ...phrases])].map((found) => ({ kind: 'gives-a-cause', text: found, why }))
}

/** Whether a negation stands just before a place in the text, in the same clause. */
function negatedAt(text: string, index: number): boolean {
  return tokensOf(`${text.slice(0, index)} here`).at(-1)!.negated
}

/** Levels and numbers that the claim's parts do not speak of. */
function naming(plan: Plan, claim: Claim, text: string, { results }: Evidence): MarkedWords[] {
  const scope = new Set(scopeLevels(plan, claim.scope).map((level) => level.id))
  const spoken = claim.subject === 'trend' ? scope : new Set(claim.levelIds)
  if (!hasOrder(plan))
    return claim.subject === 'trend'
      ? []
      : plan.levels
          .filter((level) => level.name.trim() !== '' && !spoken.has(level.id) && says(text, level.name))
          .map((level) => ({
            kind: 'names-another',
            text: level.name,
            why: 'is not what the parts speak of, so nothing said of it was checked.',
          }))
  return numbersIn(plan, text).flatMap(({ said, value }) => {
    const level = plan.levels.find((one) => one.value === value)
    if (level && spoken.has(level.id)) return []
    // A number may be a result as well as a level.
    const measured = results.some((one) => value >= one.least && value <= one.greatest)
    const alike =
      plan.changed.unit !== null && dimensionOf(plan.changed.unit) === dimensionOf(plan.measured.unit)
    if (!level && alike && measured) return []
    return [
      {
        kind: level ? ('names-another' as const) : ('reaches-further' as const),
        text: said,
        why: level ? 'lies outside of what the parts speak of.' : 'was not tested.',
      },
    ]
  })
}

const dimensionOf = (unit: NonNullable<Plan['changed']['unit']>) => unitDefinition(unit).dimension

/** Numbers with a unit of the thing changed, in its own unit. */
function numbersIn({ changed }: Plan, text: string): { said: string; value: number }[] {
  const { unit } = changed
  if (!unit) return []
  return [...text.matchAll(/\d+(?:[.,]\d+)?\s?[\p{L}°]+/gu)].flatMap((match) => {
    const parsed = parseQuantity(match[0], unit)
    return parsed.ok && parsed.typedUnit !== null ? [{ said: match[0], value: parsed.value }] : []
  })
}

function says(text: string, name: string): boolean {
  const plain = (one: string) =>
    ` ${one
      .toLowerCase()
      .replace(/[^\p{L}\p{N}]+/gu, ' ')
      .trim()} `
  return plain(text).includes(plain(name))
}
