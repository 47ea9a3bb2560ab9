import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { examplePlan } from '../../../core/testing/examplePlan'
import { mergeByField, setAtPath } from './mergeByField'

describe('what two have made of a plan', () => {
  const base = examplePlan()
  const [first, second] = base.levels

  it('is both, where they changed different fields, also of one level or of one list', () => {
    const mine = {
      ...base,
      title: 'Bouncing',
      levels: base.levels.map((one) => (one === first ? { ...one, value: 30 } : one)),
    }
    const theirs = {
      ...base,
      measured: { ...base.measured, name: 'height of the bounce' },
      levels: base.levels.map((one) =>
        one === first ? { ...one, baseline: true } : one === second ? { ...one, value: 44 } : one,
      ),
    }
    expect(mergeByField(base, mine, theirs)).toEqual({
      merged: {
        ...theirs,
        title: 'Bouncing',
        levels: theirs.levels.map((one) => (one.id === first!.id ? { ...one, value: 30 } : one)),
      },
      clashes: [],
    })
  })

  it('is theirs where both changed the same, and says so; the other can be put there', () => {
    const { merged, clashes } = mergeByField(base, { ...base, title: 'Mine' }, { ...base, title: 'Theirs' })
    expect(merged.title).toBe('Theirs')
    expect(clashes).toEqual([{ path: ['title'], mine: 'Mine', theirs: 'Theirs' }])
    expect(setAtPath(merged, clashes[0]!.path, clashes[0]!.mine)).toEqual({ ...base, title: 'Mine' })
  })

  it('never mixes two ways of recording', () => {
    const [a, b] = [
      { kind: 'count', over: 1 },
      { kind: 'pairs', order: 2 },
    ]
    const { merged, clashes } = mergeByField({ way: { kind: 'number' } as object }, { way: a }, { way: b })
    expect([merged, clashes[0]?.path]).toEqual([{ way: b }, ['way']])
  })

  it('keeps what one has worked on and the other has taken out', () => {
    const without = { ...base, levels: base.levels.slice(1) }
    const worked = {
      ...base,
      levels: base.levels.map((one) => (one === first ? { ...one, name: 'low' } : one)),
    }
    expect(mergeByField(base, without, worked).merged).toEqual(worked)
    expect(
      mergeByField(base, worked, without)
        .merged.levels.map(({ id }) => id)
        .sort(),
    ).toEqual(base.levels.map(({ id }) => id).sort())
    expect(mergeByField(base, without, base).merged).toEqual(without)
  })

  it('has an added level where it was added, and the order of whoever changed it', () => {
    const items = (...ids: string[]) => ({ list: ids.map((id) => ({ id })) })
    const order = (...docs: [object, object, object]) =>
      (mergeByField(...docs).merged as ReturnType<typeof items>).list.map(({ id }) => id).join('')
    expect(order(items('a', 'b'), items('a', 'x', 'b'), items('a', 'b', 'y'))).toBe('axby')
    expect(order(items('a', 'b', 'c'), items('c', 'a', 'b'), items('a', 'b', 'c', 'y'))).toBe('cyab')
    expect(order(items('a', 'b', 'c'), items('a', 'b', 'c', 'x'), items('c', 'b', 'a'))).toBe('cxba')
  })
})

/** A small document of every shape there is in a plan. */
const plain = { noNullPrototype: true }
const docs = fc.record(
  {
    text: fc.constantFrom('a', 'b', 'c'),
    inside: fc.record({ kind: fc.constantFrom('one', 'two'), value: fc.integer({ min: 0, max: 2 }) }, plain),
    items: fc.uniqueArray(
      fc.record({ id: fc.constantFrom('1', '2', '3', '4'), name: fc.constantFrom('', 'x', 'y') }, plain),
      { selector: ({ id }) => id },
    ),
    names: fc.array(fc.constantFrom('p', 'q'), { maxLength: 2 }),
  },
  plain,
)

it('who has changed nothing changes nothing, and two who did the same have no clash', () => {
  fc.assert(
    fc.property(docs, docs, (base, other) => {
      for (const of of [
        mergeByField(base, base, other),
        mergeByField(base, other, base),
        mergeByField(base, other, other),
      ])
        expect(of).toEqual({ merged: other, clashes: [] })
    }),
  )
})

it('every field is what one of them made of it, each item stands once, and mine is never silently lost', () => {
  fc.assert(
    fc.property(docs, docs, docs, (base, mine, theirs) => {
      const { merged, clashes } = mergeByField(base, mine, theirs)
      for (const name of ['text', 'names'] as const) {
        expect([mine[name], theirs[name]]).toContainEqual(merged[name])
        const told = clashes.some(({ path }) => path[0] === name)
        const changed = JSON.stringify(mine[name]) !== JSON.stringify(base[name])
        if (changed && !told) expect(merged[name]).toEqual(mine[name])
      }
      const ids = merged.items.map(({ id }) => id)
      expect(new Set(ids).size).toBe(ids.length)
      const kept = clashes.reduce((doc, { path, mine: own }) => setAtPath(doc, path, own), merged)
      for (const item of mine.items) {
        const before = base.items.find(({ id }) => id === item.id)
        if (before?.name !== item.name) expect(kept.items).toContainEqual(item)
      }
    }),
  )
})
