import { clockAfter } from '../timetable'
import { usualCalendar } from '../calendar'
import { variableWords } from '../class'
import { emptyConclusion, suggestClaim } from '../conclusion'
import { cellsOf, tableOf } from '../evidence'
import { instrumentCupboard, usualCupboard } from '../instrument'
import { lessonResult } from '../lesson'
import { blankPlan, usualWays, type Plan } from '../plan'
import { standingOf } from '../entries'
import { scoresOf, weighLesson } from '../comparison'
import { comparisonOf } from '../recording'
import { entriesFrom, entry as oneEntry } from './exampleEntries'
import { examplePlan, kindsPlan } from './examplePlan'

// What the examples in the docstrings speak of. First a bounce test of three drop heights, read by three groups:
export const plan = examplePlan()
export const entries = entriesFrom({
  leaf: { h20: [11, 12, 12], h40: [22, 23, 22], h60: [34, 33, 34] },
  bell: { h20: [12, 12, 13], h40: [23, 24, 23], h60: [35, 34, 36] },
  key: { h20: [10, 11, 11], h40: [21, 22, 22], h60: [33, 32, 33] },
}).map((one, index) => ({ ...one, id: `r${index + 1}` }))
export const standing = standingOf(entries)
export const { counted } = standing
export const groupIds = ['leaf', 'bell', 'key']
export const comparison = comparisonOf(plan, groupIds)
export const scores = scoresOf(plan, counted)
export const cells = cellsOf(comparison, scores)
export const table = tableOf(
  [
    [
      [11, 12, 12],
      [22, 23, 22],
      [34, 33, 34],
    ],
    [
      [10, 11, 11],
      [21, 22, 22],
      [33, 32, 33],
    ],
  ],
  'median',
)
export const evidence = weighLesson(plan, counted, groupIds)
export const { results } = evidence
export const result = lessonResult(plan, counted, evidence)
export const scored = plan
export const claim = suggestClaim(plan, evidence)!
export const conclusion = emptyConclusion
export const slot = { groupId: 'leaf', levelId: 'h60', tryNumber: 1, moment: '' }
export const entry = oneEntry({ id: 'r1', value: 13 })
export const words = variableWords('plain')
export const context = {
  age: '7-9' as const,
  words,
  vocabulary: 'plain' as const,
  ways: usualWays,
  cupboard: instrumentCupboard,
  groups: 6,
  lessonMinutes: 45,
}
export const blank = blankPlan('7-9')

// Then other tests, each recorded in its own way:
export const beats: Plan = examplePlan({
  recording: { kind: 'count', seconds: 15 },
  measured: {
    name: 'heart beats',
    unit: 'count',
    instrument: usualCupboard('metric').find((one) => one.unit === 'count')!,
  },
})
export const race = kindsPlan(['paper', 'cotton', 'felt'], { recording: { kind: 'race' } })
export const rounds = kindsPlan(['round 1', 'round 2'], { recording: { kind: 'rounds' } })
export const clips = kindsPlan(['water', 'vinegar'], {
  recording: {
    ...{ kind: 'word-scale', seen: 'days', minutes: [], days: 5, score: 'reached', awaited: 'rusty' },
    words: ['shiny', 'spotted (brown dots)', 'rusty'],
  },
})
export const rice: Plan = examplePlan({
  recording: {
    ...{ kind: 'parts-whole', parts: ['rice', 'peas'], container: 'none', change: 'lost', compare: 'amount' },
    second: {
      name: 'mass',
      unit: 'g',
      instrument: instrumentCupboard.find((one) => one.dimension === 'mass')!,
    },
  },
  measured: {
    name: 'volume',
    unit: 'mL',
    instrument: instrumentCupboard.find((one) => one.dimension === 'volume')!,
  },
})

// And what lies in the cupboard:
export const cupboard = instrumentCupboard
export const calendar = usualCalendar
export const metreStick = plan.measured.instrument
export const thermometer = instrumentCupboard.find((one) => one.dimension === 'temperature')!
export const balance = instrumentCupboard.find((one) => one.dimension === 'mass')!

// A clock that has just been started:
export const clock = clockAfter(
  null,
  { kind: 'start', steps: [{ id: 'talk', kind: 'talk', name: 'Talk', seconds: 300 }] },
  0,
)!
export const review = {
  ...{ byGroupId: 'leaf', ofGroupId: 'bell', convinced: '', question: 'How exactly did you do it?' },
  ...{ answer: '', madeAt: '2026-03-09T10:20:00.000Z', removed: false },
}
export const troubles = { conclusion: emptyConclusion, entries: [], reviews: [] }
