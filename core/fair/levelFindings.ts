import { stems } from '../catalogue'
import { firstOf } from '../defined'
import { comparesSides } from '../comparison'
import {
  levelName,
  looksAtVariation,
  newLevel,
  withLevelsCompared,
  planLimits,
  suggestLevel,
  withLevelAdded,
  type Level,
  type Plan,
  remedy,
} from '../plan'
import { impossibleLevels } from './impossibleLevels'
import { levelFeatures, saysNothing } from './levelFeatures'
import { onlyLookAtVariation } from './onlyLookAtVariation'
import { quoted, type FairContext, type Finding } from './finding'

/** Findings about the levels: unfinished, twice the same, too few, too many, or nothing to compare with. */
export function levelFindings(plan: Plan, { words }: FairContext): Finding[] {
  return [
    ...unfinished(plan),
    ...twice(plan),
    ...tooFew(plan, words.changed),
    ...tooMany(plan),
    ...outOfReach(plan),
    ...impossibleLevels(plan),
    ...levelFeatures(plan),
    ...noBaseline(plan),
  ]
}

const finished = (plan: Plan, level: Level) =>
  plan.changed.kind === 'kinds' ? level.name.trim() !== '' : level.value !== null

function unfinished(plan: Plan): Finding[] {
  const open = plan.levels.filter((level) => !finished(plan, level))
  if (open.length === 0) return []
  const missing = plan.changed.kind === 'kinds' ? 'name' : 'number'
  return [
    {
      code: 'unfinished-level',
      severity: 'mend',
      field: 'levels',
      reason: `${open.length === 1 ? `One level has no ${missing}` : `${open.length} levels have no ${missing}`} yet.`,
      remedies: [
        remedy(open.length === 1 ? 'Take it out' : 'Take them out', (before) => ({
          levels: before.levels.filter((level) => finished(before, level)),
        })),
      ],
    },
  ]
}

function twice(plan: Plan): Finding[] {
  const key = (level: Level) =>
    plan.changed.kind === 'kinds'
      ? stems(level.name)
          .map((token) => token.stem)
          .filter((word) => !/^(?:an?|the)$/.test(word))
          .join(' ')
      : String(level.value)
  const first = plan.levels.filter(
    (level, index) =>
      !finished(plan, level) || plan.levels.findIndex((other) => key(other) === key(level)) === index,
  )
  const repeated = plan.levels.find((level) => !first.includes(level))
  if (!repeated) return []
  return [
    {
      code: 'level-twice',
      severity: 'mend',
      field: 'levels',
      reason: `${quoted(levelName(plan, repeated))} is listed twice. To test it more often, add tries.`,
      remedies: [remedy('Keep it once', () => ({ levels: first }))],
    },
  ]
}

function tooFew(plan: Plan, changedWords: string): Finding[] {
  const count = plan.levels.filter((level) => finished(plan, level)).length
  if (looksAtVariation(plan)) return count > 1 ? [severalSettings(plan)] : []
  if (comparesSides(plan)) return count > 0 ? [] : [nothingToRead]
  const pattern = plan.changed.kind === 'number'
  if (count >= (pattern ? 3 : 2)) return []
  const next = suggestLevel(plan)
  return [
    {
      code: count < 2 ? 'too-few-levels' : 'two-levels-no-pattern',
      severity: count < 2 ? 'mend' : 'think',
      field: 'levels',
      reason:
        count < 2
          ? `A fair test compares at least two levels of ${changedWords}.`
          : 'Two levels show a difference but no pattern. A third tells whether it goes on.',
      remedies: [
        ...(next === null || plan.changed.name.trim() === ''
          ? []
          : [
              remedy(`Add ${levelName(plan, newLevel({ value: next }))}`, (before) => ({
                levels: withLevelAdded(before).levels,
              })),
            ]),
        ...(count === 1 ? [onlyLookAtVariation] : []),
      ],
    },
  ]
}

/** What is compared with itself must be there, too. */
const nothingToRead: Finding = {
  code: 'too-few-levels',
  severity: 'mend',
  field: 'levels',
  reason: 'Say what is compared with itself: what we measure, before and after.',
  remedies: [
    remedy('Add “our sample”', (before) => ({
      changed: { ...before.changed, kind: 'kinds', unit: null, range: null },
      levels: [newLevel({ name: 'our sample' })],
    })),
  ],
}

/** How much something varies is seen at one setting. */
const severalSettings = (plan: Plan): Finding => ({
  code: 'several-settings',
  severity: 'mend',
  field: 'levels',
  reason: 'How much it varies is seen at one setting. Keep one, or compare them.',
  remedies: [
    remedy('Compare them', withLevelsCompared),
    remedy(`Keep ${levelName(plan, firstOf(plan.levels))}`, (before) => ({
      levels: before.levels.slice(0, 1),
    })),
  ],
})

function tooMany(plan: Plan): Finding[] {
  if (plan.levels.length <= planLimits.levels) return []
  return [
    {
      code: 'too-many-levels',
      severity: 'mend',
      field: 'levels',
      reason: `${plan.levels.length} levels are too many for one class. ${planLimits.levels} is the most.`,
      remedies: [
        remedy(`Keep the first ${planLimits.levels}`, (before) => ({
          levels: before.levels.slice(0, planLimits.levels),
        })),
      ],
    },
  ]
}

function outOfReach(plan: Plan): Finding[] {
  const { kind, range } = plan.changed
  if (kind !== 'number' || !range) return []
  const reach = (level: Level) => Math.min(range.greatest, Math.max(range.least, level.value ?? range.least))
  const out = plan.levels.find((level) => level.value !== null && reach(level) !== level.value)
  if (!out) return []
  const within = levelName(plan, { ...out, value: reach(out) })
  const taken = plan.levels.some((level) => level.value === reach(out))
  return [
    {
      code: `level-out-of-reach-${out.id}`,
      severity: 'mend',
      field: 'levels',
      reason: `${levelName(plan, out)} is more than the set-up lets us do: it goes from ${levelName(plan, { ...out, value: range.least })} to ${levelName(plan, { ...out, value: range.greatest })}.`,
      remedies: [
        ...(taken
          ? []
          : [
              remedy(`Make it ${within}`, (before) => ({
                levels: before.levels.map((level) =>
                  level.id === out.id ? { ...level, value: reach(out) } : level,
                ),
              })),
            ]),
        remedy(`Take ${levelName(plan, out)} out`, (before) => ({
          levels: before.levels.filter((level) => level.id !== out.id),
        })),
      ],
    },
  ]
}

/** What can be left out altogether, so that a level with none shows whether it does anything. */
const addedThings =
  /\b(?:lids?|jackets?|covers?|coats?|wrap\w*|fertili[sz]er|plant food|sugar|salt|soap|washing-up liquid|glycerine|yeast|layers?|cards?|sun ?cream|gloves?|helmets?|insulation)\b/i

/** Asks for "compared with nothing" where a plan asks whether something that can be left out does anything. */
function noBaseline(plan: Plan): Finding[] {
  if (plan.levels.length === 0 || comparesSides(plan) || looksAtVariation(plan)) return []
  if (plan.levels.some((level) => level.baseline || saysNothing.test(level.name.trim()) || level.value === 0))
    return []
  const asks =
    /\b(?:help|helps|work|works|need|needs|protect|protects|make a difference|makes a difference|keep|keeps|stop|stops)\b/i.test(
      plan.question,
    )
  const isNumber = plan.changed.kind === 'number'
  if (
    !(isNumber ? addsSomething(plan) : asks || /^(?:the )?(?:lids?|covers?)$/i.test(plan.changed.name.trim()))
  )
    return []
  return [
    {
      code: 'no-baseline',
      severity: 'think',
      field: 'levels',
      reason: isNumber
        ? `Without a level with none, nobody can tell whether ${quoted(plan.changed.name)} does anything at all.`
        : 'The question asks whether something helps. Without a level with nothing added we cannot tell.',
      remedies: [
        isNumber
          ? remedy(`Add ${levelName(plan, newLevel({ value: 0 }))}`, (before) => ({
              levels: [newLevel({ value: 0, baseline: true }), ...before.levels],
            }))
          : remedy('Add “nothing added”', (before) => ({
              levels: [newLevel({ name: 'nothing added', baseline: true }), ...before.levels],
            })),
      ],
    },
  ]
}

/** So much of something that is added, all levels of which have some. */
const addsSomething = ({ changed, levels }: Plan) =>
  addedThings.test(changed.name) &&
  !/\b(?:distance|height|width|size|thickness|temperature|time|age)\b/i.test(changed.name) &&
  levels.length >= 2 &&
  levels.every((level) => level.value !== null && level.value > 0)
