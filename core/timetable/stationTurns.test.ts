import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { levelsForGroup } from '../plan'
import { kindsPlan } from '../testing/examplePlan'
import { stationTurns } from '.'

describe('turns at stations', () => {
  it('wait where there are more groups than stations, and leave stations empty where there are fewer', () => {
    expect(stationTurns(3, 2)).toEqual([
      [0, 1, null],
      [1, null, 0],
      [null, 0, 1],
    ])
    expect(stationTurns(0, 4)).toEqual([])
  })

  it('let every group meet every station once, and nobody meet another', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 12 }), fc.integer({ min: 1, max: 12 }), (groups, stations) => {
        const turns = stationTurns(groups, stations)
        expect(turns).toHaveLength(Math.max(groups, stations))
        for (const turn of turns) {
          const taken = turn.filter((place) => place !== null)
          expect(new Set(taken).size).toBe(taken.length)
        }
        for (let group = 0; group < groups; group++) {
          const met = turns.flatMap((turn) => turn[group] ?? [])
          expect([...met].sort((a, b) => a - b)).toEqual(
            Array.from({ length: stations }, (_, place) => place),
          )
        }
      }),
    )
  })

  it('are the order in which each group records', () => {
    const plan = kindsPlan(['tile', 'wood', 'carpet'], { whoTests: 'stations' })
    for (const groups of [2, 3, 5]) {
      const turns = stationTurns(groups, 3)
      for (let group = 0; group < groups; group++)
        expect(levelsForGroup(plan, group).map((level) => level.id)).toEqual(
          turns.flatMap((turn) => (turn[group] === null ? [] : plan.levels[turn[group]!]!.id)),
        )
    }
  })
})
