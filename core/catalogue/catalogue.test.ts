import { describe, expect, it } from 'vitest'
import { ageBands } from '../class'
import { findThings, hazardIds, hazards, stem, thingNamed, things } from '.'

const found = (text: string) => findThings(text).map((one) => one.thing.name)

describe('the catalogue', () => {
  it('holds at least 80 things and 30 hazards', () => {
    expect(things.length).toBeGreaterThanOrEqual(80)
    expect(hazardIds.length).toBeGreaterThanOrEqual(30)
  })

  it('gives every word to one thing alone', () => {
    const words = things.flatMap((thing) =>
      [thing.name, ...thing.also].map((word) => word.toLowerCase().split(' ').map(stem).join(' ')),
    )
    expect(words.filter((word, index) => words.indexOf(word) !== index)).toEqual([])
  })

  it('finds every thing by its own name', () => {
    expect(things.filter((thing) => thingNamed(thing.name) !== thing).map((thing) => thing.name)).toEqual([])
  })

  it('names as substitutes only things that it knows, never the thing itself', () => {
    for (const thing of things)
      for (const other of thing.instead) {
        expect(things.some((one) => one.name === other)).toBe(true)
        expect(other).not.toBe(thing.name)
      }
  })

  it('never lets older children have less freedom than younger ones', () => {
    const rank = { 'not at all': 0, 'adult only': 1, 'adult beside': 2, children: 3 }
    for (const id of hazardIds) {
      const ranks = ageBands.map((age) => rank[hazards[id].handling[age]])
      expect([...ranks].sort((a, b) => a - b)).toEqual(ranks)
    }
  })

  it('uses every hazard but those that only actions and amounts bring', () => {
    const used = new Set(things.flatMap((thing) => thing.hazards))
    expect(hazardIds.filter((id) => !used.has(id)).sort()).toEqual([
      'balancing',
      'dark-room',
      'exertion',
      'focused-sun',
      'lifting',
      'salt-and-ice',
    ])
  })
})

describe('findThings', () => {
  it.each([
    ['Pour hot water into the glass jar.', ['hot water', 'glass jar']],
    ['a paper cup, not a plate', ['cup']],
    ['Build from one sheet. No glue, no tape.', []],
    ['without a candle, instead of glass', []],
    ['Do not push. Blow, never suck.', []],
    ['magnifying glasses', ['magnifying glass']],
    ['sunflower seeds in soil', ['cress seed', 'soil']],
    ['10 mL of washing-up liquid', ['washing-up liquid']],
    ['balls of wool', ['wool']],
    ['card. board', ['card', 'wood']],
  ])('%j', (text, names) => {
    expect(found(text)).toEqual(names)
  })

  it.each([
    ['plastic bottle, 300 mL', 'plastic bottle'],
    ['large sheet of paper', 'paper'],
    ['sand for the bag', 'sand'],
    ['card, 10 cm square', 'card'],
    ['shoe with each sole', 'shoe'],
    ['washers, 5 g', 'washer'],
    ['plate with a ring drawn on', 'plate'],
    ['glorbs', undefined],
  ])('%j is a %s', (name, thing) => {
    expect(thingNamed(name)?.name).toBe(thing)
  })
})

describe('stem', () => {
  it.each([
    ['Batteries', 'battery'],
    ['glass', 'glass'],
    ['Glasses', 'glass'],
    ['knives', 'knife'],
    ['boxes', 'box'],
    ['peas', 'pea'],
    ['bus', 'bus'],
    ['axis', 'axis'],
    ['knife’s', 'knife'],
  ])('%s', (word, plain) => expect(stem(word)).toBe(plain))
})
