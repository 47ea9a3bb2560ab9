import { orderedLevels, type Plan } from '../plan'
import { isInRounds } from '../recording'
import type { ParsedWord } from './parsedWord'

/** The texts of a plan that say what its words mean, for the grammar to parse. */
export interface LessonTexts {
  /** Names of the kinds, in the order of comparison; empty for numbers. */
  levels: string[]
  changed: string
  measured: string
  /** Whatever else a class speaks of: the question, the kit, what is kept the same. */
  topic: string
}

/** The texts of a plan, parsed. */
export interface ParsedTexts {
  levels: ParsedWord[][]
  changed: ParsedWord[]
  measured: ParsedWord[]
  topic: ParsedWord[]
}

/** A plan, as its results are measured, with its words parsed. */
export interface ParsedLesson extends ParsedTexts {
  plan: Plan
  inRounds: boolean
}

/**
 * The texts of a plan that a sentence about it is understood by.
 * @param plan as its results are measured (`scoredPlan`)
 * @example lessonTexts(plan).changed // 'drop height'
 */
export function lessonTexts(plan: Plan): LessonTexts {
  return {
    levels: orderedLevels(plan).map((level) => level.name),
    changed: plan.changed.name,
    measured: plan.measured.name,
    topic: [
      plan.question,
      plan.title,
      ...plan.materials.map((one) => one.name),
      ...plan.keptSame.map((one) => one.name),
    ].join('. '),
  }
}

/**
 * The texts of a lesson, parsed.
 * @param parse the grammar: `parseWords`
 */
export const parseTexts = (
  { levels, changed, measured, topic }: LessonTexts,
  parse: (text: string) => ParsedWord[],
): ParsedTexts => ({
  levels: levels.map(parse),
  changed: parse(changed),
  measured: parse(measured),
  topic: parse(topic),
})

/** A lesson with its texts parsed. */
export const lessonOf = (plan: Plan, texts: ParsedTexts): ParsedLesson => ({
  plan,
  ...texts,
  inRounds: isInRounds(plan),
})
