import { defined } from '../../defined'
import type { Claim } from '../../conclusion'
import type { Evidence, Strand } from '../../evidence'
import { levelName, orderedLevels } from '../../plan'
import { judgeStatement } from '../judgeStatement'
import type { StatementFit } from '../statementFit'
import type { ParsedLesson } from '../parsedLesson'
import type { ParsedWord } from '../parsedWord'
import { readSentence, type Reading, type ReadPart } from '../readSentence'
import type { Statement } from '../statement'
import { judgeSides } from './judgeSides'

/** A part of a sentence with the quantity that it speaks of: whichever understands it first. */
export interface SidesPart extends ReadPart {
  lesson: ParsedLesson
  quantity: Quantity
}

/** A quantity with what it shows: over all levels, and at each of them where there are several. */
interface Quantity {
  whole: Strand
  own: Strand[]
  among: number
}

/**
 * Reads a sentence about the sides of one thing: by what is compared first, and what that doesn't understand by what else was read.
 * @param evidence of a lesson that compares sides
 */
export function readSides(
  lesson: ParsedLesson,
  words: readonly ParsedWord[],
  evidence: Evidence,
): { parts: SidesPart[]; strength: Reading['strength'] } {
  const each = quantitiesOf(lesson, evidence).map((quantity, place) => {
    const measured = place === 0 ? lesson.measured : (lesson.others[place - 1] ?? [])
    const own = { ...lesson, plan: quantity.whole.plan, measured }
    return { lesson: own, quantity, reading: readSentence(own, words) }
  })
  const [first, ...others] = each
  const parts = defined(first).reading.parts.map((part): SidesPart => {
    const own = { ...part, lesson: defined(first).lesson, quantity: defined(first).quantity }
    if (part.statements) return own
    for (const { lesson: other, quantity, reading } of others) {
      const same = reading.parts.find(({ text, statements }) => statements !== null && text === part.text)
      if (same) return { ...same, lesson: other, quantity }
    }
    return own
  })
  // What nobody could read of the first may be wholly of another, which parts the sentence its own way.
  const wholly = others.find(({ reading }) => reading.parts.every(({ statements }) => statements !== null))
  return wholly && parts.every(({ statements }) => statements === null)
    ? {
        parts: wholly.reading.parts.map((part) => ({
          ...part,
          lesson: wholly.lesson,
          quantity: wholly.quantity,
        })),
        strength: wholly.reading.strength,
      }
    : { parts, strength: defined(first).reading.strength }
}

function quantitiesOf({ plan }: ParsedLesson, evidence: Evidence): Quantity[] {
  const wholes: Strand[] = [
    { plan, level: null, evidence },
    ...evidence.strands.filter(({ level }) => level === null),
  ]
  return wholes.map((whole) => ({
    whole,
    own: evidence.strands.filter(
      (one) => one.level !== null && one.plan.measured.name === whole.plan.measured.name,
    ),
    among: wholes.length,
  }))
}

/**
 * Judges a statement of a part on what its quantity shows: at the levels that it names, else at all together; but where a level shows
 * something else, not for all of them.
 */
export function judgePart(
  { lesson: { plan }, quantity: { whole, own, among }, besides }: SidesPart,
  statement: Statement,
  strength: Claim['strength'],
): { fit: StatementFit; reason: string } {
  const levels = plan.besides ? orderedLevels(plan.besides) : []
  const judge = ({ evidence }: Strand, of: number) =>
    judgeSides(plan, statement, strength, evidence, of) ?? judgeStatement(plan, statement, strength, evidence)
  const named = own.filter(({ level }) => besides.some((place) => levels[place]?.id === defined(level).id))
  const each = (named.length > 0 ? named : own).map((strand) => ({
    strand,
    judged: judge(strand, among * own.length),
  }))
  const all = named.length > 0 ? null : judge(whole, among)
  const firm = each.filter(({ judged }) => judged.fit === 'fits' || judged.fit === 'against')
  const fit = (of: StatementFit) => firm.filter(({ judged }) => judged.fit === of)
  if (fit('fits').length > 0 && fit('against').length > 0) {
    const [other] = fit('against')
    return {
      fit: 'beyond',
      reason: `It was otherwise with ${levelName({ ...plan, ...plan.besides }, defined(defined(other).strand.level))}.`,
    }
  }
  if (all) return all
  const worst = defined(
    (['against', 'beyond', 'open', 'fits'] as const).find((one) =>
      each.some(({ judged }) => judged.fit === one),
    ),
  )
  return defined(each.find(({ judged }) => judged.fit === worst)).judged
}
