import { defined, firstOf } from '../defined'

/** What a question seems to change, and what it seems to ask to be measured, the likeliest first. */
export interface SuggestedParts {
  change: string[]
  measure: string[]
}

/** What differs between two of a thing that are compared by this word. */
const quantities: [wording: RegExp, quantity: string][] = [
  [/^heav|^light(?=er|est)/, 'weight'],
  [/^big|^larg|^small|^littl/, 'size'],
  [/^long|^short/, 'length'],
  [/^tall|^high|^low/, 'height'],
  [/^thick|^thin/, 'thickness'],
  [/^wid|^narrow/, 'width'],
  [/^warm|^hot|^cold|^cool/, 'temperature'],
  [/^steep/, 'steepness'],
  [/^bright|^dark/, 'brightness'],
  [/^wet|^dr[iy]/, 'wetness'],
  [/^rough|^smooth/, 'roughness'],
  [/^near|^clos|^far/, 'distance'],
]
const quantityOf = (word: string): string | undefined =>
  quantities.find(([wording]) => wording.test(word.toLowerCase()))?.[1]

const comparative = String.raw`(?:heavi|light|bigg|larg|small|littl|long|short|tall|high|low|thick|thinn|wid|narrow|warm|hott|cold|cool|steep|bright|dark|wett|dri|rough|smooth|near|clos)er`

/** Ways of saying what is changed; the first group, or what is made of the match, is its name. */
const changes: [wording: RegExp, name: (match: RegExpExecArray) => string | undefined][] = [
  [
    /\b(?:if|when|by|we|you|i) chang(?:e|ing) (?:the |its |our )?((?:\w+ ){0,3}\w+?)(?: for| to|,|\?|$)/i,
    ([, named]) => named,
  ],
  [
    /\b(?:do|does|would|will|can) (?:the |a |an |its )?((?:\w+ )?(?:height|size|shape|colour|color|width|length|thickness|amount|number|kind|type|temperature|weight|surface|material|angle|speed|distance|position|age)(?: of (?:the |a )?\w+(?: \w+)??)?) (?:matter|change|affect|help|make|alter)/i,
    ([, named]) => named,
  ],
  [
    /\bhow (?:do|does) (?:the |an? |its )?((?:\w+ ){0,3}\w+?) (?:change|affect|alter)s? /i,
    ([, named]) => named,
  ],
  [
    /\b(?:drop|let|fall|release)\w*\b.*\b(?:from )?(?:higher|lower|further up)\b|\bfrom higher\b/i,
    () => 'drop height',
  ],
  [
    /\bhow many layers\b|\b(?:more|two|three|four|extra) layers\b|\bnumber of layers\b/i,
    () => 'number of layers',
  ],
  [
    /\b(?:more|less|extra) (sugar|salt|water|soap|washing-up liquid|glycerine|yeast|flour|light|sand|vinegar|oil)\b/i,
    ([, what]) => `amount of ${defined(what)}`,
  ],
  [
    /\b(?:with|if|add|use|put|have|has|had|of) (?:we |you |it )?(?:add|use|put|have|has|had )?\s*more (\w+s)\b/i,
    ([, what]) => `number of ${defined(what)}`,
  ],
  [/\bin (?:the )?(?:dark|light|shade)\b|\bwithout (?:any )?light\b/i, () => 'light'],
  [/\bin (?:salt\w*|sugar\w*|fizzy|sea) ?water\b|\bin (?:vinegar|oil|lemon juice)\b/i, () => 'liquid'],
  [/\bon (?:the )?(?:carpet|tile|wood|sand|grass|stone|ice)\b/i, () => 'surface'],
  [
    new RegExp(
      String.raw`\b(${comparative}) ((?:paper (?:ear|plane|cup|spinner|strip)|(?:drinks|plastic) bottle|run-up|\w+))\b`,
      'i',
    ),
    ([, word, thing]) => {
      const quantity = quantityOf(defined(word))
      return quantity && !notThings.test(defined(thing))
        ? `${quantity} of the ${defined(thing).toLowerCase()}`
        : undefined
    },
  ],
  [
    /\b(?:is|are|do|does) (?:an? |the )?(?:thick|thin|big|small|long|short|heavy|light|wide|warm|cold) (\w+)\b/i,
    (match) => {
      const word = /thick|thin|big|small|long|short|heavy|light|wide|warm|cold/i.exec(match[0])?.[0] ?? ''
      const quantity = quantityOf(`${word}er`)
      return quantity ? `${quantity} of the ${defined(match[1]).toLowerCase()}` : undefined
    },
  ],
  [
    /^which (?:of (?:these|the|our) )?(?:kind of |type of )?(kitchen paper|paper plane|paper cup|washing-up liquid|rubber band|\w+)\b/i,
    ([, thing]) => kindOf(defined(thing)),
  ],
  [
    /^what (?:kind|sort|type) of ((?:\w+ )?\w+)/i,
    ([, thing]) =>
      kindOf(firstOf(defined(thing).split(/ (?:is|makes?|keeps?|does|has|holds?|soaks?|lasts?|grips?)$/))),
  ],
  [/^(?:which|what) (shape|size|colour|material|surface|liquid|angle|height)\b/i, ([, named]) => named],
]
const notThings =
  /^(?:than|in|on|if|when|and|or|with|for|to|at|the|a|an|from|is|are|does|do|down|up|after|by)$/i
const kindOf = (thing: string): string | undefined => {
  const one = thing.toLowerCase()
  if (/^(?:is|are|one|ones|of|way|do|does|will|would|can|has|have)$/.test(one)) return undefined
  return /^(?:shape|size|colour|material|surface|liquid|angle|height|place|jacket|sole)s?$/.test(one)
    ? one.replace(/(?<!s)s$/, '')
    : `kind of ${one}`
}

const measures: [wording: RegExp, measure: string][] = [
  [/\bbounc\w*/i, 'bounce height'],
  [/\b(?:soak\w*|absorb\w*|mop\w*)\b/i, 'water soaked up'],
  [/\b(?:last|lasts|lasting)\b/i, 'time it lasts'],
  [/\bmelt\w*|dissolv\w*/i, 'time until it is gone'],
  [
    /\b(?:clips|washers|drops|seeds|beans|beats|marbles|coins)\b.*\b(?:hold|holds|lift|lifts|pick|carry|up|through)\b|\bhow many (?:clips|washers|drops|seeds|marbles|coins)\b/i,
    'number counted',
  ],
  [/\bwater\b.*\bholds?\b/i, 'water held'],
  [/\b(?:hold|holds|carr(?:y|ies)|bear|bears)\b.*(?:weight|more|most|washers)?/i, 'number of washers held'],
  [/\bshadows?\b/i, 'shadow length'],
  [/\b(?:pulse|heart|beats?)\b/i, 'heartbeats in a minute'],
  [/\b(?:far|further|furthest|farthest|distance|roll\w*|slid(?:e|es)|fly|flies)\b/i, 'distance'],
  [/\b(?:high|higher|highest|tall|taller|tallest|grow\w*|climb\w*|sprout\w*)\b/i, 'height'],
  [/\b(?:fast\w*|quick\w*|slow\w*|long does|sooner|dry|dries|first)\b/i, 'time'],
  [/\b(?:warm\w*|hot|hotter|cold\w*|cool\w*|heat)\b/i, 'temperature'],
  [/\b(?:heavy|heavier|heaviest|weigh\w*|mass)\b/i, 'mass'],
  [/\b(?:drink\w*|leak\w*|evaporat\w*)\b/i, 'amount of water'],
  [/\b(?:strong\w*|pull\w*|push\w*|grip\w*|stick\w*|stretch\w*|slip\w*)\b/i, 'pulling force'],
  [/\b(?:many|number|count\w*)\b/i, 'number counted'],
  [/\b(?:long|longer|longest|length)\b/i, 'length'],
]

/**
 * Returns what a question seems to change and to measure, from its words: at most three of each, those said first before others. A number
 * of something and its kind are told apart; nothing is made up where the words name nothing.
 * @example suggestParts('Does a heavier ball bounce higher?').change // ['weight of the ball']
 * @example suggestParts('What happens to the bounce if we drop it from higher?').measure // ['bounce height']
 */
export function suggestParts(question: string): SuggestedParts {
  const text = question.trim().replace(/\s+/g, ' ')
  const change = changes.flatMap(([wording, name]) => {
    const match = wording.exec(text)
    const named = match ? name(match)?.trim() : undefined
    return match && named ? [{ at: match.index, name: named.toLowerCase() }] : []
  })
  // What is changed is not what is measured: "a heavier ball bounces higher" is not about its mass.
  const rest = change.length > 0 ? withoutComparedThings(text) : text
  const measure = measures.flatMap(([wording, name]) => {
    const at = rest.search(wording)
    return at < 0 ? [] : [{ at, name }]
  })
  return { change: distinct(change.map(({ name }) => name)), measure: distinct(byPlace(measure)) }
}

const byPlace = (found: { at: number; name: string }[]) =>
  [...found].sort((a, b) => a.at - b.at).map(({ name }) => name)
const distinct = (names: string[]) => [...new Set(names)].slice(0, 3)
const withoutComparedThings = (text: string) =>
  text
    .replace(
      new RegExp(String.raw`\b${comparative} (?!than|in|on|if|when|and|with|for|at|from|\?)\w+`, 'gi'),
      '·',
    )
    .replace(/\bfrom (?:higher|lower)(?: up)?\b/gi, '·')
    .replace(
      /\b(?:warm|hot|cold|long|short|thick|thin|heavy|light) (?:water|cup|bottle|strip|card|ball|shoe|rope|string)s?\b/gi,
      '·',
    )
