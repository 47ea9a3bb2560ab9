import { endSaid } from '../words'
import { type Plan, remedy } from '../plan'
import { fromCupboard, instrumentCupboard, type CupboardInstrument, type Instrument } from '../instrument'
import { convertUnit, unitDefinition } from '../quantity'
import { scoredPlan } from '../comparison'
import { usesInstrument } from '../recording'
import { judgingWord } from '../wonder'
import { cardRemedies } from './cardRemedies'
import { quoted, type FairContext, type Finding } from './finding'
import { dimensionSaid } from './impossibleLevels'

/** Ends of a scale that everybody knows: the highest is the most height. */
const plainEnds =
  /^(?:high|long|furth|farth|tall|heavi|warm|hott|cold|cool|low|short|loud|bright|dark|large|bigg|small|thick|thinn|wid|deep|few|slow|light|near|clos|lat|earli|old|young|new)est$/i

/**
 * The word by which a question asks for a best that has to be given a meaning, such as "strongest" or "toughest"; null where it asks for none.
 * @example asksForBest('Which paper is the best?') // 'best'
 */
export function asksForBest(question: string): string | null {
  const word = judgingWord(question)
  return word === null || plainEnds.test(word) ? null : word
}

/** Findings about what is measured: nothing, the wrong instrument, or a "best" that nobody has defined. */
export function measuredFindings(
  plan: Plan,
  { words, cupboard = instrumentCupboard }: FairContext,
): Finding[] {
  return [
    ...nothingMeasured(plan, words.measured),
    ...wrongInstrument(plan, cupboard),
    ...unitNotOfName(plan),
    ...notMeasurable(plan, cupboard),
    ...bestUndefined(plan),
  ]
}

function nothingMeasured(plan: Plan, measuredWords: string): Finding[] {
  if (plan.measured.name.trim()) return []
  return [
    {
      code: 'nothing-measured',
      severity: 'mend',
      field: 'measured',
      reason: `Nothing is measured yet, so nobody could tell a difference. Say ${measuredWords}.`,
      remedies: cardRemedies(plan, ['could-measure'], 'measured', 'Measure'),
    },
  ]
}

function wrongInstrument(plan: Plan, cupboard: readonly CupboardInstrument[]): Finding[] {
  if (!usesInstrument(plan)) return []
  const { instrument, unit, name } = plan.measured
  const wanted = unitDefinition(unit)
  const read = unitDefinition(instrument.unit)
  if (wanted.dimension === read.dimension) return []
  const said = dimensionSaid(name)
  // A height that is read in seconds needs another unit, not another instrument.
  const fitting =
    said?.dimension === read.dimension
      ? []
      : cupboard.filter((one) => unitDefinition(one.unit).dimension === wanted.dimension)
  return [
    {
      code: 'wrong-instrument',
      severity: 'mend',
      field: 'measured',
      reason: `A ${quoted(instrument.name)} reads ${read.spoken}, not ${wanted.spoken}.`,
      remedies: [
        ...fitting.slice(0, 2).map((one) =>
          remedy(`Use a ${quoted(one.name)}`, (before) => ({
            measured: { ...before.measured, unit: one.unit, instrument: fromCupboard(one) },
          })),
        ),
        // A temperature does not come in centimetres, whatever the stick says.
        ...(said === null || said.dimension === read.dimension
          ? [
              remedy(`Measure in ${read.spoken}`, (before) => ({
                measured: { ...before.measured, unit: before.measured.instrument.unit },
              })),
            ]
          : []),
      ],
    },
  ]
}

/** A bounce height in seconds: the unit does not belong to what is named. */
function unitNotOfName(plan: Plan): Finding[] {
  const { name, unit } = plan.measured
  const said = dimensionSaid(name)
  const { dimension, spoken } = unitDefinition(unit)
  if (!usesInstrument(plan) || said === null || said.dimension === dimension || dimension === 'count')
    return []
  if (unitDefinition(plan.measured.instrument.unit).dimension !== dimension) return []
  if (said.dimension === 'mass' && dimension === 'force') return []
  return [
    {
      code: 'measured-unit-does-not-belong',
      severity: 'mend',
      field: 'measured',
      reason: `“${quoted(name)}” is not measured in ${spoken}. Measure it in ${said.units}, or name what is measured.`,
      remedies: [],
    },
  ]
}

/** What is expected lies off the scale, or differs by less than a mark. */
function notMeasurable(plan: Plan, cupboard: readonly CupboardInstrument[]): Finding[] {
  // What is expected is a score, which may lie on another scale than what is read.
  const scored = scoredPlan(plan)
  const { expected, measured } = scored
  const { instrument, unit } = measured
  if (!expected || unitDefinition(unit).dimension !== unitDefinition(instrument.unit).dimension) return []
  const [lowest, highest] = [expected.first, expected.last]
    .map((value) => convertUnit(value, unit, instrument.unit))
    .sort((a, b) => a - b) as [number, number]
  const reads = (one: Instrument) => one.least <= lowest && one.greatest >= highest
  const tells = (one: Instrument) => highest - lowest >= one.smallestMark
  const off = !reads(instrument)
  if (!off && (tells(instrument) || highest === lowest)) return []
  const asRead = scored.measured.instrument === plan.measured.instrument
  const better = (asRead ? cupboard : []).filter(
    (one) =>
      one.unit === instrument.unit && one.name !== instrument.name && reads(one) && (off || tells(one)),
  )
  return [
    {
      code: off ? 'off-the-scale' : 'finer-than-a-mark',
      severity: 'mend',
      field: 'measured',
      reason: off
        ? `What we expect lies off the scale of the ${quoted(instrument.name)}, so it could not be read.`
        : `The difference we expect is smaller than one mark of the ${quoted(instrument.name)}, so all levels would look alike.`,
      remedies: better.slice(0, 2).map((one) =>
        remedy(`Use a ${quoted(one.name)}`, (before) => ({
          measured: { ...before.measured, instrument: fromCupboard(one) },
        })),
      ),
    },
  ]
}

function bestUndefined(plan: Plan): Finding[] {
  const word = asksForBest(plan.question)
  if (!word || plan.best) return []
  const { most, least } = endsSaid(plan)
  return [
    {
      code: 'best-undefined',
      severity: 'mend',
      field: 'question',
      reason: `What does “${word.toLowerCase()}” mean here? Say which end wins, so that everyone judges alike.`,
      remedies: [
        remedy(`It means ${most}`, () => ({ best: 'most' })),
        remedy(`It means ${least}`, () => ({ best: 'least' })),
      ],
    },
  ]
}

function endsSaid(plan: Plan): { most: string; least: string } {
  if (plan.measured.name.trim() === '')
    return { most: 'the most of what we measure', least: 'the least of it' }
  const { measured } = scoredPlan(plan)
  return { most: endSaid(measured, 'most'), least: endSaid(measured, 'least') }
}
