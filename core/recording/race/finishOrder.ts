import { firstOf, lastOf } from '../../defined'
import { levelName, orderedLevels, type Plan } from '../../plan'
import { letterAt, letterOf, lettersSaid, levelMeant } from '../letters'

/** The order in which levels came in: those that came together side by side, and those that did not finish. */
export interface FinishOrder {
  places: string[][]
  out: string[]
}

/** What a text says of an order, or what to type instead. */
export type ReadOrder = { ok: true; order: FinishOrder } | { ok: false; message: string }

/**
 * Reads an order of levels by their letters or names: "B A=C D!" for B first, A and C together, D not finished. Letters may stand
 * without anything between. All levels run, but where groups share them.
 * @example readOrder(race, 'ba=c') // { ok: true, order: { places: [['cotton'], ['paper', 'felt']], out: [] } }
 */
export function readOrder(plan: Plan, text: string): ReadOrder {
  const runners = orderedLevels(plan)
  const order: FinishOrder = { places: [], out: [] }
  const seen = new Set<string>()
  let together = false
  for (const part of partsOf(plan, text)) {
    if (part === '=') {
      if (order.places.length === 0 || together)
        return wrong('The = stands between two that came in together, like A=B.')
      together = true
      continue
    }
    const out = part.endsWith('!') || part.startsWith('!')
    const name = part.replace(/^!|!$/gu, '').trim()
    const level = levelMeant(plan, name)
    if (!level) return wrong(`There is no runner “${name.slice(0, 40)}” here. They are ${lettersSaid(plan)}.`)
    if (seen.has(level.id)) return wrong(`${levelName(plan, level)} stands there twice.`)
    seen.add(level.id)
    if (out && together) return wrong('What didn’t finish can’t share a place.')
    if (out) order.out.push(level.id)
    else if (together) lastOf(order.places).push(level.id)
    else order.places.push([level.id])
    together = false
  }
  if (together) return wrong('The = stands between two that came in together, like A=B.')
  const missing = runners.filter((level) => !seen.has(level.id))
  if (seen.size < 2 || (missing.length > 0 && plan.whoTests !== 'shared-levels'))
    return wrong(
      `Where is ${missing.map((level) => levelName(plan, level)).join(', ')}? What did not finish has a ! behind it, like ${letterOf(plan, firstOf(missing).id)}!`,
    )
  return { ok: true, order }
}

const wrong = (message: string) => ({ ok: false as const, message })

/** Letters one by one where there is nothing else; else what stands between commas, spaces or signs. */
function partsOf(plan: Plan, text: string): string[] {
  const count = orderedLevels(plan).length
  const letters = Array.from({ length: count }, (_, place) => letterAt(place)).join('')
  if (new RegExp(`^[${letters}${letters.toLowerCase()}=!\\s]+$`, 'u').test(text))
    return text.match(/[a-z]!?|!|=/giu) ?? []
  const spaced = text.trim().split(/\s+/u)
  if (spaced.length > 1 && spaced.every((part) => /^.!?$/u.test(part))) return spaced
  return text
    .replace(/\s*=\s*/gu, '>=>')
    .split(/[>,;\n]+/u)
    .map((part) => part.trim())
    .filter(Boolean)
}

/** An order as it is kept, by the identifiers of its levels, which stay when a level is renamed. */
export const keptOrder = ({ places, out }: FinishOrder): string =>
  [...places.map((together) => together.join('=')), ...out.map((id) => `${id}!`)].join('>')

/**
 * An order from what was kept; levels that a plan has no longer are left out.
 * @example orderKept('b>a=c>d!') // { places: [['b'], ['a', 'c']], out: ['d'] }
 */
export function orderKept(kept: string): FinishOrder {
  const parts = kept.split('>').filter(Boolean)
  return {
    places: parts.filter((part) => !part.endsWith('!')).map((part) => part.split('=')),
    out: parts.filter((part) => part.endsWith('!')).map((part) => part.slice(0, -1)),
  }
}

/**
 * An order as it is typed, by letters.
 * @example orderTyped(race, { places: [['cotton'], ['paper']], out: ['felt'] }) // 'B A C!'
 */
export const orderTyped = (plan: Plan, { places, out }: FinishOrder): string =>
  [
    ...places.map((together) => together.map((id) => letterOf(plan, id)).join('=')),
    ...out.map((id) => `${letterOf(plan, id)}!`),
  ].join(' ')
