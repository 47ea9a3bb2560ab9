import type { HazardId } from '../../../catalogue'
import { understandLine } from '../../../kit'
import type { Plan } from '../../../plan'
import { examplePlan, material } from '../../../testing/examplePlan'
import { matchPlan } from '../../matchPlan'
import * as dangers from './dangers'
import * as harmless from './harmless'
import type { LineGroup } from './line'

/** A plan that brings no caution of its own. */
const plainPlan = examplePlan({ question: '', keptSame: [] })

/** What is said of a line of a plan that has nothing else in it. */
export function hazardsOfLine(text: string, where: 'step' | 'thing'): HazardId[] {
  if (where === 'step') return found({ ...plainPlan, steps: [text] }, [])
  const read = understandLine(text, plainPlan)
  return found(plainPlan, [{ material: read.ok ? { ...read.material, id: 'm' } : material({ name: text }) }])
}

const found = (plan: Plan, lines: Parameters<typeof matchPlan>[1]): HazardId[] => [
  ...new Set(matchPlan(plan, lines, '7-9').sources.map((one) => one.hazard)),
]

/** A line that was judged, and what is wrong with that. */
export interface JudgedLine {
  text: string
  /** The danger that was missed, or the cautions that are false; none where all is right. */
  wrong: HazardId[]
  /** Whether the rules were written without looking at it. */
  heldBack: boolean
}

const linesOf = (groups: LineGroup[]) =>
  groups.flatMap(([hazard, ...all]) => all.map((text) => ({ hazard, text })))

/** Every line with a danger; what is wrong with one is that nobody warns of it. */
export function judgeDangers(): JudgedLine[] {
  const judge = (groups: LineGroup[], where: 'step' | 'thing', heldBack: boolean) =>
    linesOf(groups).map(({ hazard, text }) => ({
      text,
      wrong: hazardsOfLine(text, where).includes(hazard) ? [] : [hazard],
      heldBack,
    }))
  return [
    ...judge(dangers.dangerousSteps, 'step', false),
    ...judge(dangers.dangerousThings, 'thing', false),
    ...judge(dangers.heldBackSteps, 'step', true),
    ...judge(dangers.heldBackThings, 'thing', true),
  ]
}

/** Every harmless line; what is wrong with one is what is warned of all the same. */
export function judgeHarmless(): JudgedLine[] {
  const judge = (lines: harmless.HarmlessLine[], where: 'step' | 'thing', heldBack: boolean) =>
    lines.map(([text, ...fits]) => ({
      text,
      wrong: hazardsOfLine(text, where).filter((one) => !fits.includes(one)),
      heldBack,
    }))
  return [
    ...judge(harmless.harmlessThings, 'thing', false),
    ...judge(harmless.harmlessSteps, 'step', false),
    ...judge(harmless.heldBackThings, 'thing', true),
    ...judge(harmless.heldBackSteps, 'step', true),
  ]
}
