/** The most levels that a block may have: the exact null grows with two to their number. */
export const mostLevels = 12

/** Probabilities of whole-numbered sums, from the least sum on. */
interface Distribution {
  least: number
  chances: Float64Array
}

/** The null of some blocks, with those of one block more hanging below it. */
interface Node {
  distribution: Distribution
  /** Chance of a sum at least this large, and at most this large; made when first asked for. */
  tails: { from: Float64Array; upTo: Float64Array } | null
  more: Map<number, Node>
}

const node = (distribution: Distribution): Node => ({ distribution, tails: null, more: new Map() })
const nothing = () => node({ least: 0, chances: Float64Array.of(1) })

let root = nothing()
let kept = 0
const mostKept = 6000

/**
 * The chances, at least and at most the statistic seen, under the exact null of Page's test: the permutation
 * distributions of the blocks, convolved. Each prefix of the blocks' sorted patterns is kept for the next
 * call, since the classes of a rehearsal share most of theirs.
 *
 * @param patterns for each block its size, shifted by 11 bits, and one bit for each neighbour in rank that is equal
 * @param statistic2 the statistic of doubled ranks
 */
export function pageNull(patterns: number[], statistic2: number): { from: number; upTo: number } {
  if (kept > mostKept) {
    root = nothing()
    kept = 0
  }
  patterns.sort((a, b) => a - b)
  let at = root
  for (const pattern of patterns) {
    let next = at.more.get(pattern)
    if (!next) {
      next = node(convolve(at.distribution, blockDistribution(pattern)))
      at.more.set(pattern, next)
      kept++
    }
    at = next
  }
  at.tails ??= tailsOf(at.distribution)
  const { least, chances } = at.distribution
  const index = statistic2 - least
  return {
    from: index <= 0 ? 1 : (at.tails.from[index] ?? 0),
    upTo: index >= chances.length ? 1 : (at.tails.upTo[index] ?? 0),
  }
}

function tailsOf({ chances }: Distribution): NonNullable<Node['tails']> {
  const from = Float64Array.from(chances)
  const upTo = Float64Array.from(chances)
  for (let index = from.length - 2; index >= 0; index--)
    from[index] = Math.min(1, from[index]! + from[index + 1]!)
  for (let index = 1; index < upTo.length; index++) upTo[index] = Math.min(1, upTo[index]! + upTo[index - 1]!)
  return { from, upTo }
}

const known = new Map<number, Distribution>()

/** Probabilities of the sum of place x doubled rank over all orders of one block's ranks. */
function blockDistribution(pattern: number): Distribution {
  const before = known.get(pattern)
  if (before) return before
  const made = permutationSums(doubledRanks(pattern))
  known.set(pattern, made)
  return made
}

/** The doubled mid-ranks, in rising order, that a pattern stands for. */
function doubledRanks(pattern: number): number[] {
  const size = pattern >> (mostLevels - 1)
  const ranks: number[] = []
  for (let first = 0; first < size;) {
    let last = first
    while (last < size - 1 && pattern & (1 << last)) last++
    for (let index = first; index <= last; index++) ranks.push(first + last + 2)
    first = last + 1
  }
  return ranks
}

/** Counts, for each set of ranks given to the first places, the orders that come to each sum. */
function permutationSums(ranks: readonly number[]): Distribution {
  const size = ranks.length
  const greatest = ranks.reduce((sum, rank, index) => sum + (index + 1) * rank, 0)
  const ways: (Float64Array | undefined)[] = new Array(2 ** size)
  ways[0] = new Float64Array(greatest + 1)
  ways[0][0] = 1
  for (let set = 0; set < 2 ** size - 1; set++) {
    const from = ways[set]!
    const place = bitsIn(set) + 1
    for (let item = 0; item < size; item++) {
      if (set & (1 << item)) continue
      const into = (ways[set | (1 << item)] ??= new Float64Array(greatest + 1))
      const step = place * ranks[item]!
      for (let sum = 0; sum + step <= greatest; sum++) into[sum + step]! += from[sum]!
    }
    ways[set] = undefined
  }
  const all = ways[2 ** size - 1]!
  const least = all.findIndex((count) => count > 0)
  const orders = all.reduce((sum, count) => sum + count, 0)
  return { least, chances: all.slice(least).map((count) => count / orders) }
}

function convolve(a: Distribution, b: Distribution): Distribution {
  const chances = new Float64Array(a.chances.length + b.chances.length - 1)
  for (let i = 0; i < a.chances.length; i++) {
    const pa = a.chances[i]!
    if (pa === 0) continue
    for (let j = 0; j < b.chances.length; j++) chances[i + j]! += pa * b.chances[j]!
  }
  return { least: a.least + b.least, chances }
}

function bitsIn(set: number): number {
  let count = 0
  for (let rest = set; rest > 0; rest &= rest - 1) count++
  return count
}
