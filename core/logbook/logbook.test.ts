import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { emptyConclusion } from '../conclusion'
import { noBackground } from '../plan'
import { examplePlan, material } from '../testing/examplePlan'
import { findLesson, schoolYear, searchedTexts } from '.'

const plan = examplePlan({
  materials: [material({ name: 'sticky dots' }), material({ id: 'b', name: ' ' })],
  background: { ...noBackground, words: [{ word: 'bounce', meaning: 'to spring back', use: '' }] },
})
const searched = searchedTexts(plan, { ...emptyConclusion, better: 'Look level with the mark.' }, [])

describe('a search in the logbook', () => {
  it('finds what is shown, and says nothing of where', () => {
    expect(findLesson(['How high does it bounce?'], searched, 'HIGH bounce')).toEqual([])
    expect(findLesson(['Señor Gota'], searched, 'senor')).toEqual([])
  })

  it('finds materials, words, variables and conclusions, and says where', () => {
    expect(findLesson([], searched, 'sticky')).toEqual([{ place: 'materials', text: 'sticky dots' }])
    expect(findLesson([], searched, 'bounce')).toMatchObject([{ place: 'words', text: 'bounce' }])
    expect(findLesson([], searched, 'metre stick')).toEqual([{ place: 'variables', text: 'metre stick' }])
    expect(findLesson([], searched, 'level')).toMatchObject([{ place: 'conclusion' }])
  })

  it('wants every word, and all lessons where none is typed', () => {
    expect(findLesson(['a ball'], searched, 'ball xylophone')).toBeNull()
    expect(findLesson([], searched, '   ')).toEqual([])
  })

  it('takes anything that is typed', () => {
    fc.assert(
      fc.property(
        fc.string({ unit: 'grapheme' }),
        fc.array(fc.string({ unit: 'grapheme' })),
        (query, shown) => {
          expect(() => findLesson(shown, searched, query)).not.toThrow()
          // A text finds itself.
          expect(findLesson([...shown, query], searched, query)).toEqual([])
        },
      ),
    )
  })
})

describe('a school year', () => {
  it('turns on the first day after it ends, and a day is in one year', () => {
    expect(schoolYear('2026-08-01', 7)).toBe('2026/27')
    expect(schoolYear('1999-12-31', 7)).toBe('1999/00')
    expect(schoolYear('2026-12-31', 12)).toBe('2026')
  })

  it.each([
    ['2026-13-40', 7],
    ['', 7],
    ['2026-01-01', 0],
    ['2026-01-01', 1.5],
  ])('refuses %s with month %s', (day, month) => {
    expect(() => schoolYear(day, month)).toThrow(RangeError)
  })
})
