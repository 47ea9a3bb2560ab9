import { levelName, type Making, type Material, type MaterialRule, type Plan } from '../../plan'
import { pieceSize, sheetName } from './piecesClause'
import { ingredientsSaid } from './describeLine'
import { isSizedBy } from './sizeOf'

const rules: Record<MaterialRule, string> = {
  class: 'for the class',
  turns: 'in turns',
  group: 'per group',
  child: 'per child',
  level: 'per level',
  try: 'per try',
  'level-try': 'per level x try',
  'child-try': 'per child and try',
  value: 'as many as the level says',
}

/**
 * A line of the kit as somebody could have typed it, so that it is changed by typing over it.
 * @example typeLine(line, plan) // '2 sheets of card per level, used up, 10% spare'
 */
export function typeLine(
  { name, amount, unit, per, use, spare, level, place, made }: Omit<Material, 'id'>,
  plan: Pick<Plan, 'changed' | 'levels'>,
): string {
  const only = plan.levels.find((one) => one.id === level)
  const number = Number(amount.toPrecision(12)).toString()
  // "100 g of weights" is an amount, "100 g weights" would be weights of that size.
  const plainly = /^(?:mL|L|g|kg|cm|m|mm)$/.test(unit) && !isSizedBy(name, unit)
  const counted = unit === '' ? '' : ` ${unit}${plainly ? '' : ' of'}`
  const [plain, cut] = made ? makingParts(made, name, amount) : [name, '']
  const parts = [
    `${number}${counted} ${made && isCut(made) ? cutName(made, plain, cut) : plain} ${rules[per]}`,
    only ? `only for level ${levelName(plan, only)}` : '',
    made && !isCut(made) ? cut : '',
    use === 'reused' ? 'used again' : 'used up',
    `${spare.value}${spare.kind === 'percent' ? '%' : ''} spare`,
    place === 'tray' ? 'on the tray' : place === 'front' ? 'at the front' : 'with the teacher',
  ]
  return parts.filter(Boolean).join(', ')
}

const isCut = ({ kind }: Making) => kind === 'pieces' || kind === 'lengths'

/** What is cut, its size and from what; a length after its name, so that "1 200 cm" is not taken for one number. */
function cutName(made: Making, plain: string, cut: string): string {
  const [size, from] = cut.split(' from ')
  return made.kind === 'lengths' ? `${plain} ${size} from ${from}` : `${size} ${plain} from ${from}`
}

/** The plain name, and the clause that says how it is made ready. */
function makingParts(made: Making, name: string, amount: number): [plain: string, clause: string] {
  switch (made.kind) {
    case 'solution':
      return [name, `${made.amount} ${made.unit} ${made.of} to ${made.inMillilitres} mL`]
    case 'series':
      return [name, `${made.unit} ${made.of} to ${made.inMillilitres} mL by level`]
    case 'recipe':
      return [name, `made from ${ingredientsSaid(made, amount)}`]
    case 'pieces': {
      const plain = withoutEnd(name, `, ${pieceSize(made)}`)
      const from = withoutEnd(made.from, `, ${sheetName(made)}`)
      const source =
        made.sheetHeight === 0
          ? `a ${sheetName(made)} ${from === plain || from === 'roll' ? '' : `${from} `}roll`
          : `${from === plain ? '' : `${from} `}${sheetName(made)}`
      const size = made.round ? `${pieceSize(made).replace(/ across$/, '')} circles of` : pieceSize(made)
      const hem = made.hem === undefined ? '' : `, with ${made.hem} cm hem`
      return [plain, `${size} from ${source}${hem}`]
    }
    case 'lengths':
      return [withoutEnd(name, `, ${made.length} cm`), `${made.length} cm from ${made.stickLength} cm sticks`]
  }
}

const withoutEnd = (text: string, end: string) => (text.endsWith(end) ? text.slice(0, -end.length) : text)
