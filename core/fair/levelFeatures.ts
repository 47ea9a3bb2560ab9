import { defined, firstOf } from '../defined'
import { levelName, newId, type Plan, remedy, type Remedy } from '../plan'
import { quoted, type Finding } from './finding'
import { writeDown } from './writeDown'

/** How levels can differ beside what they are: a name for it, and the words that say it. */
const features: [name: string, words: RegExp][] = [
  [
    'lid',
    /\b(?:(?:with|and) (?:an? |the |its )?(?:\w+ )?(?:lid|cover|top|cap)s?(?: on)?|without (?:an? |the |its )?(?:lid|cover|top|cap)s?|no (?:lid|cover|top|cap)|lidded|lid (?:on|off)|(?:(?:wide |narrow )?open(?:ed)?|closed|sealed|covered|uncovered)(?= (?:\w+ )?(?:bottle|jar|cup|mug|pot|tub|box|bag|bowl|container|glass|beaker|tin|can)s?\b))(?=\W|$)/i,
  ],
  ['size', /\b(?:small|little|tiny|mini|medium|large|big|huge|giant)(?:er|est)?\b/i],
  ['length', /\b(?:long|short)(?:er|est)?\b(?! time)/i],
  ['width', /\b(?:thick|thin|wide|narrow)(?:r|st|er|est|ner|nest)?\b(?! open)/i],
  [
    'temperature',
    /\b(?:hot|warm|lukewarm|cold|cool|iced|icy|chilled|room[- ]temperature)(?:er|est)?\b(?! glue| chocolate)/i,
  ],
  ['wetness', /\b(?:wet|damp|dry|soaked)\b/i],
  ['number of layers', /\b(?:(?:one|two|three|four|\d+) layers?(?: of)?|single|double|triple)\b/i],
  ['amount', /\b\d+(?:[.,]\d+)? ?(?:mL|L|g|kg|spoons?|spoonfuls?|teaspoons?|drops?|cups?)(?: of)?\b/i],
  [
    'colour',
    /\b(?:red|blue|green|yellow|orange|purple|pink|brown|black|white|gr[ae]y|silver|gold|dark|light|shiny|dull)\b(?! (?:vinegar|bread|sugar|cabbage|pepper|chocolate|tack|spirit|water|wool sock|board|wine|rice|flour|bean|pea)s?)/i,
  ],
  [
    'place',
    /\b(?:on|onto|in|into|under|by|near|next to|beside) (?:the |a |an )?[a-z]+(?: (?:sill|window|cupboard|fridge|floor|table|box|water|room))?\b/i,
  ],
]

interface Read {
  values: Map<string, string>
  /** What is left of the name: what the level is. */
  rest: string
}

const plain = (text: string) =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\p{N} ]/gu, ' ')
    .replace(/\s+/g, ' ')
    .trim()

function read(name: string): Read {
  const values = new Map<string, string>()
  let rest = name
  for (const [feature, words] of features) {
    const found = words.exec(rest)
    if (!found) continue
    values.set(feature, plain(found[0]))
    rest = rest.replace(words, ' ')
  }
  const kind = plain(rest.replace(/\b(?:an?|the|and|with|of|on|in|to)\b/gi, ' '))
  // "Blue" beside "bumpy" is what the level is called, not one thing more about it.
  if (kind === '' && values.size === 1) return { values: new Map(), rest: firstOf([...values.values()]) }
  return { values, rest: kind }
}

/** The features in which levels differ by their own words; a lid that only one of them speaks of counts, too. */
function differing(levels: readonly Read[]): string[] {
  const varied = features
    .map(([feature]) => feature)
    .filter((feature) => {
      const said = levels.flatMap(({ values }) => values.get(feature) ?? [])
      if (said.length === 0) return false
      if (feature === 'lid') return new Set(levels.map(({ values }) => values.get(feature))).size > 1
      // Said of some levels only, it may be how they are told apart: white paper, brown paper and newspaper.
      return new Set(said).size > 1 && said.length === levels.length
    })
  return new Set(levels.map(({ rest }) => rest)).size > 1 ? [...varied, ''] : varied
}

/** Two things in the name of one level, as in "height/ball" or "small ball on carpet". */
const paired = /^[^/]+\/[^/]+$/

/**
 * Findings about levels that differ in two things by their own words: "small hot cup" and "big cold cup".
 * @param plan whose kinds are compared; numbers differ in one thing only
 */
export function levelFeatures(plan: Plan): Finding[] {
  if (plan.changed.kind !== 'kinds') return []
  const named = plan.levels.filter((level) => level.name.trim() !== '')
  if (named.length < 2 || named.some((level) => level.baseline || saysNothing.test(level.name.trim())))
    return []
  const written = plan.properties.filter((one) => one.known).map((one) => plain(one.name))
  const found = differing(named.map((level) => read(level.name))).filter((one) => !written.includes(one))
  const asked = found.filter((feature) => feature !== '')
  const isPaired = named.every((level) => paired.test(level.name.trim()))
  if (!isPaired && (found.length < 2 || asked.length === 0)) return []
  const what = isPaired
    ? 'two things'
    : listedTwo([...(found.includes('') ? [kindWord(plan)] : []), ...asked])
  const [first, second] = named.slice(0, 2).map((level) => quoted(levelName(plan, level), 24))
  return [
    {
      code: 'levels-differ-twice',
      severity: 'mend',
      field: 'levels',
      reason: `${defined(first)} and ${defined(second)} differ in ${what}. Then nobody can say which of them made the difference.`,
      remedies: isPaired ? [] : remediesFor(asked, found.includes('')),
    },
  ]
}

/** Kinds that say "as it is": a level beside them may say more. */
export const saysNothing =
  /^(?:no|none|nothing|without|bare|plain|uncovered|control|just|only|as it is|normal|nothing added)\b|^off$/i

const kindWord = ({ changed }: Plan) =>
  changed.name.trim() === ''
    ? 'what they are'
    : quoted(changed.name.replace(/^(?:kind|type|sort)s? of /i, ''), 24)
const listedTwo = (words: string[]) => {
  const [one, other] = words
  return other === undefined ? `more than ${one ?? 'one thing'}` : `two things: ${one} and ${other}`
}

/** One feature at a time made the same for all, as long as the levels still differ in something. */
function remediesFor(asked: string[], differInKind: boolean): Remedy[] {
  const able = differInKind ? asked : asked.slice(0, -1)
  const alike = able.slice(0, 2).map((feature) =>
    remedy(`Same ${feature} for all`, (before) => {
      const words = defined(features.find(([name]) => name === feature))[1]
      return {
        levels: before.levels.map((level) => ({ ...level, name: withoutWords(level.name, words) })),
        keptSame: [...before.keptSame, { id: newId(), name: feature, how: 'the same for all', was: null }],
      }
    }),
  )
  return [...alike, ...able.slice(0, 1).map(asKnown)]
}

/** A feature as the levels themselves say it; of a lid that a level doesn't speak of, it has none. */
const asKnown = (feature: string): Remedy =>
  writeDown(({ levels, properties }) => {
    const at = levels.map(({ id, name }) => [id, read(name).values.get(feature) ?? `no ${feature}`] as const)
    return {
      properties: [...properties, { id: newId(), name: feature, at: Object.fromEntries(at), known: true }],
    }
  })

const withoutWords = (name: string, words: RegExp) => {
  const left = name
    .replace(words, ' ')
    .replace(/\s+/g, ' ')
    .replace(/^\s*,|,\s*$/g, '')
    .trim()
  return left === '' ? firstOf([name]) : left
}
