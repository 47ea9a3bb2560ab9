import type { Unit } from '../quantity'
import type { Changed } from './plan'

const unitsByName: [about: RegExp, unit: Unit][] = [
  [/\b(number|layers?|spoons?|drops|count|clips?|seeds?|beats?|washers?|times|pieces|how many)\b/i, 'count'],
  [/\b(time|seconds|lifetime|how long|lasts?|speed)\b/i, 's'],
  [/\b(temperature|warmth|heat|how (warm|hot|cold))\b/i, 'C'],
  [/\b(mass|weight|load|how heavy|soaked)\b/i, 'g'],
  [/\b(water|liquid|milk|juice|volume)\b/i, 'mL'],
  [/\b(force|pull|push|grip)\b/i, 'N'],
  [/\b(height|distance|length|width|depth|thickness|size|shadow|how (high|far|tall))\b/i, 'cm'],
]

const kinds =
  /\b(kinds?|types?|sorts?|colou?rs?|materials?|surfaces?|shapes?|places?|which|paper|cloth|jackets?|soles?|brand|design)\b/i

/**
 * The unit that a name suggests for what is measured or changed, or null when its words tell nothing.
 * @example guessUnit('amount of water') // 'mL'
 */
export function guessUnit(name: string): Unit | null {
  return unitsByName.find(([about]) => about.test(name))?.[1] ?? null
}

/**
 * What a name suggests about the thing changed: named kinds, or numbers in a unit; numbers in centimetres
 * when its words tell nothing.
 * @example guessChanged('kind of paper').kind // 'kinds'
 */
export function guessChanged(name: string): Changed {
  const unit = guessUnit(name)
  if (kinds.test(name) && (unit === null || /\b(kinds?|types?|sorts?|which)\b/i.test(name)))
    return { name, kind: 'kinds', unit: null, range: null }
  return { name, kind: 'number', unit: unit ?? 'cm', range: null }
}
