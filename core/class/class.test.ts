import { describe, expect, it } from 'vitest'
import { emblemIds, emblemWord, firstNameProblem, freeEmblem, variableWords } from '.'

describe('emblems', () => {
  it('gives out every emblem once and then says that there is none', () => {
    const taken: (typeof emblemIds)[number][] = []
    for (const _ of emblemIds) taken.push(freeEmblem(taken))
    expect(new Set(taken).size).toBe(12)
    expect(() => freeEmblem(taken)).toThrow(RangeError)
  })

  it('has a word for each', () => {
    expect(emblemWord('mushroom')).toBe('Mushroom')
  })
})

describe('firstNameProblem', () => {
  it.each(['Ada', 'Anna-Lena', 'Mary Jo', 'Sam T', 'Sam T.', 'J.R.', 'Zoë', '李'])('takes %j', (name) => {
    expect(firstNameProblem(name)).toBeNull()
  })

  it('takes a longer second word for a family name and suggests an initial', () => {
    expect(firstNameProblem('Sam  Taylor')).toMatchObject({ suggestion: 'Sam T' })
    expect(firstNameProblem('Ana de la Cruz')).toMatchObject({ suggestion: 'Ana C' })
  })

  it('refuses nothing at all and far too much', () => {
    expect(firstNameProblem('  ')).toMatchObject({ suggestion: null })
    expect(firstNameProblem('12,5')).toMatchObject({ message: 'Type a first name.' })
    expect(firstNameProblem('x'.repeat(40))?.suggestion).toHaveLength(24)
  })
})

describe('variableWords', () => {
  it('speaks the school’s words', () => {
    expect(variableWords('formal').changed).toBe('the independent variable')
    expect(variableWords('tested').measured).toBe('the outcome variable')
  })
})
