import { comparesSides } from '../comparison'
import { fromCupboard, type CupboardInstrument } from '../instrument'
import type { Plan, Recording, SecondMeasure } from '../plan'
import { mostTyped, unitDefinition } from '../quantity'
import { wayOf, type WayOption } from '../recording'
import { choiceOf, word, type MethodContext, type MethodWord } from './word'

/** The word of an option, and whether it goes on with the one before it: "to reach 40 °C". */
interface OptionWord {
  word: MethodWord
  continues: boolean
}

/** What the way of recording needs to be told, a word each; what does not apply to the other answers is left out. */
export function optionWords(plan: Plan, { cupboard }: Pick<MethodContext, 'cupboard'>): OptionWord[] {
  return wayOf(plan)
    .options.filter((option) => option.applies?.(plan) ?? true)
    .filter((option) => !(option.ofLevels && comparesSides(plan)))
    .map((option) => ({
      word: optionWord(plan, option, cupboard),
      continues: option.kind === 'amount' || option.kind === 'own-word',
    }))
}

const answerOf = (plan: Plan, name: string) => (plan.recording as unknown as Record<string, unknown>)[name]

/** An answer that may be left out is no part of the plan then. */
type Answer = number | string | number[] | string[] | SecondMeasure | null

function withAnswer(plan: Plan, name: string, answer: Answer): Plan {
  const others = Object.fromEntries(Object.entries(plan.recording).filter(([key]) => key !== name))
  return { ...plan, recording: { ...others, ...(answer === null ? {} : { [name]: answer }) } as Recording }
}

/** What was expected, and which end is best, was said of another score: the least lost is not the least time to cool. */
export const asUnjudged = (plan: Plan): Plan => ({ ...plan, expected: null, best: null })

function optionWord(plan: Plan, option: WayOption, cupboard: readonly CupboardInstrument[]): MethodWord {
  const { name, label } = option
  const id = `option-${name}` as const
  const answer = answerOf(plan, name)
  switch (option.kind) {
    case 'words': {
      const said = Array.isArray(answer) ? (answer as string[]) : []
      return word(
        id,
        label,
        option.says(said, plan),
        {
          kind: 'text',
          value: said.join(', '),
          most: option.most * (option.letters + 2),
          placeholder: option.like,
          problem: (text) => wordsProblem(text, option),
          put: (before, text) => {
            const words = wordsOf(text, option)
            return withAnswer(before, name, option.optional && words.length === 0 ? null : words)
          },
        },
        { chosen: said.length > 0, silent: option.optional === true && said.length === 0 },
      )
    }
    case 'numbers': {
      const said = Array.isArray(answer) ? (answer as number[]) : []
      return word(id, label, option.says(said), {
        kind: 'text',
        value: said.join(', '),
        most: 300,
        placeholder: '0, 5, 10, 15 or every 5 to 40',
        problem: (text) => {
          const read = option.read(text)
          return read.ok ? null : read.message
        },
        put: (before, text) => {
          const read = option.read(text)
          return read.ok ? withAnswer(before, name, read.answer) : before
        },
      })
    }
    case 'own-word': {
      const said = String(answer ?? '')
      return word(
        id,
        label,
        option.says(said, plan),
        choiceOf(
          option.says(said, plan),
          option.words(plan).map((one) => [one, one] as const),
          (before, chosen) => withAnswer(before, name, chosen),
        ),
      )
    }
    case 'choice':
      return word(
        id,
        label,
        option.says(String(answer), plan),
        choiceOf(String(answer), option.choices, (before, chosen) => {
          const after = withAnswer(before, name, chosen)
          return option.changesScore && chosen !== answer ? asUnjudged(after) : after
        }),
        { silent: answer === option.quiet },
      )
    case 'second': {
      const said = (answer as SecondMeasure | undefined) ?? null
      const own = unitDefinition(plan.measured.unit).dimension
      const offered = cupboard.filter(
        ({ dimension }) => dimension !== own && option.dimensions.includes(dimension),
      )
      return word(
        id,
        label,
        option.says(said),
        choiceOf<string | null>(
          said?.instrument.name ?? null,
          [
            [null, 'nothing else'],
            ...offered.map((one) => [one.name, `the ${one.dimension}, with a ${one.name}`] as const),
          ],
          (before, chosen) => {
            const found = offered.find((one) => one.name === chosen)
            const second = found && {
              name: found.dimension,
              unit: found.unit,
              instrument: fromCupboard(found),
            }
            return withAnswer(before, name, second ?? null)
          },
        ),
        { chosen: said !== null, silent: said === null },
      )
    }
    case 'amount':
    case 'whole': {
      const value = typeof answer === 'number' ? answer : null
      return word(
        id,
        label,
        option.says(value, plan),
        {
          kind: 'number',
          value,
          optional: option.optional ?? false,
          ...(option.kind === 'whole'
            ? {
                unit: 'count',
                whole: true,
                least: option.least,
                greatest: option.greatest,
                suffix: option.suffix,
              }
            : { unit: plan.measured.unit, whole: false, least: -mostTyped, greatest: mostTyped }),
          put: (before, number) => {
            const after = withAnswer(before, name, number)
            return option.changesScore && number !== answer ? asUnjudged(after) : after
          },
        },
        { chosen: value !== null, silent: value === null },
      )
    }
  }
}

function wordsProblem(text: string, option: Extract<WayOption, { kind: 'words' }>): string | null {
  const words = wordsOf(text, option)
  const fewest = option.fewest ?? 0
  if (words.length < fewest) return `Type at least ${fewest} of them, with commas between: ${option.like}.`
  const taken = words.find((one) => option.reserved?.includes(one))
  return taken ? `“${taken}” comes after them by itself. Use another name.` : null
}

function wordsOf(text: string, { letters, most }: Extract<WayOption, { kind: 'words' }>): string[] {
  return [...new Set(text.split(/[,<;]/u).map((one) => one.trim().slice(0, letters)))]
    .filter(Boolean)
    .slice(0, most)
}
