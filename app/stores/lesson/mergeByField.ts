import { firstOf } from '#core/defined'
import isSame from 'fast-deep-equal'

/** Something that two have changed in different ways since they last agreed. */
export interface Clash {
  /** The names of the fields on the way to it; what lies in a list is named by its id. */
  path: string[]
  mine: unknown
  theirs: unknown
}

type Fields = Record<string, unknown>
type Item = Fields & { id: string }

/**
 * Brings together what two have made of a document, field by field, and in lists item by item: each keeps what only they have changed.
 * Where both changed the same field, theirs stands and the clash is told.
 * @param base what both began with
 * @example mergeByField({ a: 1, b: 1 }, { a: 2, b: 1 }, { a: 1, b: 3 }) // { merged: { a: 2, b: 3 }, clashes: [] }
 */
export function mergeByField<Doc>(base: Doc, mine: Doc, theirs: Doc): { merged: Doc; clashes: Clash[] } {
  const clashes: Clash[] = []

  function merge(before: unknown, here: unknown, there: unknown, path: string[]): unknown {
    if (isSame(before, here) || isSame(here, there)) return there
    if (isSame(before, there)) return here
    if (isItems(before) && isItems(here) && isItems(there)) return mergeItems(before, here, there, path)
    if (isFields(before) && isFields(here) && isFields(there) && areOfOneKind(before, here, there))
      return mergeFields(before, here, there, path)
    clashes.push({ path, mine: here, theirs: there })
    return there
  }

  function mergeFields(before: Fields, here: Fields, there: Fields, path: string[]): Fields {
    const names = new Set([...Object.keys(there), ...Object.keys(here)])
    return Object.fromEntries(
      [...names].flatMap((name) => {
        const merged = merge(before[name], here[name], there[name], [...path, name])
        return merged === undefined ? [] : [[name, merged]]
      }),
    )
  }

  function mergeItems(before: Item[], here: Item[], there: Item[], path: string[]): Item[] {
    const [was, mineById, theirsById] = [before, here, there].map(byId) as [Items, Items, Items]
    return orderOf(before, here, there).flatMap((id) => {
      const [old, own, other] = [was.get(id), mineById.get(id), theirsById.get(id)]
      if (own && other) return [merge(old, own, other, [...path, id]) as Item]
      const left = own ?? other
      // What one took out is gone, unless the other has just worked on it.
      return left && !isSame(left, old) ? [left] : []
    })
  }

  return { merged: merge(base, mine, theirs, []) as Doc, clashes }
}

/**
 * The document with something else at a path; nothing where the path leads nowhere any more.
 * @example setAtPath({ levels: [{ id: 'a', name: '' }] }, ['levels', 'a', 'name'], 'wool') // { levels: [{ id: 'a', name: 'wool' }] }
 */
export function setAtPath<Doc>(doc: Doc, [name, ...rest]: string[], value: unknown): Doc {
  if (name === undefined) return value as Doc
  if (isItems(doc))
    return doc.map((item) => (item.id === name ? setAtPath(item, rest, value) : item)) as unknown as Doc
  if (!isFields(doc)) return doc
  const { [name]: before, ...others } = doc
  const put = rest.length > 0 ? setAtPath(before, rest, value) : value
  return (put === undefined ? others : { ...doc, [name]: put }) as Doc
}

type Items = Map<string, Item>
const byId = (items: Item[]): Items => new Map(items.map((item) => [item.id, item]))

const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

const isItems = (value: unknown): value is Item[] =>
  Array.isArray(value) && value.every((item) => isFields(item) && typeof item.id === 'string')

/** What is of another kind has other fields: one is taken or the other, never some of each. */
const areOfOneKind = (...all: Fields[]) =>
  ['kind', 'format'].every((name) => all.every((one) => one[name] === firstOf(all)[name]))

/** The order of whoever has changed it, mine where both have, with what the other has added behind what it stood behind there. */
function orderOf(before: Item[], here: Item[], there: Item[]): string[] {
  const [was, mine, theirs] = [before, here, there].map((items) => items.map(({ id }) => id)) as [
    string[],
    string[],
    string[],
  ]
  const isMoved = !isSame(
    was.filter((id) => mine.includes(id)),
    mine.filter((id) => was.includes(id)),
  )
  const [lead, other] = isMoved ? [mine, theirs] : [theirs, mine]
  const order = [...lead]
  for (const [place, id] of other.entries())
    if (!order.includes(id)) order.splice(order.indexOf(other[place - 1] ?? '') + 1, 0, id)
  return order
}
