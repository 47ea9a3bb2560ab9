import { itemAt, lastOf } from '../defined'

/** Containers that are read at the same minutes after their start, and what they are read with. */
export interface Staggered {
  /** Minutes after its start at which each container is read. */
  minutes: readonly number[]
  /** How long one reading takes, in seconds. */
  readingSeconds: number
  containers: number
  /** How many readings can be taken at once: one for each thermometer. */
  readers: number
  /** How far two starts lie apart at the least, in seconds: setting one up takes hands. */
  startSeconds?: number
}

/** When each container is started. */
export interface StartOffsets {
  /** In seconds after the first, from first to last. */
  offsets: number[]
  /** From the first start to the end of the last reading, in seconds. */
  seconds: number
  /** Whether no other starts could be over sooner. */
  proven: boolean
}

/** How many moments a search looks at before it is content with the best so far: what a tablet does without being felt. */
const usualEffort = 4_000_000

/**
 * Start offsets for containers so that never more readings fall together than can be taken at once, and all is over as soon as can be:
 * an exact search. In a shortest answer no container, with all behind it, can be started any earlier, so that every offset is made up of
 * the differences at which two readings touch; these have a greatest common divisor, and offsets are tried in steps of it. What is known
 * of fewer containers says how soon the rest can be over at best.
 *
 * @param effort how many moments may be looked at; where that is not enough, the best so far is given and not said to be the shortest
 * @throws RangeError when a container's own readings fall together, or there is nothing to read with
 * @example stagger({ minutes: [2, 4, 8, 15], readingSeconds: 40, containers: 4, readers: 1 }).offsets // [0, 160, 200, 480]
 */
export function stagger(told: Staggered, effort = usualEffort): StartOffsets {
  const { readingSeconds, containers, readers, startSeconds = 0 } = told
  const reads = told.minutes.map((minute) => Math.round(minute * 60)).sort((a, b) => a - b)
  if (!(readers >= 1)) throw new RangeError('there is nothing to read with')
  if (readsOverlap(told))
    throw new RangeError('a reading takes longer than until the next of the same container')
  const span = (reads.at(-1) ?? 0) + readingSeconds
  if (containers < 1) return { offsets: [], seconds: 0, proven: true }
  const step = gcd([...differences(reads), readingSeconds, startSeconds].map(Math.round)) || 1
  const search = new OffsetSearch(
    reads.map((read) => read / step),
    readingSeconds / step,
    Math.floor(readers),
    startSeconds / step,
    effort,
  )
  const offsets = search.offsets(containers).map((offset) => offset * step)
  return { offsets, seconds: lastOf(offsets) + span, proven: search.proven }
}

/**
 * Whether two readings of one and the same container fall together, however it is started.
 * @example readsOverlap({ minutes: [0, 0.5], readingSeconds: 40 }) // true
 */
export function readsOverlap({
  minutes,
  readingSeconds,
}: Pick<Staggered, 'minutes' | 'readingSeconds'>): boolean {
  const sorted = [...minutes].sort((a, b) => a - b)
  return sorted.some(
    (minute, index) => index > 0 && (minute - itemAt(sorted, index - 1)) * 60 < readingSeconds,
  )
}

/**
 * The first second from 0 on at which one more container can be started, beside those that were, so that never more readings fall together
 * than can be taken at once.
 * @param started when the others were started, in seconds from now: below 0 where they were
 * @example nextStart({ minutes: [2, 4], readingSeconds: 40, readers: 1 }, [-10]) // 30
 */
export function nextStart(
  { minutes, readingSeconds, readers }: Pick<Staggered, 'minutes' | 'readingSeconds' | 'readers'>,
  started: readonly number[],
): number {
  const taken = started
    .flatMap((start) => minutes.map((minute) => start + minute * 60))
    .filter((at) => at > -readingSeconds)
  const fits = (start: number) =>
    minutes.every((minute) => {
      const from = start + minute * 60
      const near = taken.filter((at) => Math.abs(at - from) < readingSeconds)
      // Only where several begin around it can more than one be going on at the same moment.
      return [from, ...near.filter((at) => at > from)].every(
        (moment) => near.filter((at) => at <= moment && moment < at + readingSeconds).length < readers,
      )
    })
  let start = 0
  while (!fits(start)) start++
  return start
}

const differences = (reads: readonly number[]) =>
  reads.flatMap((read, index) => reads.slice(index + 1).map((other) => other - read))

const gcd = (numbers: readonly number[]): number =>
  numbers.reduce((a, b) => {
    while (b > 0) [a, b] = [b, a % b]
    return a
  }, 0)

/** Everything in steps: whole numbers. */
class OffsetSearch {
  proven = true
  private tried = 0
  /** How late the last of so many containers starts at the earliest; of one, at once. */
  private readonly latest = [0, 0]

  constructor(
    private readonly reads: readonly number[],
    private readonly length: number,
    private readonly readers: number,
    private readonly apart: number,
    private readonly effort: number,
  ) {}

  /** One container more at a time: what fewer need is the least that the rest of more can need. */
  offsets(containers: number): number[] {
    let offsets = [0]
    for (let count = 2; count <= containers; count++) {
      offsets = this.shortest(count, [...offsets, this.nextAfter(offsets)])
      this.latest[count] = this.proven ? lastOf(offsets) : itemAt(this.latest, count - 1)
    }
    return offsets
  }

  private shortest(count: number, first: number[]): number[] {
    let best = first
    const least = Math.max(itemAt(this.latest, count - 1), this.atLeast(count))
    const starts = [0]
    const each = this.reads.length * this.length
    const busy = new Busy(this.reads, this.length, this.readers)
    busy.put(0, 1)
    const search = (): void => {
      if (starts.length === count) {
        best = [...starts]
        return
      }
      const left = count - starts.length
      // Those still to come start no sooner after the next than so many do among themselves.
      const last = lastOf(best) - 1 - itemAt(this.latest, left)
      for (let at = lastOf(starts) + this.apart; at <= last && lastOf(best) > least; at++) {
        this.tried += each
        if (this.tried > this.effort) {
          this.proven = false
          return
        }
        if (!busy.allows(at)) continue
        starts.push(at)
        busy.put(at, 1)
        search()
        busy.put(at, -1)
        starts.pop()
        if (!this.proven) return
        if (lastOf(best) - 1 - itemAt(this.latest, left) < at) return
      }
    }
    search()
    return best
  }

  /** All readings of so many containers, one after another on each reader, less those of one container itself. */
  private atLeast(count: number): number {
    const work = (count * this.reads.length * this.length) / this.readers
    const own = (this.reads.at(-1) ?? 0) - (this.reads[0] ?? 0) + this.length
    return Math.max(this.apart * (count - 1), Math.ceil(work - own))
  }

  /** The first start after all others that goes well with them. */
  private nextAfter(offsets: readonly number[]): number {
    const busy = new Busy(this.reads, this.length, this.readers)
    for (const offset of offsets) busy.put(offset, 1)
    let at = lastOf(offsets) + this.apart
    while (!busy.allows(at)) at++
    return at
  }
}

/** How many readings are taken in each step. */
class Busy {
  private readonly count: number[] = []

  constructor(
    private readonly reads: readonly number[],
    private readonly length: number,
    private readonly readers: number,
  ) {}

  allows(start: number): boolean {
    for (const read of this.reads)
      for (let at = start + read; at < start + read + this.length; at++)
        if ((this.count[at] ?? 0) >= this.readers) return false
    return true
  }

  put(start: number, many: number) {
    for (const read of this.reads)
      for (let at = start + read; at < start + read + this.length; at++)
        this.count[at] = (this.count[at] ?? 0) + many
  }
}
