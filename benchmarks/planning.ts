import { accusedPlans, passedFlaws } from '../core/fair/tests/judgePlans'
import { flawedPlans, heldBackFlaws } from '../core/fair/tests/flawed'
import { heldBackSound, soundPlans } from '../core/fair/tests/sound'
import { heldBackLines, openLines } from '../core/kit/typed/lines'
import { readAsText } from '../core/kit/typed/readAsText'
import { judgeDangers, judgeHarmless, type JudgedLine } from '../core/safety/tests/lines/judgeLines'
import { examplePlan } from '../core/testing/examplePlan'
import { judgeQuestions } from '../core/wonder/sorting/judgeQuestions'
import { heldBackQuestions, openQuestions } from '../core/wonder/sorting/table'
import type { Figure } from './figure'

const share = (part: number, all: number) => (100 * part) / all
const at = (name: string, part: number, all: number, goal: Figure['goal']): Figure => ({
  name,
  value: share(part, all),
  unit: '%',
  goal,
  note: `${part} of ${all}`,
})

/** How often what teachers type is read, sorted and judged rightly: of tables that the rules were written by, and of what was held back. */
export function planning(): Figure[] {
  return [...questions(), ...plans(), ...lines(), ...cautions()]
}

function questions(): Figure[] {
  return (
    [
      ['questions', openQuestions],
      ['questions held back', heldBackQuestions],
    ] as const
  ).flatMap(([name, table]) => {
    const judged = judgeQuestions(table)
    const wrong = judged.filter((one) => one.given !== null && one.given !== one.sort)
    return [
      at(`${name}: sorted wrongly`, wrong.length, judged.length, { most: 5 }),
      at(`${name}: sorted at all`, judged.filter((one) => one.given !== null).length, judged.length, {
        least: 75,
      }),
    ]
  })
}

function plans(): Figure[] {
  return (
    [
      ['', flawedPlans, soundPlans],
      [' held back', heldBackFlaws, heldBackSound],
    ] as const
  ).flatMap(([name, flaws, sound]) => {
    const [found, judged] = [passedFlaws(flaws), accusedPlans(sound)]
    return [
      at(`flawed plans${name}: caught`, found.all - found.passed.length, found.all, { least: 85 }),
      at(`sound plans${name}: accused`, judged.accused.length, judged.all, { most: 5 }),
    ]
  })
}

function lines(): Figure[] {
  const plan = examplePlan()
  return (
    [
      ['kit lines', openLines],
      ['kit lines held back', heldBackLines],
    ] as const
  ).flatMap(([name, table]) => {
    const right = table.filter(([typed, read]) => readAsText(typed, plan) === read)
    const silent = table.filter(([typed, read]) => ![read, 'ask'].includes(readAsText(typed, plan)))
    return [
      at(`${name}: read right`, right.length, table.length, { least: 90 }),
      at(`${name}: silently wrong`, silent.length, table.length, { most: 0 }),
    ]
  })
}

function cautions(): Figure[] {
  const [dangers, harmless] = [judgeDangers(), judgeHarmless()]
  const figure = (name: string, all: JudgedLine[], heldBack: boolean, most: number) => {
    const own = all.filter((one) => one.heldBack === heldBack)
    const wrong = own.filter((one) => one.wrong.length > 0)
    return at(`${name}${heldBack ? ' held back' : ''}`, wrong.length, own.length, { most })
  }
  return [false, true].flatMap((heldBack) => [
    figure('lines with a danger that was missed', dangers, heldBack, 100 / 60),
    figure('harmless lines with a false caution', harmless, heldBack, 300 / 60),
  ])
}
