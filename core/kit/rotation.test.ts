import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { instrumentCupboard } from '../instrument'
import { kindsPlan, material } from '../testing/examplePlan'
import { kitAmounts } from './kitAmounts'
import { rotation } from './rotation'
import { turnsOf, turnWords } from './turns'

describe('rotation', () => {
  it('takes three lamps round six groups in two turns', () => {
    const turns = rotation(6, [{ id: 'lamp', howMany: 3 }])
    expect(turns).toHaveLength(2)
    expect(turns.map((turn) => turn.filter((one) => one === 'lamp').length)).toEqual([3, 3])
  })

  it('shares out kits of two kinds and swaps them', () => {
    const turns = rotation(6, [
      { id: 'bar', howMany: 3 },
      { id: 'ring', howMany: 3 },
    ])
    expect(turns).toHaveLength(2)
    for (const group of [0, 1, 2, 3, 4, 5])
      expect([turns[0]![group], turns[1]![group]].sort()).toEqual(['bar', 'ring'])
  })

  it('is nothing for nobody and for nothing, and refuses a thing that is not there', () => {
    expect(rotation(0, [{ id: 'lamp', howMany: 1 }])).toEqual([])
    expect(rotation(3, [])).toEqual([])
    expect(() => rotation(3, [{ id: 'lamp', howMany: 0 }])).toThrow(RangeError)
  })

  it('gives every group every thing once, never more than there are, in as few turns as there can be', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.array(fc.integer({ min: 1, max: 14 }), { minLength: 1, maxLength: 12 }),
        (groups, counts) => {
          const things = counts.map((howMany, index) => ({ id: `t${index}`, howMany }))
          const turns = rotation(groups, things)
          expect(turns).toHaveLength(
            Math.max(things.length, ...counts.map((howMany) => Math.ceil(groups / howMany))),
          )
          for (const { id, howMany } of things) {
            for (const turn of turns)
              expect(turn.filter((one) => one === id).length).toBeLessThanOrEqual(howMany)
            for (let group = 0; group < groups; group++)
              expect(turns.filter((turn) => turn[group] === id)).toHaveLength(1)
          }
        },
      ),
    )
  })
})

describe('turnsOf', () => {
  const plan = kindsPlan(['bar', 'ring'], {
    keptSame: [],
    leftOut: ['kit-instrument-metre-stick', 'kit-sheet', 'kit-level-bar', 'kit-level-ring'],
    materials: [
      material({ id: 'b', name: 'bar magnet', per: 'turns', amount: 3, level: 'bar' }),
      material({ id: 'r', name: 'ring magnet', per: 'turns', amount: 3, level: 'ring' }),
      material({ id: 's', name: 'balance', per: 'turns', amount: 2 }),
      material({ id: 'g', name: 'tray' }),
    ],
  })
  const lines = kitAmounts(plan, { groups: 6, children: 24, cupboard: instrumentCupboard })

  it('lets kinds go round together, and each other thing by itself', () => {
    const rotations = turnsOf(lines, 6)
    expect(rotations.map((rotation) => [rotation.lines.length, rotation.turns.length])).toEqual([
      [2, 2],
      [1, 3],
    ])
    for (let place = 0; place < 6; place++)
      expect(
        turnWords(rotations, place)
          .map((words) => words.split(':')[0])
          .sort(),
      ).toEqual(['balance', 'bar magnet', 'ring magnet'])
  })

  it('is nothing where everybody has everything', () => {
    expect(turnsOf(lines.slice(3), 6)).toEqual([])
    expect(turnWords([], 0)).toEqual([])
  })
})
