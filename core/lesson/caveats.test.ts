import { expect, it } from 'vitest'
import { standingOf, type Entry } from '../entries'
import { entry } from '../testing/exampleEntries'
import { examplePlan } from '../testing/examplePlan'
import { caveatsOf } from '.'

const plan = examplePlan()
const said = (entries: Entry[], changes: Partial<typeof plan> = {}) =>
  caveatsOf({ ...plan, ...changes }, standingOf(entries))
const aside = (tryNumber: number, reason: string, note = '') =>
  entry({ tryNumber, status: 'set-aside', reason, note })

it('there is nothing to read a plain result beside', () => {
  expect(said([entry()])).toEqual([])
  expect(said([])).toEqual([])
})

it('says what was set aside and why, and nothing of numbers that were only typed wrongly', () => {
  expect(said([aside(1, 'pushed or bumped')])).toEqual(['One reading was set aside: pushed or bumped.'])
  expect(
    said([aside(1, 'pushed or bumped'), aside(2, 'read wrongly'), aside(3, 'pushed or bumped')]),
  ).toEqual(['3 readings were set aside: 2 pushed or bumped and 1 read wrongly.'])
  expect(said([aside(1, 'typed by mistake')])).toEqual([])
})

it('says three notes with their places, and how many more there are', () => {
  const noted = (tryNumber: number) => entry({ tryNumber, note: `pot ${tryNumber} fell` })
  expect(said([noted(1)])).toEqual(['20 cm, try 1: “pot 1 fell”.'])
  expect(said([1, 2, 3, 4].map(noted)).at(-1)).toBe('There is one more note.')
  expect(said([1, 2, 3, 4, 5].map(noted)).at(-1)).toBe('There are 2 more notes.')
})

it('says that the instrument changed, and what else differed between levels', () => {
  const read = (tryNumber: number, instrument: string) =>
    entry({ tryNumber, readWith: { instrument, unit: 'cm', mark: 1 } })
  expect(said([read(1, 'ruler'), read(2, 'metre stick'), read(3, 'ruler')])).toEqual([
    'Not everything was read with the same instrument: 2 with the ruler and 1 with the metre stick.',
  ])
  const property = (at: Record<string, string>) => ({ properties: [{ id: 'p', name: 'ball', at }] })
  expect(said([entry()], property({ h20: 'red', h40: 'Red' }))).toEqual([])
  expect(said([entry()], property({ h20: 'red', h40: 'blue' }))).toEqual([
    'The ball differed, too: 20 cm red and 40 cm blue.',
  ])
})

it('says what was written down as not kept the same, as long as it is left to the groups', () => {
  const same = (how: string, loose?: boolean) => ({
    keptSame: [{ id: 's', name: 'ball', how, was: null, ...(loose ? { loose } : {}) }],
  })
  expect(said([entry()], same('whatever each group likes.', true))).toEqual([
    'The ball could not be kept the same: whatever each group likes.',
  ])
  expect(said([entry()], same('whatever each group likes'))).toEqual([])
  expect(said([entry()], same('the same one every time', true))).toEqual([])
})
