import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { instrumentCupboard } from '../instrument'
import { examplePlan, numberLevel } from '../testing/examplePlan'
import { groupActivities, lowerBound, schedule, type Activity, type PlacedActivity } from '.'

const act = (
  kind: Activity['kind'],
  seconds: number,
  uses: string[] = [],
  after?: Activity['after'],
): Activity => ({
  ...{ kind, seconds, uses, levelId: 'a', tryNumber: 1, moment: '' },
  ...(after ? { after } : {}),
})
/** So many tries, each set up, read with the balance, and cleared. */
const tries = (times: readonly (readonly [setUp: number, read: number, reset: number])[]): Activity[] =>
  times.flatMap(([setUp, read, reset]) => [
    act('set-up', setUp),
    act('read', read, ['balance']),
    act('reset', reset),
  ])
const owned = (howMany: number) => new Map([['balance', howMany]])

/** The shortest of all orders in which the groups can come to their acts, tried one by one with nothing left out. */
function shortest(groups: readonly (readonly Activity[])[], own: ReadonlyMap<string, number>): number {
  const at = groups.map(() => 0)
  const ends: number[][] = groups.map(() => [])
  let free = new Array<number>(own.get('balance')!).fill(0)
  let best = Infinity
  const ready = (group: number, index: number) => {
    const { after } = groups[group]![index]!
    const before = index === 0 ? 0 : ends[group]![index - 1]!
    return after ? Math.max(before, ends[group]![after.act]! + after.seconds) : before
  }
  // What needs nothing makes no order: it is done at once.
  const goOn = (group: number) => {
    for (;;) {
      const [index, next] = [at[group]!, groups[group]![at[group]!]]
      if (!next || next.uses.length > 0) return
      ends[group]![index] = ready(group, index) + next.seconds
      at[group]!++
    }
  }
  for (const group of groups.keys()) goOn(group)
  const go = (): void => {
    let done = true
    for (let group = 0; group < groups.length; group++) {
      const index = at[group]!
      const next = groups[group]![index]
      if (!next) continue
      done = false
      const before = free
      const start = Math.max(ready(group, index), free[0]!)
      ends[group]![index] = start + next.seconds
      free =
        free.length === 1
          ? [start + next.seconds]
          : [...free.slice(1), start + next.seconds].sort((a, b) => a - b)
      at[group] = index + 1
      goOn(group)
      go()
      at[group] = index
      free = before
    }
    if (!done) return
    let last = 0
    for (let group = 0; group < groups.length; group++)
      last = Math.max(last, ends[group]![groups[group]!.length - 1] ?? 0)
    best = Math.min(best, last)
  }
  go()
  return best
}

/** Nobody does two things at once, nothing is in two places, nothing is read before its time. */
function expectSound(groups: readonly (readonly PlacedActivity[])[], own: ReadonlyMap<string, number>) {
  for (const acts of groups)
    for (const [index, one] of acts.entries()) {
      expect(one.to - one.from).toBe(one.seconds)
      expect(one.from).toBeGreaterThanOrEqual(acts[index - 1]?.to ?? 0)
      if (one.after) expect(one.from).toBeGreaterThanOrEqual(acts[one.after.act]!.to + one.after.seconds)
    }
  for (const [name, howMany] of own) {
    const uses = groups.flat().filter((one) => one.uses.includes(name) && one.seconds > 0)
    for (const { from } of uses)
      expect(uses.filter((one) => one.from <= from && from < one.to).length).toBeLessThanOrEqual(howMany)
  }
}

const seconds = fc.integer({ min: 0, max: 40 })
const aTry = fc.tuple(seconds, seconds, seconds)

describe('a schedule', () => {
  it('lets groups work at once where nothing is scarce', () => {
    const groups = [tries([[10, 5, 5]]), tries([[10, 5, 5]])]
    expect(schedule(groups, owned(2))).toMatchObject({ seconds: 20, proven: true })
  })

  it('has the second group wait for the one balance', () => {
    const made = schedule([tries([[10, 30, 5]]), tries([[10, 30, 5]])], owned(1))
    expect(made).toMatchObject({ seconds: 75, proven: true })
    expect(made.groups.map((acts) => acts[1]!.from).sort((a, b) => a - b)).toEqual([10, 40])
  })

  it('lets the group with the most to do go first, though it is ready later', () => {
    // First come, first served takes 10 + 30 + 20 + 60; the other way round 12 + 20 + 60, or 30 more for the first.
    const groups = [tries([[10, 30, 0]]), tries([[12, 20, 60]])]
    expect(schedule(groups, owned(1))).toMatchObject({ seconds: 92, proven: true })
  })

  it('waits until what soaks has soaked', () => {
    const soaking = [
      act('set-up', 10),
      act('read', 5, ['balance']),
      act('read', 5, ['balance'], { act: 1, seconds: 60 }),
    ]
    const made = schedule([soaking], owned(1))
    expect(made.seconds).toBe(80)
    expectSound(made.groups, owned(1))
  })

  it('says that there is none of what is used', () => {
    expect(() => schedule([tries([[1, 1, 1]])], owned(0))).toThrow('there is no balance')
  })

  it.each([
    [2, 3, 2],
    [3, 2, 2],
    [3, 3, 1],
  ])('is as short as any of %i groups with %i levels and %i tries', (groups, levels, tryCount) => {
    const many = fc.array(aTry, { minLength: levels * tryCount, maxLength: levels * tryCount })
    const classes = fc.array(many, { minLength: groups, maxLength: groups })
    fc.assert(
      fc.property(classes, fc.integer({ min: 1, max: 2 }), (all, howMany) => {
        const acts = all.map(tries)
        const made = schedule(acts, owned(howMany))
        expectSound(made.groups, owned(howMany))
        expect(made.proven).toBe(true)
        expect(made.seconds).toBe(shortest(acts, owned(howMany)))
        expect(made.seconds).toBeGreaterThanOrEqual(lowerBound(acts, owned(howMany)))
      }),
      { numRuns: 12 },
    )
  })

  it('is as short as any of 3 groups with 3 levels and 2 tries', () => {
    const times = [
      [3, 20, 4],
      [30, 15, 2],
      [8, 12, 9],
    ] as const
    const acts = [0, 1, 2].map((turn) =>
      tries([...times.slice(turn), ...times.slice(0, turn)].flatMap((one) => [one, one])),
    )
    const made = schedule(acts, owned(1))
    expect(made.proven).toBe(true)
    expect(made.seconds).toBe(shortest(acts, owned(1)))
  }, 120_000)

  it('is as short as any where what stands must stand', () => {
    const standing = (wait: number, read: number): Activity[] => [
      act('read', read, ['balance']),
      act('read', read, ['balance']),
      act('read', read, ['balance'], { act: 0, seconds: wait }),
      act('read', read, ['balance'], { act: 1, seconds: wait }),
    ]
    fc.assert(
      fc.property(fc.array(fc.tuple(seconds, seconds), { minLength: 3, maxLength: 3 }), (all) => {
        const acts = all.map(([wait, read]) => standing(wait, read))
        const made = schedule(acts, owned(1))
        expectSound(made.groups, owned(1))
        expect(made.seconds).toBe(shortest(acts, owned(1)))
      }),
      { numRuns: 30 },
    )
  })

  it('of any class is sound and never below its bound', () => {
    const classes = fc.array(fc.array(aTry, { minLength: 0, maxLength: 12 }), { minLength: 0, maxLength: 8 })
    fc.assert(
      fc.property(classes, fc.integer({ min: 1, max: 4 }), (all, howMany) => {
        const acts = all.map(tries)
        const made = schedule(acts, owned(howMany), { turns: 200, passes: 2 })
        expectSound(made.groups, owned(howMany))
        expect(made.seconds).toBeGreaterThanOrEqual(lowerBound(acts, owned(howMany)))
      }),
      { numRuns: 60 },
    )
  })
})

describe('what groups do', () => {
  const context = { age: '7-9', groups: 6, lessonMinutes: 45 } as const

  it('is set up, run, read and cleared for every try, practice first', () => {
    const [first] = groupActivities(examplePlan(), context)
    expect(first!.slice(0, 8).map((one) => [one.kind, one.tryNumber, one.seconds])).toEqual([
      ['set-up', 0, 25],
      ['run', 0, 5],
      ['read', 0, 8],
      ['reset', 0, 15],
      ['set-up', 1, 25],
      ['run', 1, 5],
      ['read', 1, 8],
      ['reset', 1, 15],
    ])
    expect(first).toHaveLength(40)
  })

  it('holds the stopwatch while it runs, as long as the time that is expected', () => {
    const watch = instrumentCupboard.find((one) => one.id === 'stopwatch')!
    const timed = examplePlan({
      measured: { name: 'fall time', unit: 's', instrument: watch },
      expected: { first: 2, last: 6, apart: 1 },
      levels: [numberLevel(20), numberLevel(60)],
      levelOrder: 'same',
      tries: 1,
    })
    const runs = groupActivities(timed, context)[0]!.filter((one) => one.kind === 'run')
    expect(runs.map((one) => [one.seconds, one.uses])).toEqual([
      [2, ['stopwatch']],
      [2, ['stopwatch']],
      [6, ['stopwatch']],
    ])
  })

  it('is nothing for the others where one group acts for the class', () => {
    const acts = groupActivities(examplePlan({ whoTests: 'whole-class' }), context)
    expect(acts.map((one) => one.length > 0)).toEqual([true, false, false, false, false, false])
  })

  it('reads before, lets it stand, and reads after, side by side', () => {
    const plan = examplePlan({
      ...{ tries: 1, practiceTries: 0, levelOrder: 'same', times: { run: 600 } },
      recording: {
        ...{ kind: 'before-after', moments: ['before', 'after'], stand: 'side-by-side' },
        ...{ container: 'none', change: 'lost', compare: 'starts' },
      },
    })
    const acts = groupActivities(plan, context)[0]!
    expect(acts.map((one) => `${one.kind} ${one.levelId} ${one.moment}`)).toEqual([
      'set-up h20 before',
      'read h20 before',
      'set-up h40 before',
      'read h40 before',
      'set-up h60 before',
      'read h60 before',
      'read h20 after',
      'read h40 after',
      'read h60 after',
      'reset h20 after',
      'reset h40 after',
      'reset h60 after',
    ])
    expect(acts[6]!.after).toEqual({ act: 1, seconds: 600 })
  })
})
