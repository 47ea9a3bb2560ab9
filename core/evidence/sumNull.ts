import { defined } from '../defined'

/** Probabilities of whole-numbered sums, from the least sum on. */
export interface Distribution {
  least: number
  chances: Float64Array
}

/** The null of some independent parts, with those of one part more hanging below it. */
interface Node {
  distribution: Distribution
  /** Chance of a sum at least this large, and at most this large; made when first asked for. */
  tails: { from: Float64Array; upTo: Float64Array } | null
  more: Map<number, Node>
}

/** Chances of a sum at least, and at most, as large as one seen. */
export interface Tails {
  from: number
  upTo: number
}

const mostKept = 6000

/**
 * The exact null of a sum of independent parts, each known by the number of its pattern. Each prefix of the sorted
 * patterns is kept for the next call, since the classes of a rehearsal share most of theirs.
 * @param distributionOf makes the null of one part
 * @example sumNull(coin)([1, 1], 2) // { from: 0.25, upTo: 1 } for two coins that give 0 or 1
 */
export function sumNull(
  distributionOf: (pattern: number) => Distribution,
): (patterns: number[], seen: number) => Tails {
  const known = new Map<number, Distribution>()
  let root = nothing()
  let kept = 0

  function partOf(pattern: number): Distribution {
    let made = known.get(pattern)
    if (!made) known.set(pattern, (made = distributionOf(pattern)))
    return made
  }

  return (patterns, seen) => {
    if (kept > mostKept) {
      root = nothing()
      known.clear()
      kept = 0
    }
    patterns.sort((a, b) => a - b)
    let at = root
    for (const pattern of patterns) {
      let next = at.more.get(pattern)
      if (!next) {
        next = { distribution: convolve(at.distribution, partOf(pattern)), tails: null, more: new Map() }
        at.more.set(pattern, next)
        kept++
      }
      at = next
    }
    at.tails ??= tailsOf(at.distribution)
    const { least, chances } = at.distribution
    const index = seen - least
    return {
      from: index <= 0 ? 1 : (at.tails.from[index] ?? 0),
      upTo: index < 0 ? 0 : index >= chances.length ? 1 : defined(at.tails.upTo[index]),
    }
  }
}

const nothing = (): Node => ({
  distribution: { least: 0, chances: Float64Array.of(1) },
  tails: null,
  more: new Map(),
})

function tailsOf({ chances }: Distribution): NonNullable<Node['tails']> {
  const from = Float64Array.from(chances)
  const upTo = Float64Array.from(chances)
  for (let index = from.length - 2; index >= 0; index--)
    from[index] = Math.min(1, defined(from[index]) + defined(from[index + 1]))
  for (let index = 1; index < upTo.length; index++)
    upTo[index] = Math.min(1, defined(upTo[index]) + defined(upTo[index - 1]))
  return { from, upTo }
}

function convolve(a: Distribution, b: Distribution): Distribution {
  const chances = new Float64Array(a.chances.length + b.chances.length - 1)
  for (let i = 0; i < a.chances.length; i++) {
    const pa = defined(a.chances[i])
    if (pa === 0) continue
    for (let j = 0; j < b.chances.length; j++) chances[i + j]! += pa * defined(b.chances[j])
  }
  return { least: a.least + b.least, chances }
}
