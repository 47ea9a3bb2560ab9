import { describe, expect, it } from 'vitest'
import type { ResultScale } from '../plan'
import type { Unit } from '../quantity'
import { examplePlan, kindsPlan } from '../testing/examplePlan'
import {
  endSaid,
  endWords,
  extraSaid,
  gaveMore,
  gaveMost,
  levelSaid,
  measureWent,
  moreOf,
  nounOf,
  predicateOf,
  trendPhrase,
  wordsFor,
} from '.'

const of = (name: string, unit: Unit = 'cm', scale?: ResultScale) => ({
  name,
  unit,
  ...(scale ? { scale } : {}),
})
const bounce = of('bounce height')
const clips = of('number of clips held', 'count')
const cooled = of('temperature lost', 'C')
const place = of('finishing place', 'count', { kind: 'place' })
const when = of('rust', 'count', { kind: 'when', what: '“rusty”', per: 'day' })
const rank = of('hardness', 'count', { kind: 'rank', of: 4 })
const word = of('rust', 'count', { kind: 'word', words: ['shiny', 'rusty'] })

describe('what something gave', () => {
  it.each([
    [gaveMost(bounce, 'most'), 'gave the highest bounce'],
    [gaveMost(clips, 'least'), 'held the fewest clips'],
    [
      gaveMost(of('heart beats a minute', 'count'), 'most', 'future'),
      'will give the most heart beats a minute',
    ],
    [gaveMost(cooled, 'least'), 'cooled least'],
    [gaveMost(of('height gained'), 'most'), 'grew most'],
    [gaveMost(of('mass lost', 'g'), 'least', 'future'), 'will lose the least mass'],
    [gaveMost(of('share of mass lost', 'g'), 'most'), 'lost the largest share of its mass'],
    [gaveMost(of('pulling force', 'N'), 'most'), 'needed the greatest pulling force'],
    [gaveMost(of('how far the ball rolls'), 'most'), 'gave the greatest distance the ball rolls'],
    [gaveMost(place, 'least'), 'came in first'],
    [gaveMost(place, 'most', 'future'), 'will come in last'],
    [gaveMost(when, 'least'), 'reached “rusty” first'],
    [gaveMost(rank, 'most'), 'was the hardest'],
    [gaveMost(rank, 'least'), 'was the softest'],
    [gaveMost(word, 'least'), 'had the least rust'],
    [gaveMore(bounce, 'more'), 'gave a higher bounce than'],
    [gaveMore(bounce, 'same'), 'gave about the same bounce height as'],
    [gaveMore(clips, 'less'), 'held fewer clips than'],
    [gaveMore(clips, 'same'), 'held about as many clips as'],
    [gaveMore(cooled, 'more'), 'cooled more than'],
    [gaveMore(of('share of mass lost', 'g'), 'less'), 'lost a smaller share of its mass than'],
    [moreOf(of('share of mass lost', 'g'), 'more'), 'the larger the share of its mass it lost'],
    [moreOf(of('mass gained', 'g'), 'less'), 'the less mass it gained'],
    [gaveMore(of('water soaked up', 'g'), 'more'), 'gave more water soaked up than'],
    [gaveMore(of('water soaked up', 'g'), 'same'), 'gave about as much water soaked up as'],
    [measureWent(of('water soaked up', 'g'), 'down'), 'there was less water soaked up'],
    [gaveMore(place, 'less'), 'came in ahead of'],
    [gaveMore(when, 'more'), 'reached “rusty” later than'],
    [gaveMore(rank, 'more'), 'was harder than'],
    [gaveMore(rank, 'same'), 'was about as hard as'],
    [measureWent(bounce, 'up'), 'the bounce got higher'],
    [measureWent(clips, 'down'), 'there were fewer clips held'],
    [measureWent(cooled, 'up'), 'they cooled more'],
    [measureWent(place, 'down'), 'they came in earlier'],
    [measureWent(when, 'up'), '“rusty” came later'],
    [measureWent(rank, 'up'), 'they got harder'],
    [moreOf(bounce, 'less'), 'the lower the bounce'],
    [moreOf(clips, 'less'), 'the fewer clips it held'],
    [moreOf(cooled, 'more'), 'the more it cooled'],
    [moreOf(word, 'more'), 'the more rust'],
    [endWords(place).least, 'first'],
    [endWords(of('lifetime', 's')).most, 'longest'],
  ])('is said: %s', (said, words) => expect(said).toBe(words))

  it('has no adjectives of its own for what has none', () => {
    expect(predicateOf(word)).toBeNull()
    expect(predicateOf(bounce)).toBeNull()
  })
})

describe('a trend', () => {
  const plan = examplePlan()
  it('says what goes with what, and that nothing does', () => {
    expect(trendPhrase(plan, 'more')).toBe('the higher the drop, the higher the bounce')
    expect(trendPhrase(plan, 'same')).toBe('the bounce height was about the same whatever the drop height')
    expect(trendPhrase(plan, 'less', true)).toBe('the later the round, the lower the bounce')
    const layers = { ...plan, changed: { ...plan.changed, name: 'layers of card', unit: 'count' as const } }
    expect(trendPhrase(layers, 'same', false, 'future')).toBe(
      'the bounce height will be the same however many layers of card',
    )
  })
})

describe('a name that is a clause', () => {
  it.each([
    ['how far the ball rolls', 'cm', 'distance the ball rolls'],
    ['how long the bubble lasts', 's', 'time the bubble lasts'],
    ['how long the shadow is', 'cm', 'length the shadow is'],
    ['how many clips it holds', 'count', 'number of clips it holds'],
    ['how much water it soaks up', 'g', 'amount of water it soaks up'],
    ['whether the clip rusts', 'count', 'result'],
    ['which rock leaves a mark', 'count', 'result'],
    ['bounce height', 'cm', 'bounce height'],
  ] as const)('%s becomes a noun', (name, unit, noun) => expect(nounOf(name, unit)).toBe(noun))
})

describe('levels in a sentence', () => {
  it('are numbers of things where things are counted', () => {
    const plan = examplePlan({
      changed: { name: 'spoons of sugar', kind: 'number', unit: 'count', range: null },
    })
    expect([levelSaid(plan, plan.levels[0]!), extraSaid(plan, 1), extraSaid(plan, 2)]).toEqual([
      '20 spoons',
      'extra spoon',
      'extra 2 spoons',
    ])
    expect(extraSaid(examplePlan(), 1)).toBe('extra 1 cm')
    const kinds = kindsPlan(['tile'])
    expect(levelSaid(kinds, kinds.levels[0]!)).toBe('tile')
  })

  it('are amounts of what is no number of things', () => {
    expect(wordsFor({ name: 'amount of light', unit: null })).toMatchObject({ less: 'less', thing: 'light' })
  })
})

describe('what best may mean', () => {
  it.each([
    [endSaid(bounce, 'most'), 'the highest bounce'],
    [endSaid(clips, 'least'), 'the fewest clips'],
    [endSaid(cooled, 'least'), 'cooled least'],
    [endSaid(rank, 'most'), 'the hardest'],
    [endSaid(place, 'least'), 'first'],
  ])('is named: %s', (said, words) => expect(said).toBe(words))
})
