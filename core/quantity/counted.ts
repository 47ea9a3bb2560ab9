import pluralize from 'pluralize'

pluralize.addSingularRule(/lens$/i, 'lens')
pluralize.addPluralRule(/lens$/i, 'lenses')

/** What follows the thing itself in a name: its size, its purpose, what it holds. */
const tail = /(?:,| of | with | for | from | to | in | on |\().*$/i

/**
 * A number of things with the thing in the right number; what follows the thing in its name stays as it is.
 * @example countedThing(2, 'bag of sand, 1 kg') // '2 bags of sand, 1 kg'
 * @example countedThing(1, 'paper clips') // '1 paper clip'
 */
export function countedThing(count: number, name: string): string {
  const rest = tail.exec(name)?.[0] ?? ''
  const thing = rest === '' ? name : name.slice(0, -rest.length)
  const shown = thing.trim() === '' || !/[a-z]$/i.test(thing) ? thing : pluralize(thing, count)
  return `${Number(count.toPrecision(12))} ${shown}${rest}`
}
