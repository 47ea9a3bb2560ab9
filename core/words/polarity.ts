import { defined } from '../defined'
import { stem } from '../catalogue'
import type { Measured, Plan } from '../plan'
import { unitDefinition } from '../quantity'
import { calledSign } from './called'
import { qualitiesOf } from './nouns'
import { endOf, type ScaleName } from './scales'
import type { Sign } from './sign'

/** Qualities that any number can have more or less of. */
const general: ScaleName[] = ['size', 'amount', 'value']

/** Qualities named by a noun of the variable, by the beginning of the word. */
const byNoun: [RegExp, ScaleName[]][] = [
  [/^(height|high|tall)/, ['height', 'growth', 'distance']],
  [/^(length|long)/, ['length']],
  [/^(distance|far)/, ['distance', 'length']],
  [/^(width|wide|breadth)/, ['width']],
  [/^(thick|layer|card|sheet)/, ['thickness']],
  [/^(depth|deep)/, ['depth']],
  [/^(mass|weight|weigh|heav)/, ['mass']],
  [/^(temperature|heat|warm|cold)/, ['warmth']],
  [/^(speed|fast|quick|pulse|beat|rate)/, ['speed']],
  [/^(time|lifetime|duration|long)/, ['time']],
  [/^(force|pull|push)/, ['pull', 'strength']],
  [/^(grip)/, ['grip', 'pull']],
  [/^(strength|strong|held|hold|washer)/, ['strength']],
  [/^(clip|magnet)/, ['magnetism']],
  [/^(hard)/, ['hardness']],
  [/^(loud|noise|sound|volume)/, ['loudness']],
  [/^(pitch|note)/, ['pitch']],
  [/^(bright|light|shin)/, ['brightness']],
  [/^(dark|colour)/, ['darkness']],
  [/^(wet|damp|moist)/, ['wetness']],
  [/^(rough|bump)/, ['roughness']],
  [/^(stretch|bend)/, ['stretch', 'length']],
  [/^(bounc)/, ['bounce', 'height']],
  [/^(absorb|soak|gained)/, ['absorbing']],
  [/^(rust)/, ['rust']],
  [/^(bubbl|fizz|froth|foam)/, ['fizz']],
  [/^(sweet|sugar)/, ['sweetness']],
  [/^(salt)/, ['saltiness']],
  [/^(cloud|murk)/, ['cloudiness']],
  [/^(crisp|crunch)/, ['crispness']],
  [/^(mould|fur)/, ['mould']],
  [/^(drop|fall)/, ['height', 'distance']],
]

const byDimension: Partial<Record<ReturnType<typeof unitDefinition>['dimension'], ScaleName[]>> = {
  temperature: ['warmth'],
  mass: ['mass'],
  time: ['time'],
  force: ['pull', 'strength', 'grip'],
}

/**
 * The qualities that a variable has more or less of, by its name and its unit.
 * @example scalesOf('drop height', 'cm') // ['size', 'amount', 'value', 'height', 'growth', 'distance']
 */
export function scalesOf(name: string, unit: Plan['changed']['unit']): ScaleName[] {
  const words = name.toLowerCase().split(/[^\p{L}]+/u)
  const named = byNoun.flatMap(([pattern, of]) => (words.some((word) => pattern.test(word)) ? of : []))
  const ofNouns = named.length > 0 ? [] : words.flatMap((word) => qualitiesOf(stem(word), unit))
  const dimension = unit === null ? undefined : unitDefinition(unit).dimension
  const ofUnit = (dimension && byDimension[dimension]) ?? []
  const lengths: ScaleName[] =
    dimension === 'length' && named.length + ofNouns.length === 0
      ? ['height', 'length', 'distance', 'width', 'depth']
      : []
  return [...new Set([...general, ...named, ...ofNouns, ...ofUnit, ...lengths])]
}

/**
 * Whether an adjective says that there is more of what is changed, or less.
 * @example changedSign(plan.changed, 'low') // -1
 */
export const changedSign = ({ name, unit, called }: Plan['changed'], adjective: string): Sign | null =>
  calledSign(called, adjective) ?? endOf(adjective, scalesOf(name, unit))

/**
 * Whether an adjective says that there is more of what is measured, or less. Of something lost a state stands at the other end: what is
 * warmer has lost less.
 * @example measuredSign(plan.measured, 'high') // 1
 */
export function measuredSign(measured: Measured, adjective: string): Sign | null {
  const { name, unit, scale } = measured
  switch (scale?.kind) {
    case 'place':
    case 'when':
      return endOf(adjective, ['time']) ?? negative(endOf(adjective, ['speed']))
    case 'rank':
    case 'word':
      return endOf(adjective, [...scalesOf(name, null), 'speed'])
  }
  const isLost = / lost$/.test(name)
  const own = calledSign(measured.called, adjective)
  if (own !== null) return isLost ? negative(own) : own
  const base = isLost ? name.replace(/^share of | lost$/g, '') : null
  if (base !== null) {
    const ofLoss = endOf(adjective, ['size', 'amount', 'speed'])
    return ofLoss ?? negative(endOf(adjective, [...scalesOf(base, unit), 'value']))
  }
  const isRate = / a minute$/.test(name)
  return endOf(adjective, [...scalesOf(name, unit), ...(isRate ? (['speed'] as const) : [])])
}

const negative = (sign: Sign | null): Sign | null => (sign === null ? null : (-sign as Sign))

/** Verbs that say that something gets more or less, in their plain form. */
const gaining = new Set('increase rise grow climb gain improve soak absorb'.split(' '))
const losing = new Set('decrease fall drop shrink lose sink reduce'.split(' '))
/** What a verb says of one quality only. */
const warming = new Set(['warm'])
const cooling = new Set('cool chill'.split(' '))
const quickening: Readonly<Record<string, Sign>> = { quicken: 1, speed: 1, slow: -1 }

/**
 * Whether a verb says that there is more of something or less.
 * @param verb in its plain form
 * @example verbSign('shadow length', 'cm', 'shrink') // -1
 */
export function verbSign(name: string, unit: Plan['changed']['unit'], verb: string): Sign | null {
  const isLoss = / lost$/.test(name)
  const words = stem(name)
  if (warming.has(verb) || cooling.has(verb)) {
    if (!/temperature|heat|warm/.test(words)) return null
    return (warming.has(verb) ? 1 : -1) * (isLoss ? -1 : 1) === 1 ? 1 : -1
  }
  if (verb in quickening) return / a minute$|speed/.test(name) ? defined(quickening[verb]) : null
  if (gaining.has(verb)) return isLoss ? -1 : 1
  if (losing.has(verb)) return isLoss ? 1 : -1
  return null
}
