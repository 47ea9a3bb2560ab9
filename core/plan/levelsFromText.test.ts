import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { examplePlan, kindsPlan } from '../testing/examplePlan'
import { levelStep, moveLevel } from './levelStep'
import { levelsFromText, levelsText } from './levelsFromText'

const read = (text: string, plan = examplePlan({ levels: [] })) => {
  const typed = levelsFromText(plan, text)
  if (!typed.ok) throw new Error(typed.message)
  return typed.plan
}
const values = (text: string) => read(text).levels.map((level) => level.value)
const names = (text: string) => read(text).levels.map((level) => level.name)
const refused = (text: string, plan = examplePlan()) => {
  const typed = levelsFromText(plan, text)
  return typed.ok ? null : typed.message
}

describe('numbers in one line', () => {
  it.each([
    ['10, 20, 30 cm', [10, 20, 30]],
    ['10, 20 and 30 cm', [10, 20, 30]],
    ['10; 20; 30', [10, 20, 30]],
    ['10,20,30', [10, 20, 30]],
    ['1 m, 1 m 20, 1.5 m', [1, 1.2, 1.5]],
    ['0,5, 1,5, 2,5', [0.5, 1.5, 2.5]],
    [' 10 , 20, ', [10, 20]],
    ['½, 1, 1½ m', [0.5, 1, 1.5]],
    ['10, 20, 30½ mm', [10, 20, 30.5]],
    ['20 40 60', [20, 40, 60]],
    ['20 40 60 cm', [20, 40, 60]],
    ['20/40/60', [20, 40, 60]],
    ['1,5 2,5 3,5', [1.5, 2.5, 3.5]],
    ['0,5 1 1,5', [0.5, 1, 1.5]],
    ['12 000, 14 000', [12_000, 14_000]],
    ['２０, ４０, ６０', [20, 40, 60]],
  ])('reads %s', (text, wanted) => expect(values(text)).toEqual(wanted))

  it('takes the unit that is written last', () => {
    expect(read('10, 20, 30 g').changed).toMatchObject({ kind: 'number', unit: 'g', range: null })
    expect(read('0, 1, 2').changed.unit).toBe('cm')
  })

  it('keeps the levels that were there, with their readings', () => {
    const before = examplePlan()
    expect(read('20, 50, 60 cm', before).levels.map((level) => level.id)).toEqual(['h20', 'h40', 'h60'])
    const more = read('60, 20, 80, 100 cm', before).levels
    expect(more.map((level) => level.id).slice(0, 2)).toEqual(['h60', 'h20'])
    expect(more.map((level) => level.id)).not.toContain('h40')
  })

  it('asks about a lone comma, and about what reads two ways', () => {
    expect(refused('12,5')).toMatch(/12\.5 for one number, or “12, 5” for two/)
    expect(refused('1,200, 1,500')).toMatch(/1200/)
    expect(refused('10, 2², 30')).toMatch(/raised digit/)
  })

  it('refuses a name among numbers, and too many', () => {
    expect(refused('10, wool, 30')).toMatch(/“wool” isn’t a number/)
    expect(refused(Array.from({ length: 13 }, (_, index) => index + 1).join(', '))).toMatch(/12 is the most/)
  })

  it('reads its own line back', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 0, max: 999 }), { minLength: 1, maxLength: 12 }),
        (numbers) => {
          const plan = read(`${numbers.join(', ')} cm`)
          expect(read(levelsText(plan), plan).levels.map((level) => level.id)).toEqual(
            [...plan.levels].sort((a, b) => a.value! - b.value!).map((level) => level.id),
          )
        },
      ),
    )
  })
})

describe('kinds in one line', () => {
  it('reads names, and what has nothing added as the baseline', () => {
    const plan = read('wool, foil, nothing')
    expect(plan.changed).toMatchObject({ kind: 'kinds', unit: null })
    expect(plan.levels.map((level) => level.baseline)).toEqual([false, false, true])
    expect(plan.prediction.format).toBe('choice')
    expect(names('tile, wood and carpet')).toEqual(['tile', 'wood', 'carpet'])
  })

  it('keeps a kind that is called otherwise in its place', () => {
    const plan = read('tile, oak, carpet', kindsPlan(['tile', 'wood', 'carpet']))
    expect(plan.levels.map((level) => level.id)).toEqual(['tile', 'wood', 'carpet'])
    expect(levelsText(plan)).toBe('tile, oak, carpet')
  })

  it('never throws', () => {
    fc.assert(fc.property(fc.string(), (text) => void levelsFromText(examplePlan(), text)))
  })
})

describe('moving a level', () => {
  it('goes in round steps, never below nought, and stays within the set-up', () => {
    expect(levelStep(examplePlan())).toBe(5)
    const moved = (to: number, changes = {}) => moveLevel(examplePlan(changes), 'h20', to).levels[0]!.value
    expect(moved(33)).toBe(35)
    expect(moved(-40)).toBe(0)
    const changed = { ...examplePlan().changed, range: { least: 10, greatest: 62 } }
    expect(moved(500, { changed })).toBe(62)
  })

  it('is no change when it stays', () => {
    const plan = examplePlan()
    expect(moveLevel(plan, 'h20', 21)).toBe(plan)
    expect(moveLevel(plan, 'nobody', 30)).toBe(plan)
  })
})
