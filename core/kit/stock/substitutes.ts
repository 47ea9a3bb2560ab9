import { defined } from '../../defined'
import { things, thingNamed } from '../../catalogue'
import type { CupboardInstrument } from '../../instrument'
import { instrumentsRead, levelName, type Material, type Plan } from '../../plan'
import { capital, convertUnit, unitDefinition } from '../../quantity'
import { isInstrumentLine } from '../derivedKit'
import { brings, supplyKey } from '../sameThing'
import type { Availability } from './reservations'
import { inSharedUnit, supplyFor, type Supply } from './supply'

/** Something that may stand in for what is short, or may not and why. */
export interface Substitute {
  name: string
  /** How much of it there is, in the unit of the need. */
  available: number
  /** Null where it keeps the test fair; else the reason why it does not. */
  refused: string | null
  /** What to mind where it may be used. */
  mind: string
}

/**
 * What could be used in place of a thing that is short: what the school has named, then what the catalogue knows,
 * then other instruments for the plan's own. One that changes what the test asks about is refused with the
 * reason; the others stand in for everybody alike, so that no second thing changes.
 *
 * @param cupboard the school's instruments
 * @param held how much of a supply other lessons hold on the day, by its key
 * @example substitutesFor(short, plan, supplies, cupboard, new Map())[0] // { name: 'torch', refused: null, … }
 */
export function substitutesFor(
  short: Availability,
  plan: Plan,
  supplies: readonly Supply[],
  cupboard: readonly CupboardInstrument[],
  held: ReadonlyMap<string, number>,
): Substitute[] {
  const { need } = short
  if (need.materialIds.some(isInstrumentLine) || isTheInstrument(plan, need.name))
    return otherInstruments(plan, need.amount, cupboard, held)
  const level = levelOf(plan, need.name, need.materialIds)
  return substituteNames(need.name, supplies).flatMap((name): Substitute[] => {
    const supply = supplyFor({ key: supplyKey(name), unit: need.unit }, supplies)
    const there = supply
      ? Math.max(0, inSharedUnit(supply.amount, supply.unit) - (held.get(supplyKey(name)) ?? 0))
      : 0
    if (there <= 0) return []
    if (level !== null)
      return [
        {
          name: defined(supply).name,
          available: there,
          refused: `${capital(need.name)} is what we change: with ${defined(supply).name} instead we would test another level than “${level}”.`,
          mind: '',
        },
      ]
    if (there < need.amount)
      return [
        {
          name: defined(supply).name,
          available: there,
          refused: `There is not enough of it for everyone, and two kinds side by side would be a second change.`,
          mind: '',
        },
      ]
    const kept = plan.keptSame.find((same) => brings(need.name, same.name))
    return [
      {
        name: defined(supply).name,
        available: there,
        refused: null,
        mind: kept
          ? `Every group takes it at every level, as “${kept.name}” is kept the same.`
          : 'Every group takes it, at every level.',
      },
    ]
  })
}

/**
 * All names that may stand in for one, nearest first, each once: a chain of substitutes is followed, and one that
 * leads back to where it began ends there.
 * @example substituteNames('lamp', []) // ['battery lamp', 'torch']
 */
export function substituteNames(name: string, supplies: readonly Supply[]): string[] {
  const found: string[] = []
  const seen = new Set([supplyKey(name)])
  const queue = [name]
  while (queue.length > 0) {
    const from = defined(queue.shift())
    const own = supplies.find((one) => supplyKey(one.name) === supplyKey(from))?.instead ?? []
    const known = thingNamed(from)?.instead ?? []
    for (const next of [...own, ...known, ...sameKind(from, supplies)]) {
      const key = supplyKey(next)
      if (seen.has(key)) continue
      seen.add(key)
      found.push(next)
      queue.push(next)
    }
  }
  return found
}

/** Other supplies that the catalogue takes for the same thing: "tall cup" beside "cup". */
function sameKind(name: string, supplies: readonly Supply[]): string[] {
  const thing = thingNamed(name)
  return thing === null
    ? []
    : supplies
        .filter((one) => thingNamed(one.name) === thing && things.includes(thing))
        .map((one) => one.name)
}

/**
 * A chain in which substitutes name each other round in a circle, or null. It does no harm, but says nothing.
 * @example substituteCircle([{ name: 'a', instead: ['b'] }, { name: 'b', instead: ['a'] }]) // ['a', 'b', 'a']
 */
export function substituteCircle(supplies: readonly Pick<Supply, 'name' | 'instead'>[]): string[] | null {
  const byKey = new Map(supplies.map((one) => [supplyKey(one.name), one]))
  const safe = new Set<string>()
  const walk = (name: string, path: string[]): string[] | null => {
    const key = supplyKey(name)
    const before = path.findIndex((one) => supplyKey(one) === key)
    if (before >= 0) return [...path.slice(before), name]
    if (safe.has(key)) return null
    for (const next of byKey.get(key)?.instead ?? []) {
      const circle = walk(next, [...path, name])
      if (circle) return circle
    }
    safe.add(key)
    return null
  }
  for (const { name } of supplies) {
    const circle = walk(name, [])
    if (circle) return circle
  }
  return null
}

function levelOf(plan: Plan, name: string, materialIds: readonly string[]): string | null {
  const bound = plan.materials.find((one) => one.level !== null && materialIds.includes(one.id))?.level
  const id = bound ?? materialIds.find((one) => one.startsWith('kit-level-'))?.slice('kit-level-'.length)
  const level =
    plan.levels.find((one) => one.id === id) ??
    (plan.changed.kind === 'kinds' ? plan.levels.find((one) => brings(name, one.name)) : undefined)
  if (level) return levelName(plan, level)
  return materialIds.includes('kit-value') ? plan.changed.name : null
}

const isTheInstrument = (plan: Plan, name: string) =>
  instrumentsRead(plan).some((one) => supplyKey(name) === supplyKey(one.name))

/** Instruments of the same dimension, with what they cost in marks and reach. */
function otherInstruments(
  plan: Plan,
  wanted: number,
  cupboard: readonly CupboardInstrument[],
  held: ReadonlyMap<string, number>,
): Substitute[] {
  const { instrument } = plan.measured
  const { dimension } = unitDefinition(instrument.unit)
  return cupboard
    .filter(
      (one) =>
        one.dimension === dimension && supplyKey(one.name) !== supplyKey(instrument.name) && one.howMany > 0,
    )
    .map((one) => {
      const there = Math.max(0, one.howMany - (held.get(supplyKey(one.name)) ?? 0))
      const mark = convertUnit(one.smallestMark, one.unit, instrument.unit)
      const most = convertUnit(one.greatest, one.unit, instrument.unit)
      const refused =
        there < wanted
          ? `There are only ${there}, and two kinds side by side would be a second change.`
          : most < instrument.greatest &&
              plan.expected &&
              Math.max(plan.expected.first, plan.expected.last) > most
            ? `It ends at ${one.greatest} ${unitDefinition(one.unit).symbol}, below what you expect to read.`
            : null
      return {
        name: one.name,
        available: there,
        refused,
        mind:
          mark > instrument.smallestMark
            ? 'Its marks are coarser: look at Shows again.'
            : 'Every group takes it, at every level.',
      }
    })
}

/**
 * A line of the kit with another thing in place of one that it takes out of the cupboard: of itself, or of what it is
 * cut or mixed from.
 * @example withSubstitute(line, 'lamp', 'torch').name // 'torch'
 */
export function withSubstitute(material: Material, key: string, name: string): Material {
  const { made } = material
  if (made && 'of' in made && supplyKey(made.of) === key) return { ...material, made: { ...made, of: name } }
  if (made?.kind === 'recipe' && made.ingredients.some((one) => supplyKey(one.name) === key)) {
    const ingredients = made.ingredients.map((one) => (supplyKey(one.name) === key ? { ...one, name } : one))
    return { ...material, made: { ...made, ingredients } }
  }
  if (made && 'from' in made && supplyKey(made.from) === key)
    return { ...material, made: { ...made, from: name } }
  return made ? material : { ...material, name }
}
