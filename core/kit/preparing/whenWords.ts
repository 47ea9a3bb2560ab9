import { itemAt } from '../../defined'

/** When a task is due, as it was typed. */
export type When =
  /** So many nights before, or on the day itself for 0. */
  | { kind: 'nights'; nights: number }
  /** So many days with lessons before. */
  | { kind: 'school-days'; days: number }
  /** The last such weekday before the lesson, 0 for Sunday. */
  | { kind: 'weekday'; weekday: number }
  /** Again and again while the test goes on: each day for 1, every other day for 2. */
  | { kind: 'every'; days: number }

/** What was found: when, where it stands in the text, and whether the test depends on how long it takes. */
export interface FoundWhen {
  when: When
  words: string
  /** "For 2 days in water": a day more would be another test. */
  exact: boolean
  /** Whether it says how long the task takes, and so belongs to what is done. */
  isDuration?: boolean
}

const words: Record<string, number> = Object.fromEntries(
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen twenty'
    .split(' ')
    .map((word, number) => [word, number]),
)
Object.assign(words, {
  a: 1,
  an: 1,
  the: 1,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  ninety: 90,
  hundred: 100,
})
const number = String.raw`(\d+(?:[.,]\d+)?|half an?|an?|the|a couple of|couple of|a hundred|(?:twenty|thirty|forty|fifty|sixty|ninety)[- ](?:one|two|three|four|five|six|seven|eight|nine)|${Object.keys(words).join('|')})`
const unit = String.raw`(minutes?|mins?|hours?|hrs?|h|nights?|evenings?|days?|weeks?|fortnights?|months?)\b`
const before = String.raw`(?:before(?:hand)?|ahead(?: of (?:it|time|the lesson))?|earlier|in advance|prior|beforehand)\b(?: the lesson)?`
const weekdays = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday']

function numberIn(text: string): number {
  const plain = text.toLowerCase()
  if (/^half/.test(plain)) return 0.5
  if (/couple/.test(plain)) return 2
  if (plain in words) return words[plain] ?? 0
  if (/^a hundred/.test(plain)) return 100
  const [tens, ones] = plain.split(/[- ]/)
  if (ones !== undefined && tens !== undefined) return (tensOf[tens] ?? 0) + (words[ones] ?? 0)
  return Number(plain.replace(',', '.'))
}
const tensOf: Record<string, number> = { twenty: 20, thirty: 30, forty: 40, fifty: 50, sixty: 60, ninety: 90 }

/** Whole nights of so many hours, days or weeks. What takes a few hours is done on the day, what takes more the day before. */
function nightsOf(amount: number, of: string): number {
  if (/^min/i.test(of)) return amount > 240 ? 1 : 0
  if (/^h/i.test(of)) return amount < 4 ? 0 : Math.ceil(amount / 24)
  if (/^fortnight/i.test(of)) return Math.ceil(amount * 14)
  if (/^week/i.test(of)) return Math.ceil(amount * 7)
  if (/^month/i.test(of)) return Math.ceil(amount * 30)
  return Math.ceil(amount)
}

const clauses: [pattern: RegExp, read: (found: RegExpExecArray) => Omit<FoundWhen, 'words'>][] = [
  [
    /,?\s*\b(?:every|each) (other|second|third|\d+|two|three|four) ?(?:nd|rd|th)? ?(?:school )?days?\b|,?\s*\b(?:every|each) (?:school )?day\b(?! before)|,?\s*\bdaily\b|,?\s*\bonce a day\b/i,
    ([, how]) => ({
      when: {
        kind: 'every',
        days: how ? (/other|second/i.test(how) ? 2 : /third/i.test(how) ? 3 : numberIn(how)) : 1,
      },
      exact: false,
    }),
  ],
  [
    /,?\s*\b(?:every|once a) week\b|,?\s*\bweekly\b/i,
    () => ({ when: { kind: 'every', days: 7 }, exact: false }),
  ],
  [
    new RegExp(
      String.raw`,?\s*\b(?:on |by |from )?(?:the )?(?:last )?(${weekdays.join('|')})(?:(?:s)? (?:before|ahead|of the week before)(?: the lesson)?)?\b`,
      'i',
    ),
    (found) => ({
      when: { kind: 'weekday', weekday: weekdays.indexOf(itemAt(found, 1).toLowerCase()) },
      exact: false,
    }),
  ],
  [
    new RegExp(
      String.raw`,?\s*\b(?:at least |about )?${number} (?:school|working|teaching)[- ]days?\b\s*(?:${before})?`,
      'i',
    ),
    (found) => ({ when: { kind: 'school-days', days: Math.ceil(numberIn(itemAt(found, 1))) }, exact: false }),
  ],
  // How long before it is, which may be longer; not how long it takes.
  [
    new RegExp(String.raw`,?\s*\b(?:at least |about |some )?${number}[- ]?${unit}\s*${before}`, 'i'),
    (found) => ({
      when: { kind: 'nights', nights: nightsOf(numberIn(itemAt(found, 1)), itemAt(found, 2)) },
      exact: false,
    }),
  ],
  [
    /,?\s*\b(?:overnight|over night|the (?:night|day|evening|afternoon) before(?: the lesson)?|the evening|the previous (?:day|night|evening))\b/i,
    () => ({ when: { kind: 'nights', nights: 1 }, exact: false }),
  ],
  // How long it takes: "soak for 24 hours", "2 days in water".
  [
    new RegExp(
      String.raw`,?\s*\b(?:for )?(?:at least |about |exactly )?(?!the ?\b)${number}[- ]?${unit}`,
      'i',
    ),
    (found) => {
      const nights = nightsOf(numberIn(itemAt(found, 1)), itemAt(found, 2))
      const exact = nights > 0 && !/^night/i.test(itemAt(found, 2))
      return { when: { kind: 'nights', nights }, exact, isDuration: true }
    },
  ],
]

/**
 * Finds when a task is due in the words of a teacher, in digits or words: "ten days before", "a fortnight ahead", "3 school days earlier",
 * "the Friday before", "for 24 hours", "overnight", "every other day".
 * @returns null where it says nothing of when
 * @example findWhen('sow cress ten days before')?.when // { kind: 'nights', nights: 10 }
 */
export function findWhen(text: string): FoundWhen | null {
  for (const [pattern, read] of clauses) {
    const found = pattern.exec(text)
    if (found) return { ...read(found), words: found[0] }
  }
  return null
}

/** Words that say that something is due before, although nobody could tell when. */
export const saysBefore =
  /\b(?:before(?:hand)?|ahead|earlier|in advance)\b(?! (?:use|using|you|we|they|each|every|it|the (?:lesson|test|children|class) (?:begins?|starts?|comes?)))/i
