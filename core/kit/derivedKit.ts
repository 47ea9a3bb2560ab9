import { itemAt, defined } from '../defined'
import { findThings, thingNamed, type Thing } from '../catalogue'
import { instrumentsRead, levelName, type KeptSame, type Material, type Plan } from '../plan'
import { isInRounds, wayOf } from '../recording'
import { parseQuantity, unitDefinition } from '../quantity'
import { kitUnit } from './kitUnit'
import { brings } from './sameThing'

/** Cards that speak of a property, a person or a place and not of a thing that can be packed. */
const notAThing =
  /^(?:things?|what|rest|dark\w*|who|how|where|when|which|way|number|size|length|height|width|depth|thickness|distance|speed|angle|place|position|spot|colou?r|shape|start\w*|stop\w*|direction|time|temperature|warmth|force|strength|surface|weight|mass|load|person|people|child|children|reader|order|age|kind|type|sort|light|air|wind|side|room|gap|weather|day|season|amount|volume|mix|drop|\w+ing)\b/i
/** What is said of a thing rather than the thing: its levels are that thing again, "candle jar, small". */
const aProperty =
  /\b(?:size|shape|colou?r|length|thickness|width|height|weight|texture|brand|make|age|state|temperature)\b/i
/** Levels that only say how something is: nothing can be brought by such a name alone. */
const howItIs =
  /^(?:(?:very|quite|more|less|most|least|extra) )?(?:[a-z]|[\p{L}]*\d+|small|little|tiny|medium|large|big|huge|long|short|wide|narrow|thick|thin|tall|high|low|wet|dry|damp|hot|cold|warm|cool|light|dark|bright|hard|soft|stiff|rough|smooth|shiny|flat|round|square|pointed|curved|bent|straight|folded|crumpled|whole|crushed|ground|fine|coarse|black|white|gr[ae]y|red|orange|yellow|green|blue|purple|pink|brown|silver|gold|top|bottom|middle|left|right|front|back|inside|outside|fast|slow|heavy|old|new|fresh|open|closed|tight|loose|full|empty|half|on|off|up|down|yes|still|moving)(?:er|est)?$/iu
/** Levels that lie in the class's own doing or in the room, not in a thing. */
const doneNotBrought =
  /\b(?:design|round|places?|spots?|location|where|light|position|order|way|speed|angle|direction|day|weather|room|time)\b/i
/** What was done to it, with nothing behind that names a thing: "cut open", "stirred", "folded in four"; "sliced bread" is bread. */
const whatWasDone =
  /^(?:not |un|half[ -])?(?:(?!red\b|bed\b|seed\b|weed\b|reed\b)\p{L}{2,}ed|cut|torn|split|shaken|frozen|woven|spun|bent|left|lid|shut)(?: (?:open|shut|up|out|off|on|flat|whole|once|twice|through|alone|apart|as it is|in(?:to)? (?:half|two|three|four|halves|quarters|strips|pieces|a \p{L}+)))*$/iu
/** A place of the school, which is not packed. */
const aPlace =
  /^(?:.*\b(?:(?:window ?)?sill|window|shelf|cupboard|fridge|freezer|radiator|corner|corridor|hall|cloakroom|playground|garden|field|lawn|shed|porch|roof|cellar|classroom|room))$/i
/** Kinds that say "as it is": nothing is brought for them. */
const nothing = /^(?:no|without|none|nothing|plain air|not)\b/i

const base = (id: string, name: string, changes: Partial<Material> = {}): Material => ({
  id,
  name,
  amount: 1,
  unit: '',
  per: 'group',
  use: 'reused',
  spare: { kind: 'number', value: 0 },
  level: null,
  place: 'tray',
  made: null,
  ...changes,
})

/**
 * Whether the levels lie in what the class does or where it does it, and not in things.
 * @example isDoneNotBrought({ recording: { kind: 'measure' }, changed: { name: 'place in school', … } }) // true
 */
export const isDoneNotBrought = (plan: Pick<Plan, 'recording' | 'changed'>): boolean =>
  isInRounds(plan) || doneNotBrought.test(plan.changed.name)

const needsOf = (plan: Pick<Plan, 'recording'>) => wayOf(plan).needs(plan.recording)

/** What the catalogue says of a thing, as the fields of a line. */
export function usualFields(thing: Thing | null): Pick<Material, 'unit' | 'use' | 'spare' | 'place'> {
  return {
    unit: thing?.unit ?? '',
    use: thing?.use ?? 'reused',
    spare: { kind: 'percent', value: thing?.spare ?? 0 },
    place: thing?.keeper ?? 'tray',
  }
}

/**
 * The lines of the kit that follow from the plan itself: its instrument, the recording sheets, the levels where
 * they are things, and the things to be kept the same. What the list names already is not derived again, what
 * the teacher has taken out stays out, and a typed line of the same id stands in place of a derived one.
 * @example derivedKit(plan).map((line) => line.name) // ['metre stick', 'recording sheet', 'ball']
 */
export function derivedKit(plan: Plan): Material[] {
  const out = new Set([...plan.leftOut, ...plan.materials.map((one) => one.id)])
  const listed = standing(plan).map((one) => one.name)
  const lines: Material[] = []
  for (const line of candidates(plan)) {
    const names = [...listed, ...lines.filter((one) => one.level === null).map((one) => one.name)]
    if (!out.has(line.id) && !isListed(plan, line, names)) lines.push(line)
  }
  return lines
}

/**
 * The typed lines that stand: one in place of a derived line does so only while the plan brings that line, so that
 * another instrument, or a level that is gone, leaves nothing behind.
 * @example standing(plan).map((line) => line.name) // [] for drop heights; what holds a thing up by its name
 */
export function standing(plan: Plan): Material[] {
  const brought = new Set(candidates(plan).map((line) => line.id))
  return plan.materials.filter(({ id }) => !id.startsWith('kit-') || brought.has(id))
}

/** Whether a line of the kit stands for the plan's instrument. */
export const isInstrumentLine = (id: string) => id.startsWith(instrumentId)
const instrumentId = 'kit-instrument-'

/** Everything that the plan brings, whether it is listed already or not. */
function candidates(plan: Plan): Material[] {
  return [
    ...instrumentLines(plan),
    base('kit-sheet', 'recording sheet', {
      amount: needsOf(plan).sheets,
      per: plan.whoTests === 'at-home' ? 'child' : 'group',
      use: 'used-up',
      spare: { kind: 'number', value: 2 },
    }),
    ...levelLines(plan),
    ...plan.keptSame.flatMap((same) => keptLine(plan, same)),
  ]
}

/** A line is listed when a name on the list brings it, or when how it is kept the same speaks of one that does. */
function isListed(plan: Plan, line: Material, names: readonly string[]): boolean {
  if (names.some((name) => brings(name, line.name))) return true
  const same = plan.keptSame.find((one) => line.id === `kit-same-${one.id}`)
  // "post: the same stick of glue": what stands for it is on the list.
  return same !== undefined && names.some((name) => thingNamed(name) !== null && brings(same.how, name))
}

/** Nothing is packed for counting by eye: a tally is strokes on the sheet. */
function instrumentLines(plan: Plan): Material[] {
  const { instruments } = needsOf(plan)
  return instrumentsRead(plan).flatMap(({ name: given, unit }) => {
    const name = given.trim()
    if (name === '' || instruments === 0 || unitDefinition(unit).dimension === 'count') return []
    return [
      base(instrumentId + slug(name), name, {
        amount: instruments,
        // At stations the instrument stays with its level, and the groups come to it.
        per: plan.whoTests === 'stations' ? 'level' : 'group',
        spare: { kind: 'percent', value: thingNamed(name)?.spare ?? 0 },
      }),
    ]
  })
}

/** A name as part of an id. */
const slug = (name: string) =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, 40)

function levelLines(plan: Plan): Material[] {
  if (plan.changed.kind === 'number') return numberLine(plan)
  if (isDoneNotBrought(plan)) return []
  return plan.levels.flatMap((level) => {
    if (level.name.trim() === '' || bringsNothing(levelName(plan, level).trim())) return []
    const name = broughtBy(plan.changed.name, levelName(plan, level))
    if (name === null) return []
    const thing = thingNamed(name)
    if (thing?.room || (thing === null && notAThing.test(name))) return []
    const fields = usualFields(thing)
    return [
      base(`kit-level-${level.id}`, name, {
        ...fields,
        amount: usualAmount(fields.unit),
        per: fields.use === 'reused' || needsOf(plan).sideBySide ? 'level' : 'try',
        level: level.id,
      }),
    ]
  })
}

/** Somewhere in the room: "by the door", but not "in vinegar". */
const isSomewhere = (kind: string): boolean => {
  if (!/^(?:in|on|by|at|under|near|beside|behind|outside|inside|next to|above|below)\b/i.test(kind))
    return false
  const thing = thingNamed(kind)
  return thing === null || thing.room === true
}
const bringsNothing = (kind: string) => nothing.test(kind) || aPlace.test(kind) || isSomewhere(kind)

/**
 * What a kind brings: itself, or the changed thing in that kind, or nothing where neither is a thing.
 * @example broughtBy('size of jam jar', 'small') // 'jam jar, small'
 */
function broughtBy(changed: string, kind: string): string | null {
  const [whole, own] = [findThings(changed).at(-1), thingNamed(kind)]
  const isProperty = aProperty.test(changed)
  // "Ball surface" is a surface, not a ball.
  const isIt = whole !== undefined && (isProperty || changed.trim().endsWith(whole.words))
  if (own !== null && (!isProperty || own === whole?.thing)) return kind
  if (isIt && !whole.thing.room) return `${whole.words}, ${kind}`
  return isProperty || howItIs.test(kind.trim()) || whatWasDone.test(kind.trim()) ? null : kind
}

/** "layers of card" counted from 0 to 6 needs six; "amount of sugar" in grams needs as much as all levels say. */
function numberLine(plan: Plan): Material[] {
  const { unit, name } = plan.changed
  const dimension = unit === null ? 'count' : unitDefinition(unit).dimension
  if (!['count', 'mass', 'volume'].includes(dimension)) return []
  const of = /^(.*\b(?:of|number of|amount of)\s+)(.+)$/i.exec(name.trim())
  const what = of?.[2] ?? (dimension === 'count' ? name.trim() : '')
  const thing = thingNamed(what)
  if (what === '' || thing === null || thing.room) return []
  const measure =
    of && dimension === 'count' ? /\b(spoon|drop|layer|cup|pinch)/i.exec(itemAt(of, 1))?.[1] : undefined
  return [
    base('kit-value', what, {
      unit:
        dimension === 'count'
          ? measure && /spoon|drop|cup|pinch/i.test(measure)
            ? `${measure.toLowerCase()}s`
            : ''
          : defined(unit),
      per: 'value',
      use: thing.use,
      spare: { kind: 'percent', value: thing.spare },
      place: thing.keeper,
    }),
  ]
}

function keptLine(plan: Plan, { id, name, how }: KeptSame): Material[] {
  const amountOf = /^(?:amount|volume|mass|number)\s+of\s+(.+)$/i.exec(name.trim())
  const what = amountOf?.[1] ?? name.trim()
  if (what === '' || (!amountOf && notAThing.test(what))) return []
  const thing = thingNamed(what)
  if (thing?.room || (amountOf && thing === null) || isTheChanged(plan, what)) return []
  const fields = usualFields(thing)
  const measuredOut = kitUnit(fields.unit).kind === 'measured'
  return [
    base(`kit-same-${id}`, what, {
      ...fields,
      ...(measuredOut ? forAllDays(plan, how, amountIn(how, fields.unit)) : {}),
      per: fields.use === 'used-up' || needsOf(plan).sideBySide ? 'level' : 'group',
    }),
  ]
}

/** A card that names what the levels are already stands for them. */
function isTheChanged(plan: Plan, what: string): boolean {
  return plan.changed.kind === 'kinds' && plan.changed.name.trim() !== '' && brings(plan.changed.name, what)
}

/** "10 mL each morning" is needed on each day from the first on which it is read to the last. */
function forAllDays(plan: Plan, how: string, { amount }: Pick<Material, 'amount'>): Pick<Material, 'amount'> {
  const isDaily = /\b(?:(?:each|every) (?:school )?(?:day|morning|afternoon)|daily|a day)\b/i.test(how)
  const { days, daysAfter } = needsOf(plan)
  const span = daysAfter ? 1 + (daysAfter.at(-1) ?? 0) : days
  return { amount: isDaily ? amount * Math.max(1, span) : amount }
}

/** The amount that the way of keeping it the same speaks of: "200 mL in the same tray". */
function amountIn(how: string, unit: string): Pick<Material, 'amount'> {
  const known = kitUnit(unit)
  if (known.kind === 'measured')
    for (const [text] of how.matchAll(/\d+(?:[.,]\d+)?\s*\p{L}+/gu)) {
      const parsed = parseQuantity(text, known.unit)
      if (parsed.ok && parsed.typedUnit !== null && parsed.value > 0) return { amount: parsed.value }
    }
  return { amount: usualAmount(unit) }
}

/** A first guess where nobody has said how much: a cupful, a handful, an arm's length. */
function usualAmount(unit: string): number {
  return { mL: 100, g: 50, cm: 30 }[unit] ?? 1
}
