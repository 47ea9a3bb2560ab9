import { itemAt, lastOf } from '../../defined'
import { median } from 'simple-statistics'
import type { Score } from '../../evidence'
import { levelName, levelsForGroup, orderedLevels, type Plan, type WordsRecording } from '../../plan'
import { listed } from '../../quantity'
import type { EntryValidation, EntryContext } from '../entryValidation'
import { valueField } from '../numberOf'
import { ordinalPlan } from '../ordinalPlan'
import { plainWay } from '../plainWay'
import { daysAfter, daysApartOption } from '../series/daysApart'
import { minutesFromText, minutesSaid } from '../series/minutesFromText'
import { atField, minutesLimits, startMoment } from '../series/moments'
import { understoodWithTime } from '../series/timedFields'
import { readTime, timeTypedWith } from '../series/timeTyped'
import type { Understood, Way } from '../way'
import { sideBySide } from '../wayNeeds'
import { firstReached } from './firstReached'
import { firstsSaid } from './firstsSaid'
import { isOverDays, isRepeated, momentsOf, perOf, rowsOf, seesFirst } from './rows'
import { strips } from './strips'
import { placeOf, scaleWords, seenOnce, targetOf, wordLimits, wordMeant, wordNames, wordsOf } from './words'

/** Ordered words in place of a measure: shiny < spotted < rusty. They have no distances, so they have middles and no means. */
export const wordScale: Way = {
  ...plainWay,
  kind: 'word-scale',
  sheetEntry: 'words',
  name: 'words in order',
  verb: 'judge',
  oneEntry: 'its word',
  readMinutes: (plan) => (wordsOf(plan).seen === 'minutes' ? wordsOf(plan).minutes : null),
  runsBefore: (plan) => !isRepeated(plan),
  options: [
    {
      name: 'words',
      label: 'Words, from first to last',
      kind: 'words',
      ...wordLimits,
      like: 'shiny, spotted (brown dots), rusty',
      says: (_words, plan) => `as ${wordNames(plan).join(' < ')}`,
    },
    {
      name: 'seen',
      label: 'When we look',
      kind: 'choice',
      choices: [
        ['once', 'once'],
        ['minutes', 'at set minutes'],
        ['days', 'over days'],
      ],
      changesScore: true,
      says: (answer, plan) =>
        ({
          once: 'once',
          minutes: 'at set minutes',
          days: wordsOf(plan).every === undefined ? 'every school day' : 'on set days',
        })[answer] ?? '',
    },
    {
      name: 'minutes',
      label: 'At which minutes',
      kind: 'numbers',
      applies: (plan) => wordsOf(plan).seen === 'minutes',
      most: minutesLimits.most,
      least: 0,
      greatest: minutesLimits.greatest,
      says: minutesSaid,
      read: minutesFromText,
    },
    {
      name: 'days',
      label: 'On how many days',
      kind: 'whole',
      applies: isOverDays,
      suffix: '',
      least: 2,
      greatest: 60,
      says: (days, plan) => (wordsOf(plan).every === undefined ? `for ${days} days` : `${days} in all`),
    },
    { ...daysApartOption, applies: isOverDays },
    {
      name: 'score',
      label: 'What counts of it',
      kind: 'choice',
      applies: isRepeated,
      changesScore: true,
      choices: [
        ['end', 'how far it got at the end'],
        ['reached', 'how soon it came to a word'],
      ],
      says: (answer) => (answer === 'end' ? 'and look at how far it got' : 'and look at how soon it was'),
    },
    {
      name: 'awaited',
      label: 'The word that is waited for',
      kind: 'own-word',
      applies: seesFirst,
      letters: wordLimits.letters,
      words: wordNames,
      says: (_answer, plan) => targetOf(plan).word,
    },
  ],
  usualRecording: {
    kind: 'word-scale',
    words: ['none', 'a little', 'a lot'],
    ...seenOnce(['a lot']),
  },
  /** The number worked out by hand was the place of a word that was seen once. */
  fromOld: ({ words, ...others }) =>
    Array.isArray(words) && !('seen' in others)
      ? { kind: 'word-scale', words: words as string[], ...seenOnce(words as string[]) }
      : null,
  onlyUnit: 'count',
  onceIsEnough: true,
  unrehearsed:
    'We can’t rehearse words: nobody can say beforehand how far apart two of them lie. Agree on what each word looks like, keep one example of each in sight, and let more than one group judge.',
  needs: (recording) => {
    const words = recording as WordsRecording
    const over = words.seen === 'days' ? { days: words.days, daysAfter: daysAfter(words) } : { days: 1 }
    return { ...sideBySide, instruments: 0, ...over }
  },
  extraFields: [atField],
  optionalMoments: (plan) => (wordsOf(plan).seen === 'minutes' ? [startMoment] : []),
  momentsDue: (plan, days, today) =>
    isOverDays(plan) ? momentsOf(plan).filter((_, index) => days[index] === today) : null,

  slots: (plan, groupId, groupIndex) =>
    Array.from({ length: plan.tries }, (_, index) => index + 1).flatMap((tryNumber) =>
      momentsOf(plan).flatMap((moment) =>
        levelsForGroup(plan, groupIndex).map((level) => ({ groupId, levelId: level.id, tryNumber, moment })),
      ),
    ),
  layout: (plan) => (isRepeated(plan) ? 'levels-beneath' : 'levels-across'),
  columns: (plan) =>
    Array.from({ length: plan.tries }, (_, index) => index + 1).flatMap((tryNumber) =>
      momentsOf(plan).map((moment) => ({
        tryNumber,
        moment,
        head: moment === '' ? `try ${tryNumber}` : plan.tries > 1 ? `${moment}, try ${tryNumber}` : moment,
      })),
    ),
  isInRow: (slot, entry) => entry.levelId === slot.levelId && entry.tryNumber === slot.tryNumber,
  fields: (plan) => [
    {
      name: valueField,
      label: plan.measured.name,
      help: `one of ${wordNames(plan)
        .map((word, index) => `${index + 1} ${word}`)
        .join(', ')}`,
      unit: 'count',
      mark: 1,
      instrument: null,
      whole: false,
      choices: scaleWords(plan),
    },
  ],

  check(plan, text, context): EntryValidation {
    const { value, time } = timeTypedWith(text)
    const wrong = time !== null && isRepeated(plan) ? readTime(time, perOf(plan)) : null
    if (wrong && !wrong.ok) return { state: 'unreadable', message: wrong.message }
    if (value.trim() === '') return { state: 'empty' }
    const words = wordNames(plan)
    const word = wordMeant(words, value)
    if (word === null) return { state: 'unreadable', message: notOnScale(words, value) }
    const back = context ? goesBack(plan, words.indexOf(word), context) : null
    return {
      state: 'value',
      value: word,
      hints: back === null ? [] : [{ code: 'against-row', message: back, suggestion: null }],
    }
  },

  understand: (plan, entry): Understood =>
    understoodWithTime(entry, perOf(plan), ({ fields }) => {
      const field = fields[valueField]
      if (Object.keys(fields).length === 0) return { ok: true, fields }
      if (!field || Object.keys(fields).length > 1)
        return { ok: false, field: valueField, message: 'One word is asked for here. Reload the page.' }
      const words = wordNames(plan)
      const word = wordMeant(words, field.typed)
      if (word === null) return { ok: false, field: valueField, message: notOnScale(words, field.typed) }
      return { ok: true, fields: { [valueField]: { ...field, given: 'typed', value: word } } }
    }),

  typedText: (_plan, { fields }) => String(fields[valueField]?.value ?? ''),

  print(plan, { fields }) {
    const [word, at] = [String(fields[valueField]?.value ?? ''), fields[atField]]
    if (word === '') return at ? 'started' : ''
    return at && wordsOf(plan).seen === 'minutes' ? `${word}, ${at.typed} after the start` : word
  },

  scored(plan): Plan {
    if (!seesFirst(plan))
      return ordinalPlan(plan, plan.measured.name, { kind: 'word', words: wordNames(plan) })
    const [per, what] = [perOf(plan), `“${targetOf(plan).word}”`]
    const name = `${per === 'day' ? 'day' : 'time'} of ${what}`
    const scored = ordinalPlan(plan, name, { kind: 'when', what, per }, per === 'day' ? 'count' : 'min')
    // What goes furthest gets there first.
    return { ...scored, best: plan.best === 'least' ? 'most' : 'least' }
  },

  /** The last look must be there, unless what is waited for came before it. */
  scores(plan, counted): Score[] {
    const last = momentsOf(plan).at(-1)
    return rowsOf(plan, counted).flatMap(({ seen, ...row }) => {
      const end = seen.find(({ moment }) => moment === last)
      const value = seesFirst(plan) ? firstReached(seen, targetOf(plan).place) : end?.place
      if (value === undefined || (value === Infinity && !end)) return []
      return [{ id: `${row.groupId}|${row.levelId}|${row.tryNumber}`, ...row, value }]
    })
  },

  picture: (plan, counted) => ({ kind: 'tiles', tiles: strips(plan, counted) }),

  detail(plan, counted) {
    const rows = rowsOf(plan, counted)
    const gone = counted.filter(
      (entry) => typeof entry.fields[valueField]?.value === 'string' && placeOf(plan, entry) === null,
    ).length
    const said = [
      ...(isRepeated(plan) && rows.length > 0 ? [firstsSaid(plan, rows)] : []),
      ...(gone > 0
        ? [
            `${gone === 1 ? 'One entry holds a word that is' : `${gone} entries hold words that are`} no longer on the scale, so it does not count.`,
          ]
        : []),
    ].filter(Boolean)
    return said.length === 0 ? null : said.join(' ')
  },

  soFar(plan, counted) {
    const rows = rowsOf(plan, counted)
    if (rows.length === 0 || !isRepeated(plan)) return null
    const latest = orderedLevels(plan).flatMap((level) => {
      const own = rows.filter((row) => row.levelId === level.id)
      if (own.length === 0) return []
      const middle = median(own.map(({ seen }) => lastOf(seen).place))
      return [`${levelName(plan, level)} ${itemAt(wordNames(plan), Math.floor(middle))}`]
    })
    return {
      sentence: `So far: ${listed(latest)}.`,
      reasons: [
        'The middle of the groups at their latest look.',
        `They are compared once ${momentsOf(plan).at(-1)} is in.`,
      ],
    }
  },
}

const notOnScale = (words: readonly string[], text: string) =>
  `“${text.trim().slice(0, 40)}” is not one of the words. They are ${listed(words.map((word, index) => `${index + 1} ${word}`))}.`

/** What was further along before is asked about: rust does not go away. */
function goesBack(plan: Plan, place: number, { slot, row }: EntryContext): string | null {
  const moments = momentsOf(plan)
  const now = moments.indexOf(slot.moment)
  const before = row
    .filter((one) => moments.indexOf(one.moment) >= 0 && moments.indexOf(one.moment) < now)
    .flatMap((one) => {
      const was = placeOf(plan, one)
      return was === null ? [] : [{ was, moment: one.moment }]
    })
  const furthest = before.reduce<(typeof before)[number] | null>(
    (most, one) => (most === null || one.was >= most.was ? one : most),
    null,
  )
  if (!furthest || furthest.was <= place) return null
  return `It was “${itemAt(wordNames(plan), furthest.was)}” at ${furthest.moment} already. Did it really go back?`
}
