import type { Plan } from '../plan'
import { listed } from '../quantity'
import { theNamed } from './named'
import { word, type MethodContext, type MethodSentence } from './word'

const most = 3
const ends: Record<MethodContext['vocabulary'], [begin: string, end: string]> = {
  plain: ['We keep ', ' the same.'],
  formal: ['The control variables are ', '.'],
  tested: ['The controlled variables are ', '.'],
}

/** "We keep the post, the height of the lamp and the table the same." */
export function keptSameClause(plan: Plan, { vocabulary }: MethodContext): MethodSentence {
  const names = plan.keptSame.flatMap(({ name }) => (name.trim() ? [theNamed(name.trim())] : []))
  const folded =
    names.length > most + 1 ? [...names.slice(0, most), `${names.length - most} more things`] : names
  const [begin, end] = ends[vocabulary]
  const text = listed(folded)
  return [
    begin,
    word('keptSame', 'Kept the same', text || 'nothing yet', { kind: 'keptSame' }, { silent: text === '' }),
    end,
  ]
}
