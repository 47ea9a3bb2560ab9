import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readsOverlap, stagger } from '.'

/** How many readings fall together at the most. */
function together(minutes: readonly number[], readingSeconds: number, offsets: readonly number[]): number {
  const begins = offsets.flatMap((offset) => minutes.map((minute) => offset + minute * 60))
  return Math.max(
    ...begins.map((at) => begins.filter((other) => other <= at && at < other + readingSeconds).length),
  )
}

/** The earliest that the last of all can start, of every choice of whole seconds, tried one by one. */
function earliest(
  minutes: number[],
  readingSeconds: number,
  containers: number,
  readers: number,
  apart = 0,
): number {
  const works = (offsets: number[]) => together(minutes, readingSeconds, offsets) <= readers
  const search = (offsets: number[], last: number): boolean => {
    if (!works(offsets)) return false
    if (offsets.length === containers) return true
    for (let at = offsets.at(-1)! + apart; at <= last; at++) if (search([...offsets, at], last)) return true
    return false
  }
  for (let last = 0; ; last++) if (search([0], last)) return last
}

describe('start offsets', () => {
  it('of four containers read at 2, 4, 8 and 15 minutes with one thermometer of 40 s', () => {
    const { offsets, seconds, proven } = stagger({
      ...{ minutes: [2, 4, 8, 15], readingSeconds: 40, containers: 4, readers: 1 },
    })
    expect(proven).toBe(true)
    expect(together([2, 4, 8, 15], 40, offsets)).toBe(1)
    // Starts 40 to 80 s, 160 to 200 s, 280 to 320 s or 460 s and more apart go well together.
    expect(offsets).toEqual([0, 160, 200, 480])
    expect(seconds).toBe(480 + 15 * 60 + 40)
    // In steps of 20 s, which all that touches is made of, none is over sooner.
    const inSteps = earliest(
      [2, 4, 8, 15].map((minute) => (minute * 60) / 20 / 60),
      2,
      4,
      1,
    )
    expect(inSteps * 20).toBe(480)
  })

  it('are all 0 where everything has a reader of its own, and as far apart as setting up takes', () => {
    const all = { minutes: [0, 5], readingSeconds: 30, containers: 3, readers: 3 }
    expect(stagger(all).offsets).toEqual([0, 0, 0])
    expect(stagger({ ...all, startSeconds: 40 }).offsets).toEqual([0, 40, 80])
  })

  it('cannot be where a reading takes longer than until the next', () => {
    expect(readsOverlap({ minutes: [1, 0.5], readingSeconds: 40 })).toBe(true)
    expect(() => stagger({ minutes: [0, 0.5], readingSeconds: 40, containers: 1, readers: 1 })).toThrow(
      'longer than until the next',
    )
    expect(() => stagger({ minutes: [0, 5], readingSeconds: 40, containers: 1, readers: 0 })).toThrow(
      'nothing to read with',
    )
  })

  it('are the earliest of all that go well together', () => {
    const few = fc.uniqueArray(fc.integer({ min: 0, max: 12 }), { minLength: 1, maxLength: 4 })
    fc.assert(
      fc.property(
        few,
        fc.integer({ min: 1, max: 6 }),
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 1, max: 2 }),
        fc.integer({ min: 0, max: 3 }),
        (steps, readingSeconds, containers, readers, startSeconds) => {
          // Seconds stand for minutes, so that every whole second can be tried.
          const minutes = steps.map((step) => step / 10)
          fc.pre(!readsOverlap({ minutes, readingSeconds }))
          const made = stagger({ minutes, readingSeconds, containers, readers, startSeconds })
          expect(made.proven).toBe(true)
          expect(together(minutes, readingSeconds, made.offsets)).toBeLessThanOrEqual(readers)
          expect(made.offsets.at(-1)).toBe(
            earliest(minutes, readingSeconds, containers, readers, startSeconds),
          )
        },
      ),
      { numRuns: 150 },
    )
  })

  it('never collide, also where the search is cut short', () => {
    const every = [0, 5, 10, 15, 20, 25, 30, 35, 40]
    for (const [containers, readers] of [
      [24, 4],
      [12, 1],
      [60, 2],
    ] as const) {
      const made = stagger(
        { minutes: every, readingSeconds: 30, containers, readers, startSeconds: 7 },
        20_000,
      )
      expect(made.offsets).toHaveLength(containers)
      expect(together(every, 30, made.offsets)).toBeLessThanOrEqual(readers)
    }
  })
})
