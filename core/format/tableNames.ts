import { levelName, type Plan } from '../plan'
import { wayOf } from '../recording'

/** Where a reading goes, as far as a heading says so. */
export interface NamedPlace {
  group?: string
  level?: string
  try?: string
  moment?: string
}

/** One thing that a heading or a cell may name. */
interface Name {
  kind: keyof NamedPlace
  /** In lower case. */
  text: string
  /** As the reader of entries takes it. */
  said: string
}

/** Everything in a lesson that the heading of a column may name, the longest names first. */
export type TableNames = readonly Name[]

/**
 * What headings of a table of readings may name in this lesson.
 * @param groups the names of its groups
 * @example tableNames(plan, ['Leaf']).map(({ text }) => text) // ['40 cm', '20 cm', …, 'leaf', '40', '20']
 */
export function tableNames(plan: Plan, groups: readonly string[]): TableNames {
  const way = wayOf(plan)
  const moments = new Set([...way.columns(plan).map(({ moment }) => moment), ...way.optionalMoments(plan)])
  const names: Name[] = [
    ...groups.map((name) => ({ kind: 'group' as const, text: name.toLowerCase(), said: name })),
    ...plan.levels.flatMap((level) => {
      const said = levelName(plan, level)
      const bare = level.value === null ? [] : [String(level.value)]
      return [said, said.replaceAll(' ', ''), ...bare].map((text) => ({
        ...{ kind: 'level' as const, said },
        text: text.toLowerCase(),
      }))
    }),
    ...[...moments].filter(Boolean).map((moment) => {
      const said = way.momentSaid(plan, moment)
      return { kind: 'moment' as const, text: said.toLowerCase(), said }
    }),
  ]
  return names.filter(({ text }) => text !== '').sort((a, b) => b.text.length - a.text.length)
}

const tryNumber =
  /\b(?:try|trial|repeat|attempt|heat|round|test|go)s?\s*(?:no\.?|number|#)?\s*(\d+)\b|#\s*(\d+)\b/u
/** Words that lead from one name to the next, and signs between them. */
const between =
  /\b(?:try|trial|repeat|attempt|heat|group|level|readings?|at|in|after|on|with|and|of|the)\b|[^\p{L}\p{N}]/gu
/** A longer heading is none. */
const longestHeading = 200
/** A unit behind a name: "bounce height (cm)". */
const unitBehind = /\([^)\d]*\)/gu

/**
 * The place that a heading names, each kind of thing once; null where something in it is not understood.
 * @param heading in lower case
 * @example placeNamed('40 cm, try 2', names) // { level: '40 cm', try: '2' }
 */
export const placeNamed = (heading: string, names: TableNames): NamedPlace | null =>
  heading.length > longestHeading
    ? null
    : (placeIn(heading, names) ?? placeIn(heading.replace(unitBehind, ' '), names))

/**
 * A place as a heading says it.
 * @example placeSaid({ level: '40 cm', try: '2' }) // '40 cm, try 2'
 */
export const placeSaid = (place: NamedPlace): string =>
  [place.group, place.level, place.try && `try ${place.try}`, place.moment].filter(Boolean).join(', ')

function placeIn(heading: string, names: TableNames): NamedPlace | null {
  const place: NamedPlace = {}
  let rest = ` ${heading} `
  const numbered = tryNumber.exec(rest)
  if (numbered && !names.some(({ text }) => text === heading.trim())) {
    place.try = numbered[1] ?? numbered[2]
    rest = rest.replace(numbered[0], ' ')
  }
  for (const { kind, text, said } of names) {
    if (place[kind] !== undefined) continue
    const at = rest.search(
      new RegExp(`(?<![\\p{L}\\p{N}.,])${escaped(text)}(?![\\p{L}\\p{N}]|[.,]\\p{N})`, 'u'),
    )
    if (at < 0) continue
    place[kind] = said
    rest = `${rest.slice(0, at)} ${rest.slice(at + text.length)}`
  }
  const left = rest.replace(between, '')
  if (left === '') return Object.keys(place).length > 0 ? place : null
  // A number alone that is no level is a try.
  if (place.try === undefined && /^\d{1,2}$/u.test(left)) return { ...place, try: left }
  return null
}

const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')
