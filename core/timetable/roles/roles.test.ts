import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { instrumentCupboard } from '../../instrument'
import { examplePlan, kindsPlan } from '../../testing/examplePlan'
import {
  countRoles,
  membersOf,
  roles,
  rolesOf,
  turnAt,
  turnRoles,
  turnsIn,
  turnsTaken,
  volunteerGroup,
  volunteerTurns,
  type Role,
  type RoleCounts,
} from '..'

const children = (count: number) => Array.from({ length: count }, (_, index) => `child ${index}`)

/** How far apart the children are in what they have had of a role. */
const spread = (counts: RoleCounts, ids: readonly string[], role: Role) => {
  const all = ids.map((id) => counts[id]?.[role] ?? 0)
  return Math.max(...all) - Math.min(...all)
}

describe('roles', () => {
  it('are those that the plan has work for', () => {
    expect(rolesOf(examplePlan())).not.toContain('timer')
    const watch = instrumentCupboard.find((one) => one.id === 'stopwatch')!
    expect(rolesOf(examplePlan({ measured: { name: 'time', unit: 's', instrument: watch } }))).toEqual(roles)
  })

  it('go round, nobody with two where there are as many children', () => {
    const made = turnRoles(children(5), roles, {}, 5)
    for (const one of made) expect(new Set(Object.values(one)).size).toBe(5)
    for (const role of roles) expect(new Set(made.map((one) => one[role])).size).toBe(5)
  })

  it('give nobody a second while somebody has none', () => {
    for (const one of turnRoles(children(4), roles, {}, 9)) expect(new Set(Object.values(one)).size).toBe(4)
    for (const one of turnRoles(children(2), roles, {}, 4)) {
      const first = Object.values(one).filter((id) => id === 'child 0').length
      expect([2, 3]).toContain(first)
    }
  })

  it('come out even over three lessons, whatever the number of children and tries', () => {
    const lessons = fc.array(fc.integer({ min: 1, max: 13 }), { minLength: 3, maxLength: 3 })
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 7 }),
        lessons,
        fc.integer({ min: 1, max: 5 }),
        (count, tries, wanted) => {
          const ids = children(count)
          const some = roles.slice(0, wanted)
          const counts = tries.reduce<RoleCounts>(
            (before, one) => countRoles(turnRoles(ids, some, before, one), before),
            {},
          )
          for (const role of some) expect(spread(counts, ids, role)).toBeLessThanOrEqual(1)
        },
      ),
      { numRuns: 60 },
    )
  })

  it('leave out who is absent, who has his turns when he is there again', () => {
    const ids = children(4)
    const here = ids.slice(1)
    const first = countRoles(turnRoles(ids, roles, {}, 8))
    const without = turnRoles(here, roles, first, 8)
    expect(without.flatMap((one) => Object.values(one))).not.toContain(ids[0])
    const second = countRoles(without, first)
    const third = countRoles(turnRoles(ids, roles, second, 16), second)
    for (const role of roles) expect(spread(third, ids, role)).toBeLessThanOrEqual(1)
  })

  it('are nobody’s where nobody is there', () => {
    expect(turnRoles([], roles, {}, 3)).toEqual([])
    expect(membersOf('g', [{ id: 'a', name: 'Ana' }])).toEqual([{ id: 'a', name: 'Ana' }])
  })
})

describe('a turn', () => {
  it('is a try, or a moment where containers stand side by side', () => {
    const slot = { groupId: 'leaf', levelId: 'h40', tryNumber: 2, moment: '' }
    const plan = examplePlan({ levelOrder: 'same' })
    expect([turnsIn(plan, 'leaf', 0), turnAt(plan, 0, slot)]).toEqual([9, 4])
    expect(
      turnsTaken(plan, 'leaf', 0, [slot, { ...slot, groupId: 'bell' }, { ...slot, levelId: 'gone' }]),
    ).toBe(1)
    const over = kindsPlan(['wool', 'wrap'], {
      tries: 1,
      recording: { kind: 'intervals', minutes: [0, 5], score: 'lost' },
    })
    expect(turnsIn(over, 'leaf', 0)).toBe(2)
    expect(turnAt(over, 0, { ...slot, levelId: 'wrap', tryNumber: 1, moment: '5 min' })).toBe(1)
  })
})

describe('volunteers of the whole class', () => {
  it('come from each group in turn, as often as any other', () => {
    for (const [turns, groups] of [
      [13, 6],
      [4, 6],
      [12, 3],
      [5, 0],
    ] as const) {
      const from = Array.from({ length: turns }, (_, turn) => volunteerGroup(turn, groups))
      for (let group = 0; group < groups; group++)
        expect(volunteerTurns(turns, groups, group)).toBe(from.filter((one) => one === group).length)
    }
  })
})
