import { seededRandom, type Random } from '../../core/random'
import {
  calendarSchema,
  classSchema,
  conclusionSchema,
  countsSchema,
  cupboardSchema,
  entriesSchema,
  planChangeSchema,
  predictionSchema,
  ticksSchema,
  validate,
} from '../../shared/schemas'
import type { Figure } from '../figure'

const bodies = 1000
const mostLetters = 200_000

const all = {
  calendar: calendarSchema,
  class: classSchema,
  conclusion: conclusionSchema,
  counts: countsSchema,
  cupboard: cupboardSchema,
  entries: entriesSchema,
  plan: planChangeSchema,
  prediction: predictionSchema,
  ticks: ticksSchema,
}

const names = [
  'calendar closed weekend groups pupils allergies conclusion claim levelIds counts cupboard entries fields',
  'plan levels ideas keptSame materials steps properties recording hazards answer ticks id name value',
].flatMap((line) => line.split(' '))

/** How long the largest wrong bodies hold a door: thousands of items, names, letters and levels of nesting. */
export function schemas(): Figure[] {
  const random = seededRandom(20260309)
  let longest = { time: 0, schema: '' }
  for (let index = 0; index < bodies; index++) {
    const body = JSON.parse(largeBody(random)) as unknown
    for (const [schema, door] of Object.entries(all)) {
      const start = performance.now()
      validate(door, body)
      const time = performance.now() - start
      if (time > longest.time) longest = { time, schema }
    }
  }
  return [
    {
      name: 'the longest that a wrong body of 200 kB holds the server',
      value: longest.time,
      unit: 'ms',
      goal: { most: 100 },
      note: `${bodies} bodies at ${Object.keys(all).length} doors; the longest was at ${longest.schema}`,
    },
  ]
}

function largeBody(random: Random): string {
  const pick = <One>(all: readonly One[]): One => all[Math.floor(random() * all.length)]!
  const small = () => pick(['{}', '[]', 'null', '0', '""', '{"id":1}', '[{},{}]', '"a"', '-1e308'])
  const many = (item: () => string, most: number) => {
    const items: string[] = []
    for (let letters = 0; letters < most; letters += items.at(-1)!.length + 1) items.push(item())
    return items
  }
  const value = (most: number): string => {
    if (most < 20) return small()
    const how = random()
    if (how < 0.15) return `"${'W'.repeat(most)}"`
    if (how < 0.4) return `[${many(() => small(), most).join()}]`
    if (how < 0.5) return `[${Array.from({ length: 400 }, () => value(Math.min(40, most / 400))).join()}]`
    if (how < 0.6) return `{${many(() => `"${Math.floor(random() * 1e9)}":${small()}`, most).join()}}`
    if (how < 0.7) return '['.repeat(Math.floor(most / 2)) + ']'.repeat(Math.floor(most / 2))
    return `{${names.map((name) => `"${name}":${random() < 0.1 ? value(most / 4) : small()}`).join()}}`
  }
  const name = pick(names)
  return `{"${name}":${value(mostLetters)},"version":0}`
}
