import { describe, expect, it } from 'vitest'
import { scoredPlan, weighLesson } from '../../comparison'
import type { Plan } from '../../plan'
import { entry } from '../../testing/exampleEntries'
import { examplePlan, numberLevel } from '../../testing/examplePlan'
import { checkOwnWords, lessonOf, lessonTexts, parseTexts, statementWords } from '..'
import { parseWords } from '../grammar'

const bounce = examplePlan({ comparison: 'variation', levels: [numberLevel(20)], tries: 8 })
const check = (values: number[], text: string, plan: Plan = bounce) => {
  const entries = values.map((value, index) =>
    entry({ levelId: plan.levels[0]!.id, tryNumber: index + 1, value, typed: String(value) }),
  )
  const scored = scoredPlan(plan, entries)
  const lesson = lessonOf(scored, parseTexts(lessonTexts(scored), parseWords))
  return checkOwnWords(lesson, parseWords(text), weighLesson(plan, entries, ['leaf']))
}
const eight = [10, 11, 11, 12, 12, 12, 13, 15]

describe('what is said of one setting', () => {
  it.each([
    ['It usually bounced about 12 cm.', 'fits'],
    ['It bounced 12cm on average', 'fits'],
    ['It bounced between 10 cm and 15 cm.', 'fits'],
    ['It bounced mostly 11 to 13 cm.', 'not-checked'],
    ['It bounced mostly 10 to 13 cm.', 'fits'],
    ['It bounced from 10 to 14 cm.', 'says-more'],
    ['It never bounced more than 15 cm.', 'fits'],
    ['It always bounced less than 15 cm.', 'says-more'],
    ['It always bounced more than 15 cm.', 'contradicts'],
    ['The highest was 15 cm and the lowest was 10 cm.', 'fits'],
    ['The highest was 21 cm.', 'contradicts'],
    ['It bounced 12 cm every time.', 'says-more'],
    ['It bounced 40 cm every time.', 'contradicts'],
    ['It was the same every time.', 'contradicts'],
    ['It was not always the same.', 'fits'],
    ['It was different every time.', 'says-more'],
    ['The ball is made of rubber.', 'not-checked'],
    ['It bounced 10, 11 and 12 cm.', 'not-checked'],
    ['We tried 8 times.', 'not-checked'],
    ['The drop height was 20 cm.', 'not-checked'],
    ['It bounced 12 cm from 20 cm.', 'not-checked'],
    ['It bounced 12 cm from 13 cm.', 'not-checked'],
    ['Most bounces were 12 cm.', 'not-checked'],
  ])('%s %s', (text, fit) => {
    expect(check(eight, text).fit).toBe(fit)
  })

  it('says how it was understood', () => {
    const words = (text: string) => {
      const { parts } = check(eight, text)
      return parts.flatMap(
        ({ statements, plan }) => statements?.map((one) => statementWords(plan, one)) ?? [],
      )
    }
    expect(words('It usually bounced about 12 cm, mostly 10 to 13 cm.')).toEqual([
      'usually about 12 cm',
      'mostly from 10 cm to 13 cm',
    ])
    expect(words('It usually bounced about 12,5 cm.')).toEqual(['usually about 12.5 cm'])
    expect(words('It never bounced more than 15 cm.')).toEqual(['never more than 15 cm'])
    expect(words('It varied. The lowest was 10 cm.')).toEqual([
      'not the same every time',
      'the least was 10 cm',
    ])
  })

  it('knows nothing usual of few tries, and nothing at all of none', () => {
    expect(check([12, 12], 'It usually bounced 12 cm.').parts[0]).toMatchObject({ fit: 'open' })
    expect(check([], 'It usually bounced 12 cm.').parts[0]).toMatchObject({ fit: 'open' })
  })

  it('goes against nothing where tries differ by no more than a mark', () => {
    expect(check([12, 12, 13, 12, 12], 'It was the same every time.').fit).toBe('not-checked')
    expect(check([12, 12, 12, 12, 12], 'It was the same every time.').fit).toBe('fits')
    expect(check([12, 12, 12, 12, 12], 'It varied.').fit).toBe('contradicts')
  })
})
