import type { LevelResult, ResultSentence, Score } from '../../evidence'
import { resolutionOf } from '../../instrument'
import { levelsForGroup, type Plan } from '../../plan'
import { stripRoundingNoise } from '../../quantity'
import type { Entry, Slot } from '../../entries'
import type { EntryValidation, EntryContext, EntryHint } from '../entryValidation'
import { numberOf } from '../numberOf'
import { numberPerTry, readScores } from '../numberPerTry'
import type { Column, ReadRow, Working, Way } from '../way'
import { againstContainer } from './againstRow'
import { difference, inSum, working, type DifferenceWords } from '../working'
import { amountOf, changeRecording, goesByShare, hasShare, shareOf, type Change } from './changes'
import { containerKey, containerMoment, containerOf, emptyContainers, readRows } from './containers'
import { scoredChange } from './scoredChange'
import { share } from './share'
import { changesTold, type ToldVerbs } from './told'

/** What sets two ways apart that both look at a change: from what, to what, and how that is worked out. */
interface ChangeParts {
  /** The moments of one try, in order. */
  moments: (plan: Plan) => string[]
  /** Whether all levels are read at one moment before any is read at the next. */
  together: (plan: Plan) => boolean
  /** From what to what a row went; null while it is not complete. */
  endsOf: (values: readonly (number | null)[]) => { from: number; to: number } | null
  /** How many readings enter a change. */
  readings: (plan: Plan) => number
  /** What a share is a share of, as it is said. */
  whole: string
  /** The head of the column that is worked out. */
  head: (plan: Plan) => string
  /** The arithmetic between the readings and the change. */
  between: (plan: Plan, row: ReadRow) => Working[]
  /** What the change is called. */
  words?: DifferenceWords
  /** How what a level did is said. */
  verbs?: ToldVerbs
  /** A share as it is said. */
  shareSaid: (plan: Plan, change: Pick<Change, 'from' | 'to'>, percent: string) => string
  /** What its own row says about a value: a whole lighter than a part. */
  against: (plan: Plan, value: number, context: EntryContext) => string | null
}

/** A way whose score is a change: one number for each moment of a try, and the container off. */
export function changeWay(parts: ChangeParts) {
  const { moments, together, readings } = parts
  const changes = (plan: Plan, counted: readonly Entry[]): Change[] =>
    readRows(plan, counted, moments(plan)).flatMap((row) => {
      const ends = parts.endsOf(row.values)
      return ends ? [{ row, ...ends }] : []
    })

  return {
    ...numberPerTry,
    layout: () => 'levels-beneath' as const,

    slots: (plan: Plan, groupId: string, groupIndex: number): Slot[] => {
      const levels = levelsForGroup(plan, groupIndex).map((level) => level.id)
      const tries = Array.from({ length: plan.tries }, (_, index) => index + 1)
      const at = (levelId: string, tryNumber: number, moment: string): Slot => ({
        groupId,
        levelId,
        tryNumber,
        moment,
      })
      const containers = (of: readonly string[]) =>
        containerOf(plan) === 'weighed' && tries.length > 0
          ? of.map((levelId) => at(levelId, 1, containerMoment))
          : []
      const inTurn = (of: readonly string[]) => [
        ...containers(of),
        ...tries.flatMap((one) =>
          moments(plan).flatMap((moment) => of.map((levelId) => at(levelId, one, moment))),
        ),
      ]
      return together(plan) ? inTurn(levels) : levels.flatMap((levelId) => inTurn([levelId]))
    },

    columns: (plan: Plan): Column[] => [
      ...(containerOf(plan) === 'weighed' && plan.tries > 0
        ? [{ tryNumber: 1, moment: containerMoment, head: containerMoment, once: true }]
        : []),
      ...Array.from({ length: plan.tries }, (_, index) => index + 1).flatMap((tryNumber) =>
        moments(plan).map((moment) => ({
          tryNumber,
          moment,
          head: plan.tries > 1 ? `${moment}, try ${tryNumber}` : moment,
        })),
      ),
    ],

    fields: (plan: Plan) =>
      numberPerTry.fields(plan).map((field) => ({
        ...field,
        help: containerOf(plan) === 'zeroed' ? 'zero it with the empty container on' : '',
      })),

    check(plan: Plan, text: string, context: EntryContext | null): EntryValidation {
      const entry = numberPerTry.check(plan, text, context)
      if (entry.state !== 'value' || !context) return entry
      const message =
        againstContainer(plan, entry.value, context) ?? parts.against(plan, entry.value, context)
      if (message === null) return entry
      const hint: EntryHint = { code: 'against-row', message, suggestion: null }
      // A slip that explains it is the better question.
      const slip = entry.hints.filter(({ code }) => code === 'likely-slip')
      return { ...entry, hints: [...slip, hint, ...entry.hints.filter((one) => !slip.includes(one))] }
    },

    netReading(plan: Plan, counted: readonly Entry[], entry: Entry): number | null {
      const value = numberOf(plan, entry)
      if (value === null || containerOf(plan) !== 'weighed') return value
      const empty = emptyContainers(plan, counted).get(containerKey(entry))
      return empty === undefined ? null : stripRoundingNoise(value - empty)
    },

    /** The container stays what it was; what stands side by side goes on without the one that was spoilt. */
    alsoSpoilt: (plan: Plan, counted: readonly Entry[], slot: Slot): Entry[] =>
      together(plan)
        ? []
        : counted.filter(
            (one) =>
              one.groupId === slot.groupId &&
              one.levelId === slot.levelId &&
              one.tryNumber === slot.tryNumber &&
              one.moment !== slot.moment &&
              one.moment !== containerMoment &&
              slot.moment !== containerMoment,
          ),

    /** The others of its moment, as they would read in its own container. */
    comparable(plan: Plan, counted: readonly Entry[], slot: Slot): Score[] {
      const at = counted.filter((one) => one.moment === slot.moment)
      const scores = readScores(plan, at)
      if (containerOf(plan) !== 'weighed' || slot.moment === containerMoment) return scores
      const empty = emptyContainers(plan, counted)
      const own = empty.get(containerKey(slot))
      return scores.flatMap((score) => {
        const its = empty.get(containerKey(score))
        return own === undefined || its === undefined ? [] : [{ ...score, value: score.value - its + own }]
      })
    },

    soFar(plan: Plan, counted: readonly Entry[]): ResultSentence | null {
      if (counted.length === 0 || changes(plan, counted).length > 0) return null
      const container = containerOf(plan) === 'weighed' ? ', its empty container too' : ''
      return {
        sentence: `Nothing can be compared before one try has all its readings${container}.`,
        reasons: [],
      }
    },

    scored: (plan: Plan, counted: readonly Entry[]) =>
      scoredChange(plan, changes(plan, counted), readings(plan)),

    scoredByEntries: (plan: Plan) => hasShare(plan) && changeRecording(plan).compare === 'starts',

    readingsPerScore: readings,

    scores(plan: Plan, counted: readonly Entry[]): Score[] {
      const all = changes(plan, counted)
      const byShare = goesByShare(plan, all)
      return all.map((change) => {
        const { groupId, levelId, tryNumber } = change.row
        const value = byShare ? shareOf(plan, change) : amountOf(plan, change)
        return { id: `${groupId}|${levelId}|${tryNumber}`, groupId, levelId, tryNumber, value }
      })
    },

    arithmetic: {
      head: parts.head,
      steps(plan: Plan, counted: readonly Entry[], slot: Omit<Slot, 'moment'>): Working[] {
        const own = counted.filter((one) => one.groupId === slot.groupId && one.levelId === slot.levelId)
        const change = changes(plan, own).find(({ row }) => row.tryNumber === slot.tryNumber)
        if (!change) return []
        const off = emptyContainers(plan, own).get(containerKey(slot)) ?? null
        const taken = off === null ? [] : lessContainer(plan, change.row, moments(plan), off)
        return [
          ...taken,
          ...parts.between(plan, change.row),
          difference(plan, change, parts.words),
          ...[share(plan, change, parts.shareSaid)].flatMap((step) => step ?? []),
        ]
      },
    },

    detail: (plan: Plan, counted: readonly Entry[], results: readonly LevelResult[]) =>
      changesTold(plan, changes(plan, counted), results, readings(plan), parts.whole, parts.verbs),
  } satisfies Partial<Way>
}

function lessContainer(plan: Plan, { values }: ReadRow, moments: readonly string[], off: number): Working[] {
  const { mark } = resolutionOf(plan)
  return moments.flatMap((moment, index) => {
    const value = values[index]
    if (value === null || value === undefined) return []
    const sum = `${inSum(plan, value + off)} − ${inSum(plan, off)}`
    return [working(`${moment}, without its container`, sum, value, plan.measured.unit, mark)]
  })
}
