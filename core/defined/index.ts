/**
 * A value that is there.
 * @throws RangeError where it is not
 * @example defined([3, 5].find((one) => one > 4)) // 5
 */
export function defined<Value>(value: Value | null | undefined): Value {
  if (value === null || value === undefined) throw new RangeError('a value that must be there is missing')
  return value
}

/**
 * The item at an index.
 * @throws RangeError where the index is outside the list
 * @example itemAt(['leaf', 'bell'], 1) // 'bell'
 */
export function itemAt<Item>(items: ArrayLike<Item>, index: number): Item {
  const item = items[index]
  if (item === undefined) throw new RangeError(`there is no item ${index} among ${items.length}`)
  return item
}

/**
 * The first item.
 * @throws RangeError where the list is empty
 * @example firstOf(['leaf', 'bell']) // 'leaf'
 */
export const firstOf = <Item>(items: ArrayLike<Item>): Item => itemAt(items, 0)

/**
 * The last item.
 * @throws RangeError where the list is empty
 * @example lastOf(['leaf', 'bell']) // 'bell'
 */
export const lastOf = <Item>(items: ArrayLike<Item>): Item => itemAt(items, items.length - 1)
