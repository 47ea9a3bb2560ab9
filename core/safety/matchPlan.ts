import { firstOf, lastOf } from '../defined'
import type { AgeBand } from '../class'
import {
  findThings,
  hazards,
  stems,
  thingNamed,
  type AllergenId,
  type FoundThing,
  type HazardId,
} from '../catalogue'
import { isDoneNotBrought, type KitLine } from '../kit'
import { instrumentsRead, levelName, type Plan } from '../plan'
import { unitDefinition } from '../quantity'
import { actions } from './actions'
import { hazardsOfAmounts, isLight } from './amounts'
import { withoutFigures } from './figures'
import type { HazardSource } from './hazardSource'
import { isMeant, meantBy } from './meant'
import { hazardsTogether } from './together'

/** What a plan shows of hazards and allergens, and what nobody here knows. */
export interface PlanMatch {
  sources: HazardSource[]
  allergens: { allergen: AllergenId; words: string; text: string }[]
  /** Materials, instruments and kinds that the catalogue does not know. */
  unknown: string[]
}

/** One text of the plan, and whether it names a thing that should be known. */
interface PlanText {
  text: string
  about: string
  isThing: boolean
  /** Whether it is in something that is mixed before it comes to the tables. */
  isMixedIn?: boolean
}

/**
 * Matches the materials, instrument, levels, kept-same cards and steps of a plan against the catalogue, and the
 * amounts and doings in them against what is usual. What no part of the catalogue knows is listed as unknown.
 *
 * @param lines the kit, with what follows from the plan
 * @example matchPlan(plan, lines, '7-9').sources.map((source) => source.hazard) // ['warm-water', 'spills']
 */
export function matchPlan(plan: Plan, lines: readonly Pick<KitLine, 'material'>[], age: AgeBand): PlanMatch {
  const texts = textsOf(plan, lines)
  const listed = lines.map(({ material }) => material.name)
  const sources: HazardSource[] = []
  const allergens: PlanMatch['allergens'] = []
  const unknown: string[] = []
  const read: string[] = []
  const onBatteries =
    texts.some(({ text }) => findThings(text).some((one) => one.thing.name === 'battery')) &&
    !texts.some(({ text }) => fromTheWall.test(text))
  const weights = lines.map(({ material }) => lineText(material)).filter(isWeight)
  const onlyLight = weights.length > 0 && weights.every(isLight)
  const hurtsNobody = (hazard: HazardId, text: string) =>
    hazard === 'falling-loads' && (isLight(text) || (onlyLight && !otherLoads.test(text)))
  for (const { text, about, isThing, isMixedIn = false } of texts) {
    const plain = isThing ? text : withoutFigures(text)
    read.push(withoutDenied(plain))
    const found = findThings(plain, isThing ? 'list' : 'sentence')
      .map((one) => (isThing ? one : byTheKit(one, listed)))
      .map((one) => (onBatteries ? inACircuit(one) : one))
    for (const one of found) {
      const { words } = one
      const meant = meantBy(plain, one)
      for (const hazard of meant.hazards)
        if (!hurtsNobody(hazard, text) && !(isMixedIn && goneOnceMixed.includes(hazard)))
          sources.push({ hazard, words, text })
      for (const allergen of meant.allergens) allergens.push({ allergen, words, text })
    }
    // What the catalogue knows by its whole name does nothing: a beach ball is no beach.
    const rest = isThing ? found.reduce((left, { words }) => left.replace(words, '·'), plain) : plain
    const doings = withoutDenied(rest)
    for (const { pattern, hazard } of actions) {
      const match = pattern.exec(doings)
      if (!match || hurtsNobody(hazard, text)) continue
      if (isMeant(doings, match[0], match.index, hazard))
        sources.push({ hazard, words: match[0].trim(), text })
    }
    for (const { hazard, words } of hazardsOfAmounts(text, about, age)) sources.push({ hazard, words, text })
    if (isThing && found.length === 0 && text.trim() !== '') unknown.push(text.trim())
  }
  sources.push(...hazardsTogether(read))
  if (isUnknownChange(plan, lines)) unknown.push(plan.changed.name.trim())
  for (const hazard of plan.hazards)
    sources.push({ hazard, words: 'added by the teacher', text: hazards[hazard].name })
  return { sources: withoutOverlap(sources), allergens, unknown: [...new Set(unknown)] }
}

/** What is poured or blown about only until it is mixed. */
const goneOnceMixed: readonly HazardId[] = ['spills', 'dust']

const isWeight = (text: string) => findThings(text).some((one) => one.thing.hazards.includes('falling-loads'))

/** A step that says "the lamp" means the battery lamp on the list. */
function byTheKit(found: FoundThing, listed: readonly string[]): FoundThing {
  const words = stems(found.words)
  if (words.length !== 1) return found
  const meant = listed
    .flatMap((name) => findThings(name))
    .find((one) => one.thing !== found.thing && lastOf(stems(one.words)).stem === firstOf(words).stem)
  return meant ? { ...found, thing: meant.thing } : found
}

/** What says that a plan has more than small bulbs. */
const fromTheWall = /\b(?:mains|plug\w*|socket|(?:desk|table|reading|heat) lamps?|\d+\s*W(?:atts?)?)\b/i
/** Loads beside the weights that a list names. */
const otherLoads = /\b(?:bricks?|slabs?|blocks?|stones?|rocks?|bucket|bags?|sand|books?|kg|kilos?)\b/i

/** Bulbs and wires beside a battery are those of a small circuit, not of a lamp in a socket. */
function inACircuit(found: FoundThing): FoundThing {
  const small = /^(?:light )?bulbs?$/i.test(found.words)
    ? 'torch bulb'
    : /^(?:copper )?wires?$/i.test(found.words)
      ? 'circuit wire'
      : null
  return small === null ? found : { ...found, thing: thingNamed(small) ?? found.thing }
}

/** Kinds of something that is no known thing and brings nothing to the trays either: the voices of three children. */
function isUnknownChange(plan: Plan, lines: readonly Pick<KitLine, 'material'>[]): boolean {
  const { changed, levels } = plan
  if (changed.kind !== 'kinds' || changed.name.trim() === '' || levels.length === 0) return false
  if (isDoneNotBrought(plan) || actions.some(({ pattern }) => pattern.test(changed.name))) return false
  const brought = lines.some(({ material }) => material.level !== null)
  const known = [changed.name, ...levels.map((level) => level.name)].some(
    (text) => findThings(text).length > 0,
  )
  return !brought && !known
}

function textsOf(plan: Plan, lines: readonly Pick<KitLine, 'material'>[]): PlanText[] {
  const thing = (text: string, about = ''): PlanText => ({ text, about, isThing: true })
  const said = (text: string, about = ''): PlanText => ({ text, about, isThing: false })
  const { changed, measured } = plan
  const derivedNames = new Set(lines.map(({ material }) => material.name))
  return [
    ...lines.map(({ material }) => thing(lineText(material))),
    ...lines.flatMap(({ material }) =>
      material.made?.kind === 'recipe'
        ? material.made.ingredients.map((one) => ({ ...thing(one.name), isMixedIn: true }))
        : material.made && 'of' in material.made
          ? [thing(material.made.of)]
          : [],
    ),
    ...plan.levels.map((level) => {
      const text = levelName(plan, level)
      return changed.kind === 'kinds' && derivedNames.has(level.name)
        ? said(text, changed.name)
        : said(text, changed.name)
    }),
    said(changed.name),
    said(measured.name),
    ...instrumentsRead(plan)
      .filter((one) => unitDefinition(one.unit).dimension !== 'count')
      .map((one) => thing(one.name)),
    ...plan.keptSame.map((same) => said(`${same.name}: ${same.how}`, same.name)),
    ...plan.steps.map((step) => said(step)),
    ...plan.preparing.map((task) => said(task.what)),
    said(plan.question),
  ].filter((one) => one.text.trim() !== '')
}

const lineText = ({ name, amount, unit }: KitLine['material']) =>
  ['g', 'kg', 'mL', 'L', 'cm', 'm'].includes(unit) ? `${name}, ${amount} ${unit}` : name

/** A text without what it says is not to be done: "do not run", "never suck". */
function withoutDenied(text: string): string {
  return text.replace(/\b(?:do not|don[’']t|never|no|not|without)\s+(?:\w+\s+)?\w+/gi, (words) =>
    /forget|only|just|until|let/i.test(words) ? words : ' ',
  )
}

/** Hot water is wet and warm too; what one caution says already is not said twice. */
const covers: Partial<Record<HazardId, HazardId[]>> = {
  'hot-water': ['warm-water'],
  blades: ['scissors'],
  cooking: ['heating'],
  'glue-gun': ['heating'],
  'button-cells': ['batteries'],
  laser: ['bright-light'],
  'open-water': ['outdoors'],
  'strong-chemicals': ['mixed-cleaners'],
}

function withoutOverlap(sources: HazardSource[]): HazardSource[] {
  const present = new Set(sources.map((one) => one.hazard))
  const covered = new Set([...present].flatMap((hazard) => covers[hazard] ?? []))
  const seen = new Set<string>()
  return sources.filter((one) => {
    const key = `${one.hazard}|${one.text}`
    if (covered.has(one.hazard) || seen.has(key)) return false
    seen.add(key)
    return true
  })
}
