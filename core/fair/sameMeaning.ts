import { stems } from '../catalogue'

/** Words that say nothing of what a name is about. */
const empty = new Set(
  'a an the of our its their each every for to in on at kind type sort which what exact same'.split(' '),
)

const content = (name: string): string[] =>
  [...new Set(stems(name).map((token) => token.stem))].filter((word) => !empty.has(word)).sort()

/**
 * Whether two names say the same in other words: "height of the drop" and "drop height", "kind of ball" and "the ball".
 * @example sameMeaning('height of the drop', 'drop height') // true
 */
export function sameMeaning(a: string, b: string): boolean {
  const [one, other] = [content(a), content(b)]
  return one.length > 0 && one.length === other.length && one.every((word, at) => word === other[at])
}
