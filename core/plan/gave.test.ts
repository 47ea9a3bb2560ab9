import { describe, expect, it } from 'vitest'
import { examplePlan } from '../testing/examplePlan'
import { gaveLarger, gaveMore, gaveMost, measureWent, printResult, type ResultScale } from '.'

const on = (scale?: ResultScale, name = 'bounce height') => ({ name, ...(scale ? { scale } : {}) })
const place = on({ kind: 'place' })
const when = on({ kind: 'when', what: '“rusty”', per: 'day' })
const rank = on({ kind: 'rank', of: 4 }, 'hardness')
const word = on({ kind: 'word', words: ['shiny', 'rusty'] }, 'rust')

describe('what something gave', () => {
  it.each([
    [gaveMost(on(), 'most'), 'gave the most bounce height'],
    [gaveMost(on(undefined, 'mass lost'), 'least', 'present'), 'loses the least mass'],
    [gaveMost(on(undefined, 'share of mass lost'), 'most'), 'lost the largest share of its mass'],
    [gaveMost(place, 'least'), 'came in first'],
    [gaveMost(place, 'most', 'present'), 'comes in last'],
    [gaveMost(when, 'least'), 'reached “rusty” first'],
    [gaveMost(rank, 'most', 'present'), 'has the most hardness'],
    [gaveMost(word, 'least'), 'had the least rust'],
    [gaveMore(on(), 'same'), 'gave about the same bounce height as'],
    [gaveMore(place, 'less'), 'came in ahead of'],
    [gaveMore(place, 'same'), 'came in level with'],
    [gaveMore(when, 'more'), 'reached “rusty” later than'],
    [gaveMore(rank, 'more'), 'had more hardness than'],
    [gaveLarger(on(), 'less'), 'gave a smaller bounce height'],
    [gaveLarger(on(), 'same', 'present'), 'gives the same bounce height'],
    [gaveLarger(place, 'less'), 'came in earlier'],
    [gaveLarger(when, 'more', 'present'), 'reaches “rusty” later'],
    [gaveLarger(word, 'same'), 'had about as much rust'],
    [measureWent(on(), 'up'), 'the bounce height rose'],
    [measureWent(place, 'down'), 'they came in earlier'],
    [measureWent(when, 'up'), '“rusty” came later'],
  ])('is said: %s', (said, words) => expect(said).toBe(words))
})

describe('a result', () => {
  const print = (value: number, scale?: ResultScale) => {
    const plan = examplePlan()
    return printResult({ ...plan, measured: { ...plan.measured, ...(scale ? { scale } : {}) } }, value, 1)
  }

  it.each([
    [print(62.333), '62.3 cm'],
    [print(Infinity), 'never'],
    [print(1.5, { kind: 'place' }), 'place 1.5'],
    [print(Infinity, { kind: 'place' }), 'not finished'],
    [print(4, { kind: 'rank', of: 4 }), 'place 1 of 4'],
    [print(1, { kind: 'word', words: ['shiny', 'rusty'] }), 'rusty'],
    [print(0.5, { kind: 'word', words: ['shiny', 'rusty'] }), 'between shiny and rusty'],
    [print(2.5, { kind: 'when', what: '“rusty”', per: 'day' }), 'day 2.5'],
    [print(Infinity, { kind: 'when', what: '“rusty”', per: 'day' }), 'never'],
  ])('is printed on its scale: %s', (printed, words) => expect(printed).toBe(words))
})
