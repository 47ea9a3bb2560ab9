import { describe, expect, it } from 'vitest'
import { kindsPlan } from '../testing/examplePlan'
import { derivedKit } from '.'

/** What the levels of a plan bring to the trays. */
function brought(changed: string, kinds: string[]): string[] {
  const plan = kindsPlan(kinds, { keptSame: [] })
  return derivedKit({ ...plan, changed: { ...plan.changed, name: changed } })
    .filter((line) => line.id.startsWith('kit-level'))
    .map((line) => line.name)
}

describe('nobody packs', () => {
  it.each([
    ['where it stands', ['sunny sill', 'fridge', 'by the door']],
    ['location', ['shelf', 'playground', 'classroom corner']],
    ['how it is kept', ['in the fridge', 'on the sill', 'under the table', 'near the radiator']],
    ['stirring', ['stirred', 'not stirred', 'stirred twice']],
    ['what is done', ['cut open', 'left whole', 'torn in half', 'folded in four', 'unpeeled']],
    ['cover', ['lid on', 'lid off']],
    ['surface', ['playground']],
  ])('a place or a state: %s', (changed, kinds) => {
    expect(brought(changed, kinds)).toEqual([])
  })
})

describe('what is a thing is packed', () => {
  it.each([
    ['bread', ['sliced bread', 'toasted bread']],
    ['surface', ['carpet', 'wooden board', 'red felt']],
    ['soil', ['sand', 'clay', 'compost']],
    ['seed', ['seed', 'dried peas', 'soaked peas']],
    ['jacket', ['woollen sock', 'quilted bag']],
    ['liquid it is kept in', ['in vinegar', 'in oil']],
    ['paper in the box', ['shredded paper', 'crushed ice']],
  ])('by its own name: %s', (changed, kinds) => {
    expect(brought(changed, kinds)).toEqual(kinds)
  })

  it('or with what was done to it: an apple, cut open', () => {
    expect(brought('apple', ['cut open', 'peeled'])).toEqual(['apple, cut open', 'apple, peeled'])
  })
})
