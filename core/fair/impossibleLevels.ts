import { levelName, type Plan, remedy } from '../plan'
import { convertUnit, unitDefinition, type Dimension } from '../quantity'
import { quoted, type Finding } from './finding'

/** Words that name a quantity, with what it is measured in. */
const quantities: [words: RegExp, dimension: Dimension, units: string][] = [
  [/\b(?:temperature|warmth|degrees)\b/i, 'temperature', 'degrees'],
  [/\b(?:height|length|width|depth|thickness|distance|diameter)\b/i, 'length', 'centimetres'],
  [/\b(?:mass|weight)s?\b(?! held)/i, 'mass', 'grams'],
  [/\b(?:time|duration|minutes|seconds)\b(?! of (?:day|year))/i, 'time', 'seconds or minutes'],
  [/\b(?:volume|amount of (?:water|milk|oil|juice|liquid|vinegar))\b/i, 'volume', 'millilitres'],
  [/\b(?:force)\b/i, 'force', 'newtons'],
]

/**
 * What a name says it is measured in; null where it says nothing, or two things.
 * @example dimensionSaid('drop height')?.dimension // 'length'
 */
export function dimensionSaid(name: string): { dimension: Dimension; units: string } | null {
  const found = quantities.filter(([words]) => words.test(name))
  const [first] = found
  return found.length === 1 && first ? { dimension: first[1], units: first[2] } : null
}

/** Findings about levels that the thing cannot have: half a magnet, −1 layers, water at 150 °C, a height in grams. */
export function impossibleLevels(plan: Plan): Finding[] {
  const { changed } = plan
  if (changed.kind !== 'number' || changed.unit === null) return []
  const unit = unitDefinition(changed.unit)
  const said = dimensionSaid(changed.name)
  // A weight is loaded in grams, and pulled with in newtons.
  const fits =
    said === null ||
    said.dimension === unit.dimension ||
    (said.dimension === 'mass' && unit.dimension === 'force')
  if (!fits && unit.dimension !== 'count')
    return [
      {
        code: 'unit-does-not-belong',
        severity: 'mend',
        field: 'changed',
        reason: `“${quoted(changed.name)}” is not measured in ${unit.spoken}. Choose ${said.units}, or name what is changed.`,
        remedies: [],
      },
    ]
  const wrong = plan.levels.filter((level) => level.value !== null && whyNot(plan, level.value) !== null)
  const [first] = wrong
  if (!first) return []
  return [
    {
      code: 'level-impossible',
      severity: 'mend',
      field: 'levels',
      reason: `${levelName(plan, first)}: ${whyNot(plan, first.value ?? 0) ?? ''}`,
      remedies: [
        remedy(`Take ${levelName(plan, first)} out`, (before) => ({
          levels: before.levels.filter((level) => level.id !== first.id),
        })),
      ],
    },
  ]
}

/** Things that are counted whole: nobody folds half a layer. */
const wholeThings =
  /\b(?:magnets?|layers?|marbles?|washers?|clips?|coins?|children|people|balls?|bulbs?|batter(?:y|ies)|beans?|seeds?|folds?|jumps?|star jumps?|books?|straws?|wheels?|cards?|sheets?|pegs?|turns?|holes?)\b/i

function whyNot({ changed }: Plan, value: number): string | null {
  const { unit, name } = changed
  if (unit === null) return null
  const { dimension } = unitDefinition(unit)
  if (dimension === 'temperature') {
    const celsius = convertUnit(value, unit, 'C')
    const isLiquid =
      /\b(?:water|bath|milk|tea|drink|liquid)\b/i.test(name) ||
      !/\b(?:oven|iron|air|freezer|outside|ice)\b/i.test(name)
    if (isLiquid && celsius > 100) return 'water boils at 100 °C and gets no hotter.'
    if (/\bwater\b/i.test(name) && celsius < 0) return 'below 0 °C water is ice.'
    return celsius < -273.15 ? 'nothing is that cold.' : null
  }
  if (value < 0) return 'there is no less than none of it.'
  if (dimension === 'count' && !Number.isInteger(value) && wholeThings.test(name)) return 'they come whole.'
  return null
}
