import type { Measured } from '../plan'
import type { Evidence } from './evidence'

/** Whether no try at a level ever came to it. */
const neverAt = ({ cells }: Evidence, levelId: string | undefined) => {
  const own = cells.filter((cell) => cell.levelId === levelId)
  return own.length > 0 && own.every((cell) => cell.values.every((value) => !Number.isFinite(value)))
}

/**
 * That something never came to what the others reached, in place of "reached it last".
 * @param first what is said to be ahead, and @param next what comes after it, each with its name
 * @returns null where the first did reach it, or where results are not about when something is reached
 * @example neverSaid(evidence, measured, 'most', { id: 'wool', name: 'wool' }, foil) // 'wool never reached 40 °C, and foil did'
 */
export function neverSaid(
  evidence: Evidence,
  { scale }: Pick<Measured, 'scale'>,
  end: 'most' | 'least',
  first: { id: string | undefined; name: string },
  next: { id: string | undefined; name: string },
): string | null {
  if (scale?.kind !== 'when' || !neverAt(evidence, first.id)) return null
  const [one, other] = [inFull(first.name), inFull(next.name)]
  if (end === 'least') return `none of them reached ${scale.what}, and ${one} came nearest to it`
  return neverAt(evidence, next.id)
    ? `neither ${one} nor ${other} reached ${scale.what}, and ${one} ended further from it`
    : `${one} never reached ${scale.what}, and ${other} did`
}

/** "And nothing did" would say that none did. */
const inFull = (name: string) => (name.toLowerCase() === 'nothing' ? 'the one with nothing' : name)

/** Whether any try never came to what is looked at. */
export const isSometimesNotReached = ({ cells }: Evidence): boolean =>
  cells.some((cell) => cell.values.some((value) => !Number.isFinite(value)))

/** Whether none did. */
export const isNeverReached = ({ cells }: Evidence): boolean =>
  cells.length > 0 && cells.every((cell) => cell.values.every((value) => !Number.isFinite(value)))
