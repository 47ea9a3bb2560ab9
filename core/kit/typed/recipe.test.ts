import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { instrumentCupboard } from '../../instrument'
import type { Material } from '../../plan'
import { checkSafe } from '../../safety'
import { examplePlan, material } from '../../testing/examplePlan'
import { kitAmounts, madeReady, needsOf, tasksFor, typeLine, understandLine } from '..'
import { supplyKey } from '../sameThing'
import { withSubstitute } from '../stock/substitutes'

const plan = examplePlan()
const own = { groups: 6, children: 24, cupboard: instrumentCupboard }
const read = (text: string) => {
  const understood = understandLine(text, plan)
  if (!understood.ok) throw new Error(understood.message)
  return understood.material
}
const dough = material({
  ...{ id: 'dough', name: 'dough', amount: 200, unit: 'g', use: 'used-up' },
  made: {
    kind: 'recipe',
    makes: 200,
    ingredients: [
      { name: 'plain flour', unit: 'g', amount: 100 },
      { name: 'salt', unit: 'g', amount: 50 },
      { name: 'water', unit: 'mL', amount: 50 },
    ],
  },
})

describe('something mixed from several things', () => {
  it.each([
    '200 g dough per group, made from 100 g plain flour, 50 g salt and 50 mL water',
    '200 g dough per group (made of 100 g of plain flour, 50 g of salt, and 50 mL of water)',
    '200 g dough made from 0.1 kg plain flour + 50 g salt + 50 mL water, for each group, used up',
  ])('is read from “%s”', (text) => {
    const { made, name, amount, per, use } = read(text)
    expect({ made, name, amount, per, use }).toEqual({
      ...{ name: 'dough', amount: 200, per: 'group', use: 'used-up', made: dough.made },
    })
  })

  it('is typed as it can be read, whatever its amounts', () => {
    const amount = fc.integer({ min: 1, max: 2000 })
    fc.assert(
      fc.property(amount, amount, amount, (flour, salt, water) => {
        const of = (name: string, unit: 'g' | 'mL', share: number) => ({ name, unit, amount: share })
        const ingredients = [of('plain flour', 'g', flour), of('salt', 'g', salt), of('water', 'mL', water)]
        const line: Material = { ...dough, made: { kind: 'recipe', makes: 200, ingredients } }
        const { id: _id, ...rest } = line
        expect(read(typeLine(rest, plan))).toEqual(rest)
      }),
    )
  })

  it('takes its things out of the cupboard, and one of them can stand in for another', () => {
    const withDough = { ...plan, materials: [dough] }
    const lines = kitAmounts(withDough, own)
    expect(madeReady(lines[0]!, withDough, own)).toMatchObject({
      ingredients: [{ amount: 600 }, { amount: 300 }, { amount: 300 }],
    })
    const needs = needsOf(lines, withDough, own).map(({ name, amount, unit }) => [name, amount, unit])
    expect(needs).toEqual(
      expect.arrayContaining([
        ['plain flour', 600, 'g'],
        ['salt', 300, 'g'],
        ['water', 300, 'mL'],
      ]),
    )
    expect(needs.map(([name]) => name)).not.toContain('dough')
    const other = withSubstitute(dough, supplyKey('plain flour'), 'rice flour').made
    expect(other).toMatchObject({
      ingredients: [{ name: 'rice flour' }, { name: 'salt' }, { name: 'water' }],
    })
  })

  it('has the allergens of its things seen', () => {
    const withNuts: Material = {
      ...dough,
      made: { kind: 'recipe', makes: 200, ingredients: [{ name: 'ground almonds', unit: 'g', amount: 100 }] },
    }
    const withDough = { ...plan, materials: [withNuts] }
    const lines = kitAmounts(withDough, own)
    const allergies = [{ allergen: 'nuts' as const, children: 1 }]
    const { allergies: flags } = checkSafe(withDough, { age: '7-9', lines, allergies, supplies: [] })
    expect(flags).toHaveLength(1)
    expect(checkSafe(plan, { age: '7-9', lines: [], allergies, supplies: [] }).allergies).toEqual([])
  })

  it('is made once, where the teacher has put that down', () => {
    const lines = kitAmounts({ ...plan, materials: [dough] }, own)
    const tasks = (what: string) =>
      tasksFor(
        { ...plan, materials: [dough], preparing: [{ id: 'p', what, nights: 1, keeps: 3 }] },
        lines,
      ).map((task) => task.what)
    expect(tasks('make the dough and keep it wrapped')).toEqual(['make the dough and keep it wrapped'])
    expect(tasks('make a hole in the dough')).toHaveLength(2)
    expect(tasks('ask for an apron')).toEqual(['mix 1.2 kg dough', 'ask for an apron'])
  })
})
