import { fromCupboard, reactionSd, type CupboardInstrument } from '../instrument'
import { expectedValues, newId, type Expectation, type KeptSame, type Plan } from '../plan'
import { convertUnit, numberPattern, parseQuantity, printQuantity, unitDefinition } from '../quantity'
import { usesInstrument, wayOf } from '../recording'

/** What could be done so that a time is not lost in the hand that takes it. */
export interface LongerTime {
  label: string
  changes: Partial<Plan>
  expected: Expectation
}

/** The hand alone is off by about this much, in seconds: start and stop together. */
const handSd = reactionSd * Math.SQRT2
/** Times that are longer than that many times what the hand is off by are well taken. */
const wellTaken = 12

/** How far, or from how high, something goes: and how its time grows when that is doubled. */
const ways: [about: RegExp, growth: number][] = [
  // What falls or rolls down gets faster on its way.
  [/\b(?:drop|height|fall|high|ramp|slope|roll)/i, Math.SQRT2],
  [/\b(?:distance|course|track|far|run|way|length of (?:the )?(?:water|pool|gutter|board|floor))\b/i, 2],
]

/** Whether a hand with a stopwatch takes times that it can't take well, by what is expected. */
function isLostInTheHand(plan: Plan, { first, last }: Expectation): boolean {
  const { unit } = plan.measured
  if (unitDefinition(unit).dimension !== 'time' || !usesInstrument(plan)) return false
  if (wayOf(plan).seconds(plan) !== null || wayOf(plan).readMinutes(plan) !== null) return false
  return convertUnit(Math.min(first, last), unit, 's') < wellTaken * handSd
}

/**
 * Plans in which a time that is too short for a hand is longer, or a distance stands in its place: twice as far or as high, where the plan
 * says how far; and how far it gets in the time that the quickest one takes.
 * @returns empty where times are long enough, or nothing says how far it goes
 * @example longerTimes(plan, expected, cupboard) // []: nothing is timed
 */
export function longerTimes(
  plan: Plan,
  expected: Expectation,
  cupboard: readonly CupboardInstrument[],
): LongerTime[] {
  if (!isLostInTheHand(plan, expected)) return []
  const found = plan.keptSame.flatMap((same) => {
    const said = lengthIn(same)
    return said ? [{ same, ...said }] : []
  })[0]
  if (!found) return []
  return [twiceAsFar(plan, expected, found), ...distanceInstead(plan, expected, found, cupboard)]
}

interface HowFar {
  same: KeptSame
  /** As it is typed. */
  text: string
  centimetres: number
  growth: number
}

function lengthIn(same: KeptSame): Omit<HowFar, 'same'> | null {
  const way = ways.find(([about]) => about.test(`${same.name} ${same.how}`))
  const text = new RegExp(String.raw`(?:${numberPattern})\s*(?:mm|cm|m)\b`, 'u').exec(same.how)?.[0]
  if (!way || text === undefined) return null
  const read = parseQuantity(text, 'cm')
  return read.ok && read.value > 0 ? { text, centimetres: read.value, growth: way[1] } : null
}

function twiceAsFar(
  plan: Plan,
  expected: Expectation,
  { same, text, centimetres, growth }: HowFar,
): LongerTime {
  const doubled = printQuantity(2 * centimetres, 'cm', 1)
  const how = same.how.replace(text, doubled)
  const grown = (value: number) => value * growth
  return {
    label: `${doubled} instead of ${text.trim()} for ${same.name.trim()}`,
    changes: { keptSame: plan.keptSame.map((one) => (one.id === same.id ? { ...one, how } : one)) },
    expected: { first: grown(expected.first), last: grown(expected.last), apart: grown(expected.apart) },
  }
}

/** How far each gets while the quickest one goes all the way; read on the floor, no hand is in it. */
function distanceInstead(
  plan: Plan,
  expected: Expectation,
  { same, centimetres, growth }: HowFar,
  cupboard: readonly CupboardInstrument[],
): LongerTime[] {
  const tape = cupboard.find(
    (one) => one.unit === 'cm' && one.howMany > 0 && one.greatest >= centimetres && one.least <= 0,
  )
  const times = [...expectedValues(plan, expected).values()]
  const quickest = Math.min(...times)
  // Nothing is seen of a fall after half of its time.
  if (!tape || growth !== 2 || !(quickest > 0)) return []
  const distance = (time: number) => (centimetres * quickest) / time
  const [first, last] = [distance(expected.first), distance(expected.last)]
  const middle = (expected.first + expected.last) / 2
  const seconds = Number(convertUnit(quickest, plan.measured.unit, 's').toPrecision(2))
  const best = plan.best === null ? null : plan.best === 'least' ? 'most' : 'least'
  return [
    {
      label: `How far it gets in ${seconds} s, in place of how long it takes`,
      changes: {
        best,
        recording: { kind: 'measure' },
        measured: { name: `how far it gets in ${seconds} s`, unit: 'cm', instrument: fromCupboard(tape) },
        keptSame: [
          ...plan.keptSame.filter((one) => one.id !== same.id),
          { id: newId(), name: 'time', how: `${seconds} s, called out for all`, was: null },
        ],
      },
      expected: { first, last, apart: (expected.apart / middle) * ((first + last) / 2) },
    },
  ]
}

/**
 * That a hand is too slow for what is timed, and what would be better; empty where it isn't.
 * @example handTimingNote(plan) // '': nothing is timed
 */
export function handTimingNote(plan: Plan): string {
  if (!plan.expected || !isLostInTheHand(plan, plan.expected)) return ''
  const { first, last } = plan.expected
  const shortest = convertUnit(Math.min(first, last), plan.measured.unit, 's')
  return `A hand on a stopwatch is off by about ${printQuantity(handSd, 's', 0.1)}, a good part of ${printQuantity(shortest, 's', 0.1)}. You could make it go further, measure how far it gets, or let two go side by side and see which is first.`
}
