import { firstOf, defined } from '../defined'
import { levelName, orderedLevels, type Plan } from '../plan'
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
  /** Where the sides of one thing are compared: what was changed besides, by its levels; else empty. */
  besides: string[]
  /** What is read besides what is compared. */
  others: string[]
}

/** The texts of a plan, parsed. */
export interface ParsedTexts {
  levels: ParsedWord[][]
  changed: ParsedWord[]
  measured: ParsedWord[]
  topic: ParsedWord[]
  besides: ParsedWord[][]
  others: ParsedWord[][]
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
    // "As" goes before a side, and is no part of its name.
    levels: orderedLevels(plan).map(({ name }) => (plan.besides ? name.replace(/^as /iu, '') : name)),
    changed: plan.changed.name,
    measured: plan.measured.name,
    besides: plan.besides
      ? orderedLevels(plan.besides).map((level) => levelName(defined(plan.besides), level))
      : [],
    others:
      'second' in plan.recording && plan.recording.second && plan.besides ? [plan.recording.second.name] : [],
    topic: [
      plan.question,
      plan.title,
      plan.besides?.changed.name ?? '',
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
  { levels, changed, measured, topic, besides, others }: LessonTexts,
  parse: (text: string) => ParsedWord[],
): ParsedTexts => ({
  levels: levels.map(parse),
  changed: parse(changed),
  measured: parse(measured),
  topic: parse(topic),
  besides: besides.map(parse),
  others: others.map(parse),
})

/** A lesson with its texts parsed. */
export const lessonOf = (plan: Plan, texts: ParsedTexts): ParsedLesson => ({
  plan,
  ...texts,
  // "Together" is what the parts are, and no thing that is poured.
  topic: plan.besides ? texts.topic.filter((word) => !isSide(texts, word)) : texts.topic,
  inRounds: isInRounds(plan),
})

const isSide = ({ levels }: ParsedTexts, word: ParsedWord) =>
  levels.some((name) => name.length === 1 && firstOf(name).normal === word.normal)
